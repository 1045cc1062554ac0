-- One shelf: a lot is whatever is kept there, told by facts its kind knows. Spools become lots of wire under their own ids; the ledger
-- counts whatever a lot is counted in, and says of each move what it was.
create table lot (
    id            uuid primary key,
    version       integer not null,
    workshop_id   uuid not null references workshop (id),
    created_at    timestamptz not null,
    updated_at    timestamptz not null,
    deleted_at    timestamptz,
    kind          text not null,
    name          text not null check (length(name) between 1 and 120),
    facts         jsonb not null,
    facts_version integer not null,
    known         boolean not null,
    unit_price    double precision check (unit_price >= 0),
    bought_on     date,
    use_by        date,
    tare_g        double precision check (tare_g >= 0),
    low_mark      double precision check (low_mark >= 0),
    place         text not null check (length(place) <= 120),
    note          text not null check (length(note) <= 4000),
    check (kind <> 'wire' or (facts ->> 'diameter')::double precision between 0.05 and 12)
);
create index on lot (workshop_id);

insert into lot (id, version, workshop_id, created_at, updated_at, deleted_at, kind, name, facts, facts_version, known, unit_price, place, note)
select id, version, workshop_id, created_at, updated_at, deleted_at, 'wire', name, jsonb_build_object(
    'metal', metal, 'temper', replace(lower(temper), '_', '-'), 'diameter', wire_diameter_mm, 'comes-as', 'spool'),
    1, length_known, price_per_metre, '', coalesce(note, '')
from spool;

alter table stock_move drop constraint stock_move_lot_id_fkey;
alter table reading drop constraint reading_lot_id_fkey;
alter table stock_move add constraint stock_move_lot_id_fkey foreign key (lot_id) references lot (id);
alter table reading add constraint reading_lot_id_fkey foreign key (lot_id) references lot (id);
drop table spool;

create table stocktaking (
    id          uuid primary key,
    workshop_id uuid not null references workshop (id),
    taken_at    timestamptz not null,
    note        text not null check (length(note) <= 4000)
);
create index on stocktaking (workshop_id, taken_at);

alter table stock_move rename column length_mm to amount;
alter table stock_move drop constraint stock_move_why_check;
alter table stock_move
    add check (why in ('COUNTED', 'USED', 'RECEIVED', 'RETURNED', 'LOST', 'SPLIT', 'UNDONE')),
    add column note text not null default '' check (length(note) <= 4000),
    add column stocktaking_id uuid references stocktaking (id),
    add column undoes uuid unique references stock_move (id);

-- What jobs not yet made will take of a lot.
create table reservation (
    job_id      uuid not null references job (id),
    lot_id      uuid not null references lot (id),
    workshop_id uuid not null references workshop (id),
    amount      double precision not null check (amount >= 0),
    primary key (job_id, lot_id)
);
create index on reservation (lot_id);
-- Told anew as each job is looked at.
update job set glance = null;
