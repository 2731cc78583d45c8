-- mail that is to leave: stored with what it tells of, delivered afterwards
alter table mail_message add column place varchar(200) default '' not null;
alter table mail_message add column sent_at timestamp;
alter table mail_message add column tries int default 0 not null;
alter table mail_message add column next_try timestamp;
alter table mail_message add column problem varchar(300) default '' not null;
-- what was written before lies in the folder already
update mail_message set sent_at = at;

create index mail_to_deliver on mail_message (sent_at, next_try);

-- how somebody wants to be told of something by mail; nothing said is at once
create table notice_choice (
    person_id bigint not null references person (id),
    topic varchar(20) not null,
    by_mail varchar(20) not null,
    primary key (person_id, topic)
);

-- whether a notice waits for the day's summary
alter table notice add column for_summary boolean default false not null;

create index notice_for_summary on notice (for_summary);

-- what is done once a day, and the last day on which it was
create table daily_work (
    name varchar(40) primary key,
    done_on date not null
);

-- when those asked were last reminded of a request
alter table leave_request add column reminded_on date;

-- who is told of a team's absences besides those who ask and decide
create table told_of_team (
    team_id bigint not null references team (id),
    person_id bigint not null references person (id),
    primary key (team_id, person_id)
);
