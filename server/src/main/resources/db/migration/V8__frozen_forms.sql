-- The form of a form run as it stood when the run began, with its marks and its shape after every step: no wire measured anew moves them.
create table frozen_form (
    run_id uuid primary key references form_run (id),
    form   text not null
);
