-- Drills that coaches made. A version that was played is never written again: sessions refer to it for ever.
create table own_drill (
    id             varchar(60) primary key,
    owner_id       uuid not null references account,
    shared         boolean not null,
    put_away       boolean not null,
    latest_version integer not null,
    revision       integer not null,
    changed_at     timestamp(3) with time zone not null
);
create index own_drill_by_owner on own_drill (owner_id);

create table own_drill_version (
    drill_id varchar(60) not null references own_drill,
    version  integer not null,
    body     character large object not null,
    saved_at timestamp(3) with time zone not null,
    primary key (drill_id, version)
);

create index session_by_drill on practice_session (drill_id, drill_version);

create table favourite_drill (
    account_id uuid not null references account,
    drill_id   varchar(60) not null,
    primary key (account_id, drill_id)
);

create table drill_folder (
    id         uuid primary key,
    account_id uuid not null references account,
    name       varchar(60) not null,
    unique (account_id, name)
);

create table foldered_drill (
    folder_id uuid not null references drill_folder on delete cascade,
    drill_id  varchar(60) not null,
    primary key (folder_id, drill_id)
);
