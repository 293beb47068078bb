-- What a student's attempts at one station of one session come to, so that progress need not judge every attempt of a year anew. Derived:
-- a row whose attempts have changed since it was counted (changes <> counted) is counted again by whoever reads it.
create table station_result (
    student_id    uuid not null references account,
    session_id    uuid not null references practice_session,
    drill_id      varchar(60) not null,
    drill_version integer not null,
    station       integer not null,
    changes       bigint  not null,
    counted       bigint  not null,
    attempts      integer default 0 not null,
    potted        integer default 0 not null,
    thick         integer default 0 not null,
    thin          integer default 0 not null,
    tries         integer default 0 not null,
    successes     integer default 0 not null,
    landings      integer default 0 not null,
    line_squares  double precision default 0 not null,
    speed_squares double precision default 0 not null,
    spread_freedom integer default 0 not null,
    passed        boolean default false not null,
    pots          integer default 0 not null,
    radial_logs   double precision default 0 not null,
    primary key (student_id, session_id, drill_id, station)
);
create index station_result_to_count on station_result (student_id, counted, changes);
insert into station_result (student_id, session_id, drill_id, drill_version, station, changes, counted)
    select student_id, session_id, drill_id, max(drill_version), station, 1, 0 from attempt
    group by student_id, session_id, drill_id, station;

-- Where a student's cue ball first meets the cushion with one stroke at three tip heights: their own map, by table and day.
create table template_mark (
    id            uuid primary key,
    student_id    uuid not null references account,
    table_id      uuid not null references club_table,
    taken_on      date not null,
    tip           varchar(10) not null check (tip in ('STUN', 'HIGH', 'LOW')),
    cushion       varchar(20) not null,
    along_millimetres double precision not null,
    written_by    uuid not null references account
);
create index template_mark_by_student on template_mark (student_id, table_id, taken_on);

