alter table person add column favourite_colour varchar(20);
alter table nowhere add column anything varchar(20);
