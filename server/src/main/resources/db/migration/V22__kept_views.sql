-- views of a table that somebody keeps under a name; what is wanted is written by the page that shows the table
create table kept_view (
    sign_in_id bigint not null references sign_in (id),
    place varchar(20) not null,
    name varchar(40) not null,
    wanted varchar(4000) not null,
    primary key (sign_in_id, place, name)
);
