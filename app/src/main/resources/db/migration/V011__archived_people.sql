-- Somebody who has left: kept with everything recorded, in no list and without a sign-in until brought back.
alter table account add column archived_at timestamp(3) with time zone;
