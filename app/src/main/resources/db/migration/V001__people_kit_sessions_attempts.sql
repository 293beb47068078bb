create table account (
    id             uuid primary key,
    name           varchar(80)  not null,
    sign_in_name   varchar(60)  not null unique,
    password_hash  varchar(255),
    role           varchar(10)  not null check (role in ('COACH', 'STUDENT')),
    head_coach     boolean      not null,
    dialect        varchar(20)  not null,
    length_unit    varchar(20)  not null,
    theme          varchar(10)  not null,
    created_at     timestamp(3) with time zone not null
);

create table coaching (
    coach_id   uuid not null references account,
    student_id uuid not null references account,
    primary key (coach_id, student_id)
);
create index coaching_by_student on coaching (student_id);

-- Only a hash of the link's token is kept: whoever reads this table cannot sign in with it.
create table invitation (
    token_hash varchar(64) primary key,
    account_id uuid not null references account,
    expires_at timestamp(3) with time zone not null
);

create table club_table (
    id         uuid primary key,
    name       varchar(80) not null,
    version    integer     not null,
    numbers    varchar(4000) not null,
    sort_order integer     not null
);

create table ball_set (
    id                            uuid primary key,
    name                          varchar(80) not null,
    version                       integer not null,
    cue_ball_diameter_millimetres double precision not null,
    cue_ball_mass_kilograms       double precision not null,
    object_ball_diameter_millimetres double precision not null,
    object_ball_mass_kilograms    double precision not null
);

create table cue (
    id                      uuid primary key,
    name                    varchar(80) not null,
    version                 integer not null,
    tip_diameter_millimetres double precision not null,
    end_mass_ratio          double precision not null
);

-- A session keeps the numbers of its table, balls and cue as they were, beside their ids.
create table practice_session (
    id            uuid primary key,
    student_id    uuid not null references account,
    started_by    uuid not null references account,
    drill_id      varchar(60) not null,
    drill_version integer not null,
    table_id      uuid not null references club_table,
    table_version integer not null,
    table_name    varchar(80) not null,
    table_numbers varchar(4000) not null,
    cue_id        uuid not null references cue,
    cue_numbers   varchar(1000) not null,
    ball_set_id   uuid not null references ball_set,
    started_at    timestamp(3) with time zone not null,
    closed_at     timestamp(3) with time zone
);
create index session_by_student on practice_session (student_id, started_at desc);

create table attempt (
    id                     uuid primary key,
    session_id             uuid not null references practice_session,
    drill_id               varchar(60) not null,
    drill_version          integer not null,
    station                integer not null,
    mirrored               boolean not null,
    try_id                 uuid    not null,
    shot                   integer not null,
    sequence               bigint  not null,
    device_id              varchar(60) not null,
    revision               integer not null,
    deleted                boolean not null,
    outcome                varchar(40) not null,
    foul                   boolean not null,
    in_off                 boolean not null,
    landing_x_millimetres  double precision,
    landing_y_millimetres  double precision,
    placed_by              varchar(20),
    placing_sd_millimetres double precision,
    played_at              timestamp(3) with time zone not null,
    late                   boolean not null
);
create index attempt_in_order on attempt (session_id, sequence, device_id);

-- The audit trail: every revision as it was written. Nothing is ever removed from it.
create table attempt_revision (
    attempt_id uuid not null references attempt,
    revision   integer not null,
    body       varchar(4000) not null,
    written_by uuid not null references account,
    written_at timestamp(3) with time zone not null,
    primary key (attempt_id, revision)
);

create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null unique,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval int not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    binary varying(1000000) not null,
    primary key (session_primary_id, attribute_name)
);
