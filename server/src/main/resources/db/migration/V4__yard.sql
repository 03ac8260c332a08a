-- The yard's own settings: one row.
create table yard (
    id       integer primary key check (id = 1),
    version  bigint not null,
    name     text not null,
    currency text not null
);
insert into yard (id, version, name, currency) values (1, 0, 'The yard', 'EUR');
