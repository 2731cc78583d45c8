-- where somebody works changes on dates: one row a stretch of days, the first from before every hire date
create table person_placement (
    person_id bigint not null references person (id),
    starts date not null,
    through date not null,
    site_id bigint not null references site (id),
    team_id bigint not null references team (id),
    employment_type varchar(20) not null,
    pay_group_id bigint not null references pay_group (id),
    approver_id bigint references person (id),
    primary key (person_id, starts)
);

insert into person_placement
select id, date '1900-01-01', date '9999-12-31', site_id, team_id, employment_type, pay_group_id, approver_id from person;

create index person_placement_by_team on person_placement (team_id);
create index person_placement_by_approver on person_placement (approver_id);

alter table person drop column site_id;
alter table person drop column team_id;
alter table person drop column employment_type;
alter table person drop column pay_group_id;
alter table person drop column approver_id;
alter table person add column clock_code varchar(12);
alter table person add constraint person_clock_code unique (clock_code);
alter table person add column earlier_id bigint references person (id);
create index person_by_name on person (name);

alter table policy add column coverage varchar(20000);
alter table policy add column retired date;
alter table policy add column edits int default 0 not null;
