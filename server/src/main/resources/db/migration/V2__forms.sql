-- Form jobs, their runs, what was measured on them. Lengths are millimetres. Parameters are a form's own, by id.
create table form_job (
    id               uuid primary key,
    version          integer not null,
    created_at       timestamptz not null,
    updated_at       timestamptz not null,
    deleted_at       timestamptz,
    name             text not null check (length(name) between 1 and 120),
    form_id          text not null,
    spool_id         uuid references spool (id),
    metal            text not null,
    temper           text not null,
    wire_diameter_mm double precision not null,
    parameters       jsonb not null,
    hand             text not null,
    pieces           integer not null check (pieces between 1 and 2000),
    rhythm           text not null,
    cutting          text not null,
    plain_from_mm    double precision not null,
    tail_factor      double precision not null,
    note             text not null default ''
);

create table form_run (
    id           uuid primary key,
    version      integer not null,
    created_at   timestamptz not null,
    updated_at   timestamptz not null,
    deleted_at   timestamptz,
    job_id       uuid not null references form_job (id),
    plan         text not null,
    step         integer not null check (step >= 0),
    counts       text not null,
    wire_used_mm double precision not null default 0,
    finished_at  timestamptz,
    note         text not null default ''
);
create unique index one_open_form_run_per_job on form_run (job_id) where finished_at is null and deleted_at is null;

create table form_measurement (
    id           uuid primary key,
    version      integer not null,
    created_at   timestamptz not null,
    updated_at   timestamptz not null,
    deleted_at   timestamptz,
    run_id       uuid references form_run (id),
    session_id   uuid,
    form_id      text not null,
    spool_id     uuid references spool (id),
    wire_mm      double precision not null,
    measured     text not null,
    value        double precision not null,
    predicted    double precision,
    tail_mm      double precision,
    taken_at     timestamptz not null,
    note         text not null default ''
);
create index form_measurement_by_run on form_measurement (run_id);
create index form_measurement_by_form on form_measurement (form_id);
