-- how many days after a period's last day its pay falls; a Saturday or Sunday gives way to the Friday before
alter table pay_group add column paid_after int default 5 not null;

-- the day a run is paid on: that of its group's rule, or another that somebody has chosen
alter table pay_run add column pays_on date;

/* [jooq ignore start] */
update pay_run set pays_on = dateadd('DAY', 5, last_day);
update pay_run set pays_on = dateadd('DAY', 5 - iso_day_of_week(pays_on), pays_on)
    where iso_day_of_week(pays_on) > 5;
/* [jooq ignore stop] */

alter table pay_run alter column pays_on set not null;
