-- What the last whole fit of a skill has found of its stations, so that a start goes on from it. Nothing about people is in it.
create table ability_snapshot (
    skill       varchar(16) primary key,
    as_of       timestamp(3) with time zone not null,
    calibration binary large object not null
);
