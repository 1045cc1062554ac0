-- Thousands of finished runs change no list's time: the latest of a job, the newest of all, and what was measured last are found, not sought.
create index latest_run_of_a_job on run (job_id, created_at desc) where deleted_at is null;
create index newest_runs on run (workshop_id, created_at desc, id desc) where deleted_at is null;
create index latest_readings on reading (quantity, taken_at desc) where deleted_at is null;
