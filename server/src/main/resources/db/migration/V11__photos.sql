-- Photographs of a job, as they were sent; what was clicked on them is in its sections.
create table photo (
    id uuid primary key,
    job_id uuid not null references job (id) on delete cascade,
    sent_at timestamptz not null,
    kind varchar(20) not null,
    width integer not null,
    height integer not null,
    content bytea not null
);
create index photo_job on photo (job_id);
