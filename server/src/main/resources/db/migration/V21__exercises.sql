-- Which exercise a reading was practised in. Until now there was one: ten loops.
alter table reading add column exercise text;
update reading set exercise = 'ten-loops', context = context || '{"practised": {"exercise": "ten-loops", "criterion": "inside"}}'
where session_id is not null and quantity = 'LOOP_INSIDE' and run_id is null;
create index practised_readings on reading (exercise, taken_at desc) where deleted_at is null and exercise is not null;
