-- Tries at the door of late, so that guessing is cut short over a restart too; a right password takes its own away.
create table door_try (
    id          uuid primary key,
    workshop_id uuid not null references workshop (id),
    address     text not null,
    tried_at    timestamptz not null
);
create index on door_try (workshop_id, address, tried_at);
