-- a run of one leaver, closed before the run of the group: whose it is, 0 for a run of the whole group
alter table pay_run add column off_cycle_of bigint default 0 not null;
