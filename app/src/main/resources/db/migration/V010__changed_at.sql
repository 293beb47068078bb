-- When an attempt was last written or its line of arrival found: a recording screen asks only for what is newer than what it has.
alter table attempt add column changed_at timestamp(3) with time zone;
update attempt set changed_at = current_timestamp;
alter table attempt alter column changed_at set not null;
create index attempt_changed on attempt (session_id, changed_at);
