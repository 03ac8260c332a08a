-- Who comes to the yard with what: customers, and their trucks and trailers under them.
create table book_entry (
    id         uuid primary key,
    version    bigint not null,
    sort       varchar(10) not null,
    owner_id   uuid references book_entry (id) on delete cascade,
    body       jsonb not null
);
create index book_entry_owner on book_entry (owner_id);

-- Which truck a job is about, and which trailer it tows.
create table job_entry (
    job_id     uuid primary key references job (id) on delete cascade,
    truck_id   uuid references book_entry (id) on delete set null,
    trailer_id uuid references book_entry (id) on delete set null
);
create index job_entry_truck on job_entry (truck_id);
