-- What the yard asks for its work.
alter table yard add column hourly_rate double precision not null default 60;
alter table yard add column tax_percent double precision not null default 20;
alter table yard add column consumables_percent double precision not null default 5;

-- Papers that somebody has signed, with all that they were made of. They never change.
create table signed_paper (
    id         uuid primary key,
    job_id     uuid not null references job (id) on delete cascade,
    kind       varchar(20) not null,
    build      varchar(24) not null,
    title      text not null,
    signed_by  text not null,
    signed_on  text not null,
    signed_at  timestamptz not null,
    hash       text not null,
    snapshot   text not null,
    pdf        bytea not null
);
create index signed_paper_job on signed_paper (job_id);
