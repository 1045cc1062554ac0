-- The workshop: wire and tools in stock, ring jobs, their runs, what was measured, and how the maker likes things.
-- Lengths are millimetres, masses grams. Nothing is erased: what is taken away gets a deleted_at.

create table spool (
    id               uuid primary key,
    version          integer not null,
    created_at       timestamptz not null,
    updated_at       timestamptz not null,
    deleted_at       timestamptz,
    name             text not null check (length(name) between 1 and 120),
    metal            text not null,
    temper           text not null,
    wire_diameter_mm double precision not null check (wire_diameter_mm between 0.05 and 12),
    length_left_mm   double precision check (length_left_mm >= 0),
    price_per_metre  double precision check (price_per_metre >= 0),
    note             text not null default ''
);

create table mandrel (
    id                uuid primary key,
    version           integer not null,
    created_at        timestamptz not null,
    updated_at        timestamptz not null,
    deleted_at        timestamptz,
    name              text not null check (length(name) between 1 and 120),
    kind              text not null,
    diameter_mm       double precision not null check (diameter_mm between 0.2 and 200),
    usable_length_mm  double precision not null check (usable_length_mm between 5 and 3000),
    note              text not null default ''
);

create table cutter (
    id         uuid primary key,
    version    integer not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz,
    name       text not null check (length(name) between 1 and 120),
    method     text not null,
    loss_mm    double precision not null check (loss_mm between 0 and 5),
    flipped    boolean not null,
    note       text not null default ''
);

create table ring_job (
    id                   uuid primary key,
    version              integer not null,
    created_at           timestamptz not null,
    updated_at           timestamptz not null,
    deleted_at           timestamptz,
    name                 text not null check (length(name) between 1 and 120),
    spool_id             uuid references spool (id),
    metal                text not null,
    temper               text not null,
    wire_diameter_mm     double precision not null,
    convention           text not null,
    aim_value            double precision not null,
    ring_count           integer not null,
    spare_percent        double precision not null,
    turns_per_ring       integer not null,
    cut_method           text not null,
    cut_loss_mm          double precision not null,
    cut_flipped          boolean not null,
    winding              text not null,
    lead_mm              double precision not null,
    tail_mm              double precision not null,
    spoilt_turns_per_end integer not null,
    usable_mandrel_mm    double precision not null,
    note                 text not null default ''
);

create table ring_run (
    id           uuid primary key,
    version      integer not null,
    created_at   timestamptz not null,
    updated_at   timestamptz not null,
    deleted_at   timestamptz,
    job_id       uuid not null references ring_job (id),
    plan         text not null,
    step         integer not null check (step >= 0),
    counts       text not null,
    wire_used_mm double precision not null default 0,
    finished_at  timestamptz,
    note         text not null default ''
);
create unique index one_open_run_per_job on ring_run (job_id) where finished_at is null and deleted_at is null;

create table measurement (
    id                  uuid primary key,
    version             integer not null,
    created_at          timestamptz not null,
    updated_at          timestamptz not null,
    deleted_at          timestamptz,
    spool_id            uuid references spool (id),
    run_id              uuid references ring_run (id),
    step                integer,
    measured            text not null,
    value_mm            double precision not null,
    wire_diameter_mm    double precision not null,
    mandrel_diameter_mm double precision not null,
    cut_method          text not null,
    cut_loss_mm         double precision not null,
    cut_flipped         boolean not null,
    turns_per_ring      integer not null,
    predicted_mm        double precision,
    taken_at            timestamptz not null,
    note                text not null default ''
);
create index measurement_by_spool on measurement (spool_id);
create index measurement_by_run on measurement (run_id);

create table preference (
    id         uuid primary key,
    version    integer not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz,
    choices    text not null
);
