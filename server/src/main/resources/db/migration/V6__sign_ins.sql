alter table sign_in add column active boolean default true not null;
alter table sign_in alter column password_hash set null;

-- a link that was sent to set a password; kept as a hash, used once
create table password_link (
    token_hash varchar(64) primary key,
    sign_in_id bigint not null references sign_in (id),
    until timestamp not null
);

create index audit_record_of_subject on audit_record (subject, subject_id);
create index audit_record_by_time on audit_record (at);
