-- The piece of a weave run as it stood when the run began, ring by ring, with its order: later rules do not change it.
create table frozen_piece (
    run_id uuid primary key references weave_run (id),
    piece  text not null
);
