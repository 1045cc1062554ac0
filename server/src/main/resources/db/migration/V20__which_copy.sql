-- Which of a run's copies was measured, from 0, and how often the like had come to nothing before: what is learnt of the first one is
-- of the one that was kept.
alter table reading add column copy integer;
alter table reading add column lost integer;
