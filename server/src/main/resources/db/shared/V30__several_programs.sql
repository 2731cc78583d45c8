-- what programs on one database tell each other

create table try_count (
    throttle varchar(40) not null,
    what varchar(64) not null,
    tries int not null,
    until timestamp not null,
    primary key (throttle, what)
);

create table known_address (
    what varchar(64) primary key,
    until timestamp not null
);

create table work_progress (
    token varchar(80) primary key,
    what varchar(200) not null,
    done int not null,
    total int not null,
    told_at timestamp not null
);

-- as ShedLock has it
create table shedlock (
    name varchar(64) primary key,
    lock_until timestamp not null,
    locked_at timestamp not null,
    locked_by varchar(255) not null
);

-- as Spring Session has it
create table spring_session (
    primary_id char(36) not null,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100),
    primary key (primary_id)
);

create unique index spring_session_by_id on spring_session (session_id);
create index spring_session_by_expiry on spring_session (expiry_time);
create index spring_session_by_name on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name),
    foreign key (session_primary_id) references spring_session (primary_id) on delete cascade
);
