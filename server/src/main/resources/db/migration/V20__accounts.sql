-- Who may come in over the yard's network.
create table account (
    id         uuid primary key,
    name       text not null,
    role       varchar(10) not null,
    password   text not null,
    made_at    timestamptz not null,
    closed_at  timestamptz
);
create unique index account_name on account (lower(name)) where closed_at is null;

-- Tablets that were paired: each comes in for the account that paired it, until it is taken out.
create table device (
    id         uuid primary key,
    account_id uuid not null references account (id) on delete cascade,
    name       text not null,
    paired_at  timestamptz not null,
    revoked_at timestamptz
);

-- Codes that pair one tablet once; kept as their hashes.
create table pairing (
    code       text primary key,
    account_id uuid not null references account (id) on delete cascade,
    until      timestamptz not null
);

-- Who changed what.
create table change_made (
    id         bigserial primary key,
    at         timestamptz not null,
    who        text not null,
    device     text,
    method     varchar(8) not null,
    path       text not null
);
create index change_made_at on change_made (at desc);

-- Sessions of whoever is signed in, as the session library has them.
create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval int not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea not null,
    primary key (session_primary_id, attribute_name)
);
