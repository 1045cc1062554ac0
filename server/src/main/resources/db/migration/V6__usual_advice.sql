-- From which wire on plain loops are trusted: nothing, while no rule was chosen and the usual advice holds.
alter table form_job alter column plain_from_mm drop not null;
update form_job set plain_from_mm = null where plain_from_mm = 1;
update preference
set choices = (choices::jsonb - 'plainFromMm')::text
where (choices::jsonb ->> 'plainFromMm')::double precision = 1;
