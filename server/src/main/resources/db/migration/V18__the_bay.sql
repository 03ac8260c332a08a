-- Work that was begun. A plan never changes: where the rest of the work is put in order anew, there
-- is another one. What happens is only ever added, each with an id from the device it happened on.
create table bay_order (
    id         uuid primary key,
    job_id     uuid not null references job (id) on delete cascade,
    build      varchar(24) not null,
    title      text not null,
    begun_at   timestamptz not null,
    begun_by   text not null,
    signed_at  timestamptz,
    -- Number of the last thing that happened; whoever adds one holds this row.
    last       bigint not null
);
create index bay_order_job on bay_order (job_id);

create table bay_plan (
    order_id   uuid not null references bay_order (id) on delete cascade,
    number     integer not null,
    plan       jsonb not null,
    primary key (order_id, number)
);

create table bay_event (
    id         uuid primary key,
    order_id   uuid not null references bay_order (id) on delete cascade,
    seq        bigint not null,
    kind       varchar(20) not null,
    step       varchar(90),
    event      jsonb not null,
    -- Of a step that is done: whose minutes it shares, those that are usual and those it took.
    family     varchar(40),
    usual      integer,
    took       double precision,
    unique (order_id, seq)
);
create index bay_event_family on bay_event (family) where family is not null;

create table bay_photo (
    id         uuid primary key,
    order_id   uuid not null references bay_order (id) on delete cascade,
    sent_at    timestamptz not null,
    width      integer not null,
    height     integer not null,
    content    bytea not null
);
create index bay_photo_order on bay_photo (order_id);
