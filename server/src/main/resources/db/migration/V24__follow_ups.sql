-- What is looked at again after the work.
create table follow_up (
    id         uuid primary key,
    job_id     uuid not null references job (id) on delete cascade,
    order_id   uuid references bay_order (id) on delete cascade,
    kind       varchar(40),
    version    bigint not null,
    body       jsonb not null
);
create index follow_up_job on follow_up (job_id);
-- Signed work brings each kind once.
create unique index follow_up_order on follow_up (order_id, kind) where order_id is not null;

-- What became of it; only ever added to.
create table follow_up_event (
    id           uuid primary key,
    follow_up_id uuid not null references follow_up (id) on delete cascade,
    at           timestamptz not null,
    body         jsonb not null
);
create index follow_up_event_of on follow_up_event (follow_up_id, at);

-- How a truck is used while nobody records it.
create table truck_use (
    job_id     uuid primary key references job (id) on delete cascade,
    version    bigint not null,
    body       jsonb not null
);

-- What a recorded drive did to its truck, worked out once for the rows that it has.
create table run_use (
    run_id     uuid primary key references run (id) on delete cascade,
    body       jsonb not null
);

-- Calendars that fetch the follow-ups by a secret address, kept as its hash.
create table calendar_feed (
    id         uuid primary key,
    secret     varchar(64) not null unique,
    name       text not null,
    made_at    timestamptz not null
);
