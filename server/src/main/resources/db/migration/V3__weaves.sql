-- Solved weaves, for 1 mm wire, by the weave's text and its rings' aspect ratios. A cache: may be emptied at any time.
create table solved_weave (
    question  text primary key,
    answer    text not null,
    solved_at timestamptz not null
);
