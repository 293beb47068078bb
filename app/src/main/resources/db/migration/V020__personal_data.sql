-- Somebody whose data goes for good on a day, unless it is called off before.
create table erasure (
    account_id uuid primary key references account,
    way        varchar(12) not null,
    asked_by   uuid not null references account,
    asked_at   timestamp(3) with time zone not null,
    due_at     timestamp(3) with time zone not null
);

-- Who has gone: only a hash of the id, so that an older backup that is put back does not bring them back.
create table erased_account (
    account_hash varchar(64) primary key,
    erased_at    timestamp(3) with time zone not null
);
