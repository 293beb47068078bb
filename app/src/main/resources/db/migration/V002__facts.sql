-- What a landing cannot show, one entry for each demand that somebody spoke about; JSON, null where there is none.
alter table attempt add column facts varchar(2000);
