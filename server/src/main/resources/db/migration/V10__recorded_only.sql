-- kinds of absence that are only recorded have no balance anywhere
alter table policy add column recorded_only boolean default false not null;
alter table policy add column employees_ask boolean default true not null;
