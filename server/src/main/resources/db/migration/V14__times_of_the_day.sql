-- from when to when somebody works on each weekday of a schedule, where that is said, and the break in it
create table schedule_times (
    person_id bigint not null references person (id),
    starts date not null,
    weekday int not null,
    begins time not null,
    ends time not null,
    break_begins time,
    break_ends time,
    primary key (person_id, starts, weekday)
);

-- hours that follow from times can have four decimals
alter table person_schedule alter column monday set data type decimal(7, 4);
alter table person_schedule alter column tuesday set data type decimal(7, 4);
alter table person_schedule alter column wednesday set data type decimal(7, 4);
alter table person_schedule alter column thursday set data type decimal(7, 4);
alter table person_schedule alter column friday set data type decimal(7, 4);
alter table person_schedule alter column saturday set data type decimal(7, 4);
alter table person_schedule alter column sunday set data type decimal(7, 4);

-- leave from one time to another
alter table leave_day add column from_time time;
alter table leave_day add column to_time time;
