-- Weave jobs, their runs, and the maker's own weaves. Lengths are millimetres.
create table weave_job (
    id                uuid primary key,
    version           integer not null,
    created_at        timestamptz not null,
    updated_at        timestamptz not null,
    deleted_at        timestamptz,
    name              text not null check (length(name) between 1 and 120),
    weave_id          text not null,
    spool_id          uuid references spool (id),
    metal             text not null,
    wire_diameter_mm  double precision not null,
    inner_diameter_mm jsonb not null,
    piece             jsonb not null,
    colours           jsonb not null,
    note              text not null default ''
);

create table weave_run (
    id           uuid primary key,
    version      integer not null,
    created_at   timestamptz not null,
    updated_at   timestamptz not null,
    deleted_at   timestamptz,
    job_id       uuid not null references weave_job (id),
    plan         text not null,
    step         integer not null check (step >= 0),
    counts       text not null,
    wire_used_mm double precision not null default 0,
    finished_at  timestamptz,
    note         text not null default ''
);
create unique index one_open_weave_run_per_job on weave_run (job_id) where finished_at is null and deleted_at is null;

create table own_weave (
    id         uuid primary key,
    version    integer not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz,
    text       text not null
);
