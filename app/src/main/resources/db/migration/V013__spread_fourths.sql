-- How heavy the tails of a place's landings are, so that its spread's interval is as wide as it has to be. What was counted without is counted again.
alter table station_result add column line_fourths double precision default 0 not null;
alter table station_result add column speed_fourths double precision default 0 not null;
alter table station_result add column spread_values integer default 0 not null;
update station_result set changes = changes + 1, spread_freedom = 0 where spread_freedom > 0;
