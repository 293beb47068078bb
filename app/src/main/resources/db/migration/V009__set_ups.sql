-- What is worked out for a set-up (ways to play, usual stroke, where its landings fall), by the hash of what it is made of: never worked out twice.
create table set_up (
    digest      varchar(64) primary key,
    body        character large object not null,
    computed_at timestamp(3) with time zone not null
);

-- A later shot of a pattern is judged from where the shot before left the cue ball. When that is changed afterwards, its line of arrival is worked out
-- again; who looks at the later shot's history sees that and why.
alter table attempt add column arrival_pending boolean default false not null;

create table attempt_rework (
    attempt_id     uuid not null references attempt (id) on delete cascade,
    worked_out_at  timestamp(3) with time zone not null,
    because_of     uuid not null,
    degrees_before double precision,
    degrees_after  double precision,
    primary key (attempt_id, worked_out_at)
);
