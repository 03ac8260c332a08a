-- Drives that are recorded as they happen. One server holds each; another one takes over what has
-- had no beat for a while.
create table live_drive (
    id          uuid primary key,
    job_id      uuid not null references job (id) on delete cascade,
    build       varchar(24) not null,
    run_id      uuid not null references run (id) on delete cascade,
    address     text not null,
    from_km     double precision not null,
    began_at    timestamptz not null,
    ended_at    timestamptz,
    -- Somebody wants it to end.
    stop        boolean not null default false,
    holder      varchar(40),
    beat        timestamptz,
    -- How far it is kept: the gauge's drive and row, the run's track, and when that began on the gauge.
    gauge_drive text,
    gauge_row   bigint not null default 0,
    track       smallint
);
create index live_drive_open on live_drive (job_id) where ended_at is null;
