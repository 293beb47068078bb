-- One report that somebody without a sign-in may read for a while.
create table share_link (
    id         uuid primary key,
    token_hash varchar(64) not null unique,
    student_id uuid not null references account,
    made_by    uuid not null references account,
    made_at    timestamp(3) with time zone not null,
    expires_at timestamp(3) with time zone not null,
    opened     integer default 0 not null,
    report     blob not null
);
create index share_link_by_student on share_link (student_id);

-- Secrets with which a program or a device acts for somebody, no further than their scope.
create table access_token (
    id           uuid primary key,
    account_id   uuid not null references account,
    name         varchar(60) not null,
    token_hash   varchar(64) not null unique,
    scope        varchar(10) not null,
    made_at      timestamp(3) with time zone not null,
    expires_at   timestamp(3) with time zone not null,
    last_used_at timestamp(3) with time zone
);
create index access_token_by_account on access_token (account_id);

-- A second secret at the sign-in, kept by an authenticator app; it counts once it has been confirmed by a code.
create table authenticator (
    account_id   uuid primary key references account,
    secret       varchar(64) not null,
    confirmed_at timestamp(3) with time zone,
    last_step    bigint default 0 not null
);
create table recovery_code (
    account_id uuid not null references account,
    code_hash  varchar(64) not null,
    used_at    timestamp(3) with time zone,
    primary key (account_id, code_hash)
);
