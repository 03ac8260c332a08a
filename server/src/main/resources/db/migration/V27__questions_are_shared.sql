-- Questions that take long, for servers that others than they were asked at are asked again for:
-- when somebody asked last, and the answer once there is one.
create table question (
    id         uuid primary key,
    asked_at   timestamptz not null,
    answer     text,
    failed     boolean not null default false
);
create index question_asked on question (asked_at);
