-- A strip as it was cut: wire leaves its lot as it is cut, for the jobs it is cut for. A run that comes to use it later finds it gone
-- from the shelf already and takes nothing twice.
create table cut (
    id          uuid primary key,
    workshop_id uuid not null references workshop (id),
    lot_id      uuid not null references lot (id),
    content     jsonb not null,
    cut_at      timestamptz not null,
    undone_at   timestamptz
);
create index on cut (workshop_id, cut_at);

alter table stock_move drop constraint stock_move_why_check;
alter table stock_move
    add check (why in ('COUNTED', 'USED', 'RECEIVED', 'RETURNED', 'LOST', 'SPLIT', 'CUT', 'CUT_AWAY', 'WAS_CUT', 'UNDONE')),
    add column job_id uuid references job (id),
    add column cut_id uuid references cut (id);
create index on stock_move (job_id) where job_id is not null;
create index on stock_move (cut_id) where cut_id is not null;
