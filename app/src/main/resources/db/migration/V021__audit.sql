-- Who saw and changed what about whom, one line a day for each kind of doing. Nothing in the application changes a line; after a year it goes.
create table audit_entry (
    id         bigint generated always as identity primary key,
    on_day     date not null,
    actor_id   uuid not null references account,
    subject_id uuid not null references account,
    deed       varchar(10) not null,
    area       varchar(30) not null,
    times      integer not null,
    first_at   timestamp(3) with time zone not null,
    last_at    timestamp(3) with time zone not null
);
create index audit_entry_about on audit_entry (subject_id, last_at);
create index audit_entry_by on audit_entry (actor_id, last_at);
