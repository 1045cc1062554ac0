-- Photos of a run: what is told of each, and the picture itself in two sizes beside it, so that a list never reads one.
create table photo (
    id          uuid primary key,
    version     integer not null,
    workshop_id uuid not null references workshop (id),
    created_at  timestamptz not null,
    updated_at  timestamptz not null,
    deleted_at  timestamptz,
    run_id      uuid not null references run (id) on delete cascade,
    operation   text check (length(operation) <= 200),
    note        text not null check (length(note) <= 4000),
    width       integer not null check (width between 1 and 1600),
    height      integer not null check (height between 1 and 1600)
);
create index on photo (run_id, created_at);
create index photos_taken_away on photo (deleted_at) where deleted_at is not null;

create table photo_picture (
    id          uuid primary key references photo (id) on delete cascade,
    workshop_id uuid not null references workshop (id),
    whole       bytea not null,
    small       bytea not null
);
