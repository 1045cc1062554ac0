-- What a gram of a metal cost on a day.
create table metal_price (
    id          uuid primary key,
    version     integer not null,
    workshop_id uuid not null references workshop (id),
    created_at  timestamptz not null,
    updated_at  timestamptz not null,
    deleted_at  timestamptz,
    metal       text not null,
    day         date not null,
    per_gram    double precision not null check (per_gram >= 0),
    note        text not null check (length(note) <= 4000)
);
create index on metal_price (workshop_id, metal, day);
