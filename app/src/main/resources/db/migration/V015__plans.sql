-- What a student works towards in a skill, and how much the skill counts in their plans.
create table practice_goal (
    student_id uuid not null references account,
    skill      varchar(16) not null,
    weight     double precision not null,
    grade      integer,
    by_day     date,
    primary key (student_id, skill)
);

-- Plans of sessions, and patterns to make them from. The lines are read with their plan and never searched.
create table practice_plan (
    id         uuid primary key,
    owner_id   uuid not null references account,
    title      varchar(80) not null,
    pattern    boolean not null,
    on_day     date,
    minutes    double precision not null,
    band_low   double precision not null,
    band_high  double precision not null,
    mixed      boolean not null,
    with_test  boolean not null,
    table_id   uuid references club_table,
    items      varchar(100000) not null,
    revision   integer not null,
    archived   boolean not null,
    changed_by uuid not null references account,
    changed_at timestamp(3) with time zone not null
);
create index plan_by_owner on practice_plan (owner_id, on_day);

create table practice_plan_student (
    plan_id    uuid not null references practice_plan,
    place      integer not null,
    student_id uuid not null references account,
    primary key (plan_id, place)
);
create index plan_by_student on practice_plan_student (student_id);
