-- the code from an app that is asked for after the password
create table second_step (
    sign_in_id bigint primary key references sign_in (id),
    secret varchar(64) not null,
    confirmed boolean not null,
    last_used bigint not null
);

create table recovery_code (
    sign_in_id bigint not null references sign_in (id),
    code_hash varchar(64) not null,
    primary key (sign_in_id, code_hash)
);

create table second_step_role (
    role varchar(20) primary key
);

-- one row
create table ways_in (
    passwords boolean not null,
    directory_comes_in boolean not null
);

insert into ways_in (passwords, directory_comes_in) values (true, false);

-- who somebody is to the provider of single sign-on
create table provider_identity (
    sign_in_id bigint primary key references sign_in (id),
    issuer varchar(300) not null,
    subject varchar(255) not null,
    constraint provider_identity_once unique (issuer, subject)
);
