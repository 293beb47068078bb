-- Two who change the same thing at once notice each other.
alter table practice_session add column version integer default 0 not null;
alter table account add column version integer default 0 not null;
alter table observation_list add column version integer default 0 not null;
alter table student_routine add column version integer default 0 not null;

-- A club has one founder: whoever gets this row is its head coach, however many ask at once.
create table club_founder (
    only_one   boolean default true primary key check (only_one),
    account_id uuid not null references account
);
insert into club_founder (account_id) select id from account where head_coach order by created_at fetch first 1 row only;

-- A session that nobody ended closes by itself.
alter table practice_session add column closed_by_itself boolean default false not null;
create index session_open on practice_session (closed_at);

-- What a device's clock said, where it could not be right; and who recorded an attempt first.
alter table attempt add column said_played_at timestamp(3) with time zone;
alter table attempt add column recorded_by uuid references account;
update attempt set recorded_by = (select r.written_by from attempt_revision r where r.attempt_id = attempt.id and r.revision = 0);

-- Room for the longest that may be sent, written as JSON.
alter table attempt_revision alter column body varchar(20000);
alter table attempt alter column facts varchar(8000);
alter table attempt alter column observations varchar(4000);

-- What happened to an account that its owner should know of.
create table account_notice (
    id          uuid primary key,
    account_id  uuid not null references account on delete cascade,
    kind        varchar(30) not null,
    by_name     varchar(80) not null,
    happened_at timestamp(3) with time zone not null
);
create index account_notice_by_account on account_notice (account_id, happened_at);

-- Secrets of this installation, made at the first start that needs them.
create table installation_secret (
    name  varchar(40) primary key,
    secret varchar(200) not null
);
