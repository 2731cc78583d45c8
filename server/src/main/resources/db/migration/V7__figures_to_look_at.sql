-- Figures of a draft that came with the starting point and that nobody has looked at yet, as a JSON list of their names.
alter table policy_version add column unseen_figures varchar(4000) default '[]' not null;
