-- since when nobody can tell who it was; null for everybody with a name
alter table person add column nameless_since date;

-- how long after the last day somebody's name stays; one row, or none where it stays for ever
create table leavers_rule (
    months int not null
);

-- whose name stays all the same, as long as this is not taken back
create table kept_name (
    person_id bigint primary key references person (id),
    reason varchar(200) not null,
    kept_by varchar(120) not null,
    at timestamp not null
);
