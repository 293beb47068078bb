-- Three or four weeks of a student: what each week is for follows from these few numbers (BlockPlan in the core).
create table practice_block (
    id             uuid primary key,
    student_id     uuid not null references account,
    owner_id       uuid not null references account,
    title          varchar(80) not null,
    begins_on      date not null,
    weeks          integer not null,
    weekdays       varchar(40) not null,
    minutes        integer not null,
    focus          varchar(200) not null,
    new_shot       varchar(60),
    new_minutes    integer not null,
    mixed          boolean not null,
    table_id       uuid references club_table,
    revision       integer not null,
    archived       boolean not null,
    changed_by     uuid not null references account,
    changed_at     timestamp(3) with time zone not null
);
create index practice_block_by_student on practice_block (student_id, begins_on);

-- Of which week of which block a plan is.
alter table practice_plan add column block_id uuid references practice_block;
alter table practice_plan add column block_week integer;
create index plan_by_block on practice_plan (block_id, block_week);

-- How the drills of a session were ordered: BLOCKED or MIXED; none where nobody has said.
alter table practice_session add column practice_order varchar(8);
