-- Minors and consent, as far as the club wants to know; who has changed coach.
alter table account add column minor boolean default false not null;
alter table account add column birth_year integer;
alter table account add column guardian_name varchar(80);
alter table account add column guardian_contact varchar(120);
-- Somebody who has not practised for long, and whom the club wants to keep until then.
alter table account add column kept_until date;

create table consent (
    id           uuid primary key,
    student_id   uuid not null references account,
    kind         varchar(10) not null,
    given_by     varchar(80) not null,
    given_on     date not null,
    noted_by     uuid not null references account,
    noted_at     timestamp(3) with time zone not null,
    withdrawn_at timestamp(3) with time zone,
    withdrawn_by uuid references account
);
create index consent_by_student on consent (student_id);

create table hand_over (
    id         uuid primary key,
    student_id uuid not null references account,
    from_coach uuid not null references account,
    to_coach   uuid not null references account,
    done_by    uuid not null references account,
    -- Whether the second coach came new, so that an undo takes them away again.
    joined     boolean not null,
    done_at    timestamp(3) with time zone not null,
    undone_at  timestamp(3) with time zone
);
create index hand_over_by_student on hand_over (student_id);
