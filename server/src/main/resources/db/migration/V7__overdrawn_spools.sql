-- How much more was wound off a spool than it was said to hold: what is put back again comes off this first, so that an undo is exact.
alter table spool add column overdrawn_mm double precision not null default 0 check (overdrawn_mm >= 0);
