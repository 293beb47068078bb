-- Kit: cloths, balls and cues that come and go, the numbers each had from a moment on, and the checks that told them.
alter table club_table alter column numbers varchar(8000);
alter table practice_session alter column table_numbers varchar(8000);

alter table club_table add column archived boolean default false not null;
alter table club_table add column cloth_name varchar(80);
alter table club_table add column cloth_fitted_on date;
alter table club_table add column nap varchar(8);
alter table ball_set add column archived boolean default false not null;
alter table cue add column archived boolean default false not null;
alter table cue add column owner_id uuid references account;
-- What is taken for a game where nobody chose; names are for people and may change.
alter table ball_set add column usual_for varchar(8);
alter table cue add column usual_for varchar(8);
update ball_set set usual_for = upper(name) where name in ('Pool', 'Snooker', 'Pub');
update cue set usual_for = upper(name) where name in ('Pool', 'Snooker', 'Pub');
alter table cue add column elevation_degrees double precision default 3 not null;

-- One set of numbers of a table, a ball set or a cue, from a moment on. Never changed: another one follows.
create table kit_figures (
    id         uuid primary key,
    thing_id   uuid not null,
    thing      varchar(8) not null,
    known_from timestamp(3) with time zone not null,
    source     varchar(16) not null,
    version    integer not null,
    figures    varchar(2000) not null,
    note       varchar(200),
    check_id   uuid,
    changed_by uuid references account,
    unique (thing_id, version)
);

-- Which of the presets a club has been given; whatever is new reaches it when the server starts.
create table kit_preset (
    preset varchar(60) primary key
);
insert into kit_preset (preset)
select p.preset from (values ('table pool-9ft'), ('table pool-8ft'), ('table pool-7ft'), ('table snooker-12ft'), ('table pub-7ft'),
    ('gear pool'), ('gear snooker'), ('gear pub')) as p(preset)
where exists (select 1 from club_table);

create table kit_check (
    id         uuid primary key,
    table_id   uuid not null references club_table,
    cue_id     uuid references cue,
    -- What is being checked, while it is; nothing is checked twice at once.
    open_for   uuid unique,
    begun_by   uuid not null references account,
    begun_at   timestamp(3) with time zone not null,
    closed_at  timestamp(3) with time zone,
    taken      boolean not null,
    revision   integer not null
);
create index kit_check_by_table on kit_check (table_id, begun_at desc);
create index kit_check_by_cue on kit_check (cue_id, begun_at desc);

-- As they were written down; what was taken out stays, marked.
create table kit_reading (
    id                uuid primary key,
    check_id          uuid not null references kit_check,
    kind              varchar(8) not null,
    x_metres          double precision not null,
    y_metres          double precision not null,
    direction_degrees double precision not null,
    seconds           double precision not null,
    metres            double precision,
    aside_millimetres double precision,
    tip_side_millimetres double precision,
    confirmed         boolean not null,
    withdrawn         boolean not null,
    taken_by          uuid not null references account,
    taken_at          timestamp(3) with time zone not null,
    changed_at        timestamp(3) with time zone not null
);
create index kit_reading_by_check on kit_reading (check_id, taken_at);
