-- What is left of a lot is the sum of its moves; a move, once made, is never changed. What was said to be left, and what its runs took
-- off it, are its first moves, so that an undo of any of them is exact.
create table stock_move (
    id        uuid primary key,
    lot_id    uuid not null references spool (id),
    length_mm double precision not null,
    why       text not null check (why in ('COUNTED', 'USED')),
    run_id    uuid references run (id),
    operation text,
    moved_at  timestamptz not null
);
create index stock_move_by_lot on stock_move (lot_id, moved_at);

alter table spool add column length_known boolean not null default false;
update spool set length_known = true where length_left_mm is not null;

insert into stock_move (id, lot_id, length_mm, why, moved_at)
select gen_random_uuid(), s.id,
    s.length_left_mm - s.overdrawn_mm + coalesce((
        select sum(d.value::double precision) from run r, jsonb_each_text(r.drawn::jsonb) d where d.key = s.id::text), 0),
    'COUNTED', s.created_at
from spool s where s.length_left_mm is not null;

insert into stock_move (id, lot_id, length_mm, why, run_id, moved_at)
select gen_random_uuid(), s.id, -d.value::double precision, 'USED', r.id, r.updated_at
from run r, jsonb_each_text(r.drawn::jsonb) d join spool s on s.id::text = d.key;

alter table spool drop column length_left_mm, drop column overdrawn_mm;

-- Every row belongs to a workshop; there is one.
create table workshop (
    id   uuid primary key,
    name text not null
);
insert into workshop (id, name) values ('00000000-0000-4000-8000-000000000001', 'The workshop');
do $$
declare
    owned text;
begin
    foreach owned in array array['spool', 'mandrel', 'cutter', 'job', 'run', 'reading', 'stock_move', 'preference', 'own_weave'] loop
        execute format('alter table %I add column workshop_id uuid not null'
            || ' default ''00000000-0000-4000-8000-000000000001'' references workshop (id)', owned);
        execute format('alter table %I alter column workshop_id drop default', owned);
        execute format('create index on %I (workshop_id)', owned);
    end loop;
end $$;
