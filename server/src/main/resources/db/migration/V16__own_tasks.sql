-- The yard's own tasks, one row: a file that is laid over those that ship.
create table own_tasks (
    id      integer primary key check (id = 1),
    version bigint not null,
    file    jsonb not null
);
