-- One table of jobs, of runs, of readings, whatever is made. Everything of the three kinds before is carried over as it was: an older
-- run's plan and place keep their version and are told in today's terms when they are read.
create table job (
    id              uuid primary key,
    version         integer not null,
    created_at      timestamptz not null,
    updated_at      timestamptz not null,
    deleted_at      timestamptz,
    kind            text not null,
    name            text not null check (length(name) between 1 and 120),
    content         jsonb not null,
    content_version integer not null,
    parent_id       uuid references job (id),
    glance          text
);
create index job_by_kind on job (kind, created_at);
create index job_by_lot on job ((content ->> 'spoolId'));

insert into job (id, version, created_at, updated_at, deleted_at, kind, name, content_version, content)
select id, version, created_at, updated_at, deleted_at, 'ring', name, 1, jsonb_build_object(
    'name', name, 'spoolId', spool_id, 'metal', metal, 'temper', temper, 'wireDiameterMm', wire_diameter_mm,
    'convention', convention, 'aimValue', aim_value, 'ringCount', ring_count, 'sparePercent', spare_percent,
    'turnsPerRing', turns_per_ring,
    'cut', jsonb_build_object(
        'method', cut_method,
        'kerfMm', case when cut_method = 'saw' then cut_loss_mm end,
        'trimMm', case when cut_method = 'flush' then cut_loss_mm end,
        'flipped', case when cut_method = 'flush' then cut_flipped end),
    'winding', winding, 'leadMm', lead_mm, 'tailMm', tail_mm, 'spoiltTurnsPerEnd', spoilt_turns_per_end,
    'usableMandrelMm', usable_mandrel_mm, 'note', note)
from ring_job;

insert into job (id, version, created_at, updated_at, deleted_at, kind, name, content_version, content)
select id, version, created_at, updated_at, deleted_at, 'form', name, 1, jsonb_build_object(
    'name', name, 'formId', form_id, 'spoolId', spool_id, 'metal', metal, 'temper', temper,
    'wireDiameterMm', wire_diameter_mm, 'parameters', parameters, 'hand', hand, 'pieces', pieces, 'rhythm', rhythm,
    'cutting', cutting, 'plainFromMm', plain_from_mm, 'tailFactor', tail_factor, 'note', note)
from form_job;

insert into job (id, version, created_at, updated_at, deleted_at, kind, name, content_version, content)
select id, version, created_at, updated_at, deleted_at, 'weave', name, 1, jsonb_build_object(
    'name', name, 'weaveId', weave_id, 'spoolId', spool_id, 'metal', metal, 'wireDiameterMm', wire_diameter_mm,
    'innerDiameterMm', inner_diameter_mm, 'piece', piece, 'colours', colours, 'note', note)
from weave_job;

create table run (
    id           uuid primary key,
    version      integer not null,
    created_at   timestamptz not null,
    updated_at   timestamptz not null,
    deleted_at   timestamptz,
    job_id       uuid not null references job (id),
    kind         text not null,
    name         text not null,
    plan         text not null,
    plan_version integer not null,
    progress     text not null,
    drawn        text not null,
    glance       text,
    finished_at  timestamptz,
    note         text not null default ''
);

-- What was taken off the spool is told by the spool the plan was made with, found without reading the plan: it may be unreadable.
insert into run (id, version, created_at, updated_at, deleted_at, job_id, kind, name, plan, plan_version, progress, drawn,
    finished_at, note)
select r.id, r.version, r.created_at, r.updated_at, r.deleted_at, r.job_id, j.kind, j.name, r.plan, 1,
    '{"step":' || r.step || ',"counts":' || r.counts || '}',
    case when r.wire_used_mm = 0 or substring(r.plan from '"spoolId":"([0-9a-f-]{36})"') is null then '{}'
         else '{"' || substring(r.plan from '"spoolId":"([0-9a-f-]{36})"') || '":' || r.wire_used_mm || '}' end,
    r.finished_at, r.note
from (
    select id, version, created_at, updated_at, deleted_at, job_id, plan, step, counts, wire_used_mm, finished_at, note from ring_run
    union all
    select id, version, created_at, updated_at, deleted_at, job_id, plan, step, counts, wire_used_mm, finished_at, note from form_run
    union all
    select id, version, created_at, updated_at, deleted_at, job_id, plan, step, counts, wire_used_mm, finished_at, note from weave_run
) r join job j on j.id = r.job_id;
create unique index one_open_run_of_a_job on run (job_id) where finished_at is null and deleted_at is null;
create index run_by_job on run (job_id, created_at);

create table run_view (
    run_id uuid primary key references run (id),
    shown  text not null
);
insert into run_view (run_id, shown) select run_id, piece from frozen_piece;
insert into run_view (run_id, shown) select run_id, form from frozen_form;

create table reading (
    id         uuid primary key,
    version    integer not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz,
    run_id     uuid references run (id),
    operation  text,
    lot_id     uuid references spool (id),
    session_id uuid,
    form_id    text,
    quantity   text not null,
    value      double precision not null,
    planned    double precision,
    context    jsonb not null,
    taken_at   timestamptz not null,
    note       text not null default ''
);
create index reading_by_run on reading (run_id);
create index reading_by_lot on reading (lot_id);
create index reading_by_form on reading (form_id);

-- A ring run had five steps for each coil, the fourth of them measuring it, and measured its rings last.
insert into reading (id, version, created_at, updated_at, deleted_at, run_id, operation, lot_id, quantity, value, planned, context,
    taken_at, note)
select id, version, created_at, updated_at, deleted_at, run_id,
    case when run_id is null or step is null then null
         when measured like 'COIL%' then 'coil-' || (step / 5 + 1) || '/measure-coil'
         else 'rings/measure-rings' end,
    spool_id, measured, value_mm, predicted_mm,
    jsonb_strip_nulls(jsonb_build_object(
        'wireMm', wire_diameter_mm, 'rodMm', mandrel_diameter_mm, 'turns', turns_per_ring, 'cut', cut_method,
        'lossMm', cut_loss_mm, 'flipped', case when cut_method = 'flush' then cut_flipped end)),
    taken_at, note
from measurement;

-- What was planned of a cut length and of a finished length, and at which step, stands in the run's plan: filled in next.
insert into reading (id, version, created_at, updated_at, deleted_at, run_id, lot_id, session_id, form_id, quantity, value, planned,
    context, taken_at, note)
select id, version, created_at, updated_at, deleted_at, run_id, spool_id, session_id, form_id, measured, value,
    case when measured in ('CUT_LENGTH', 'FINISHED') then null else predicted end,
    jsonb_strip_nulls(jsonb_build_object(
        'wireMm', wire_mm, 'formId', form_id,
        'inPieceMm', case when measured = 'CUT_LENGTH' then predicted end,
        'tailMm', case when measured in ('CUT_LENGTH', 'OFFCUT', 'SHORT') then tail_mm end,
        'leastMm', case when measured = 'FINISHED' then predicted end,
        'plainMm', case when measured = 'FINISHED' then tail_mm end,
        'thickMm', case when measured = 'FLAT_WIDE' then tail_mm end)),
    taken_at, note
from form_measurement;

drop table frozen_piece, frozen_form, measurement, form_measurement, ring_run, form_run, weave_run, ring_job, form_job, weave_job;
