-- Rack runs: layouts that are kept, racks that were played, their shots as they were written down.
create table rack_layout (
    id         uuid primary key,
    name       varchar(80) not null,
    game       varchar(40) not null,
    layout     varchar(6000) not null,
    made_up    boolean not null,
    made_by    uuid not null references account,
    changed_at timestamp(3) with time zone not null,
    archived   boolean default false not null
);

create table rack (
    id            uuid primary key,
    student_id    uuid not null references account,
    table_id      uuid not null references club_table,
    table_name    varchar(80) not null,
    table_numbers varchar(8000) not null,
    game          varchar(40) not null,
    rules         varchar(300) not null,
    layout        varchar(6000) not null,
    origin        varchar(16) not null,
    break_down    integer,
    break_in_off  boolean,
    plan          varchar(20000),
    note          varchar(500) not null,
    started_at    timestamp(3) with time zone not null,
    -- What the shots come to, worked out whenever one is written.
    end_reason    varchar(16),
    potted        integer not null,
    points        integer not null,
    -- What the layout was worth to this student when it was begun; none: not worked out yet.
    chance        double precision,
    chance_error  double precision,
    begun_by      uuid not null references account,
    revision      integer not null
);
create index rack_by_student on rack (student_id, started_at desc);
create index rack_without_chance on rack (chance, started_at);

create table rack_shot (
    id         uuid primary key,
    rack_id    uuid not null references rack,
    number     integer not null,
    shot       varchar(6000) not null,
    withdrawn  boolean not null,
    taken_by   uuid not null references account,
    changed_at timestamp(3) with time zone not null
);
create index rack_shot_by_rack on rack_shot (rack_id, number);
