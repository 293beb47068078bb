-- Lessons, practice, tables taken, holidays and busy times; on the clock of the club's wall.
create table calendar_entry (
    id          uuid primary key,
    owner_id    uuid not null references account,
    kind        varchar(16) not null,
    title       varchar(80) not null,
    first_day   date not null,
    starts_at   time,
    minutes     integer not null,
    -- The last day of which some of it can be: what a month is looked up by.
    last_day    date not null,
    table_id    uuid references club_table,
    everyone    boolean not null,
    every_weeks integer,
    until_day   date,
    without     varchar(20000) not null,
    revision    integer not null,
    archived    boolean not null,
    changed_by  uuid not null references account,
    changed_at  timestamp(3) with time zone not null
);
create index calendar_entry_by_day on calendar_entry (last_day, first_day);

create table calendar_entry_student (
    entry_id   uuid not null references calendar_entry,
    place      integer not null,
    student_id uuid not null references account,
    primary key (entry_id, place)
);
create index calendar_entry_by_student on calendar_entry_student (student_id);

-- A secret address for other calendars, one for a person; only the hash of it is kept.
create table calendar_feed (
    account_id uuid primary key references account,
    token_hash varchar(64) not null unique,
    made_at    timestamp(3) with time zone not null,
    read_at    timestamp(3) with time zone
);

-- What holds for the whole club.
create table club_setting (
    name  varchar(32) primary key,
    setting varchar(200) not null
);
