-- How each person reads the tip's place on the ball, and pace.
alter table account add column tip_notation varchar(20) default 'TIPS' not null;
alter table account add column pace_notation varchar(20) default 'SCALE' not null;
