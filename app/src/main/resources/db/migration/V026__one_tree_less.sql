-- A session's attempts are found by its foreign key and put in order in memory: some hundreds, read as a whole wherever they are read. In exchange every
-- recorded shot writes one page less.
drop index attempt_in_order;
