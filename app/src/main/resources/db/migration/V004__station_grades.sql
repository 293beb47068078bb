-- Simulated grades by what they were worked out from: the same question is never simulated twice.
create table station_grade (
    question    varchar(64) primary key,
    body        varchar(1000) not null,
    computed_at timestamp(3) with time zone not null
);
