-- What was never changed is its own only state: attempt_revision keeps the states of attempts that were changed, from the first change on, and
-- who wrote the first state and when stands with the attempt. (Null in what is stored already: its first state was kept as it was written.)
alter table attempt add column recorded_at timestamp(3) with time zone;
