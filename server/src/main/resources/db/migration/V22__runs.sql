-- Drives that were recorded, or read off a gauge.
create table run (
    id         uuid primary key,
    job_id     uuid not null references job (id) on delete cascade,
    version    bigint not null,
    made_at    timestamptz not null,
    began_at   timestamptz,
    body       jsonb not null
);
create index run_job on run (job_id, made_at);

-- What one device recorded of a run: its columns, and what is said of its rows.
create table run_track (
    run_id     uuid not null references run (id) on delete cascade,
    number     smallint not null,
    name       text not null,
    began_after double precision not null,
    seconds    double precision not null,
    rows       bigint not null,
    body       jsonb not null,
    primary key (run_id, number)
);

-- Its rows as they came, and the lowest, highest and mean of ever more of them together. Each run
-- has partitions of its own, so that it is taken away as fast as it is read.
create table run_row (
    run_id     uuid not null,
    track      smallint not null,
    t          double precision not null,
    v          real[] not null
) partition by list (run_id);
create index run_row_t on run_row (track, t);

create table run_span (
    run_id     uuid not null,
    track      smallint not null,
    level      smallint not null,
    from_t     double precision not null,
    to_t       double precision not null,
    n          integer not null,
    low        real[] not null,
    high       real[] not null,
    mean       real[] not null
) partition by list (run_id);
create index run_span_t on run_span (track, level, from_t);

create function run_partitions() returns trigger language plpgsql as $$
declare
    part text := replace(new.id::text, '-', '');
begin
    execute format('create table run_row_%s partition of run_row for values in (%L)', part, new.id);
    execute format('create table run_span_%s partition of run_span for values in (%L)', part, new.id);
    return null;
end $$;
create trigger run_partitions after insert on run for each row execute function run_partitions();

create function run_partitions_gone() returns trigger language plpgsql as $$
declare
    part text := replace(old.id::text, '-', '');
begin
    execute format('drop table if exists run_row_%s', part);
    execute format('drop table if exists run_span_%s', part);
    return null;
end $$;
create trigger run_partitions_gone after delete on run for each row execute function run_partitions_gone();

-- How files of one shape were read the last time.
create table log_plan (
    shape      varchar(64) primary key,
    used_at    timestamptz not null,
    body       jsonb not null
);
