-- A session has its students in the order of their turns, and its drills in the order in which they are played.
create table session_student (
    session_id uuid not null references practice_session,
    place      integer not null,
    student_id uuid not null references account,
    primary key (session_id, place)
);
create index session_by_student_taking_part on session_student (student_id);
insert into session_student select id, 0, student_id from practice_session;

create table session_drill (
    session_id    uuid not null references practice_session,
    place         integer not null,
    drill_id      varchar(60) not null,
    drill_version integer not null,
    primary key (session_id, place)
);
drop index session_by_drill;
create index session_drill_by_version on session_drill (drill_id, drill_version);
insert into session_drill select id, 0, drill_id, drill_version from practice_session;

-- When it was under way: a pause ends a stretch, going on begins the next.
create table session_stretch (
    session_id uuid not null references practice_session,
    place      integer not null,
    begun_at   timestamp(3) with time zone not null,
    ended_at   timestamp(3) with time zone,
    primary key (session_id, place)
);
insert into session_stretch select id, 0, started_at, closed_at from practice_session;

alter table practice_session add column coached boolean default true not null;
alter table practice_session add column note varchar(4000) default '' not null;

-- Who played it; the call before it; what was noted after it; the line of arrival where the cue ball did not lie where it was planned.
alter table attempt add column student_id uuid references account;
update attempt set student_id = (select s.student_id from practice_session s where s.id = attempt.session_id);
alter table attempt alter column student_id set not null;
alter table attempt add column call_pace_metres_per_second double precision;
alter table attempt add column call_height_millimetres double precision;
alter table attempt add column call_side_millimetres double precision;
alter table attempt add column observations varchar(1200);
alter table attempt add column note varchar(1000);
alter table attempt add column arrival_degrees double precision;
create index attempt_by_student on attempt (student_id, played_at);

drop index session_by_student;
create index session_started on practice_session (started_at desc);
alter table practice_session drop column student_id;
alter table practice_session drop column drill_id;
alter table practice_session drop column drill_version;

-- A coach's own short list of observations, one a line; a student's steps before each shot, one a line, and the clock between shots.
create table observation_list (
    owner_id uuid primary key references account,
    words    varchar(1000) not null
);
create table student_routine (
    student_id    uuid primary key references account,
    steps         varchar(2000) not null,
    clock_seconds integer not null
);
