-- People sign in. Whoever has no password yet is entered from the machine itself.
alter table workshop add column demo boolean not null default false;
alter table person
  add column role varchar(12) not null default 'OWNER',
  add column sign_in varchar(60) null,
  add column password varchar(120) null,
  add column joined_at datetime(3) null,
  add column left_at datetime(3) null,
  add unique index person_by_sign_in (sign_in),
  add index person_of_workshop (workshop_id, left_at);
-- Codes that invite somebody or let a forgotten password be set anew, kept as what they hash to.
create table access_code (
  id bigint not null auto_increment primary key,
  hash char(64) not null,
  workshop_id bigint not null,
  kind varchar(8) not null,
  name varchar(60) not null,
  role varchar(12) null,
  person_id bigint null,
  until_at datetime(3) not null,
  unique index code_by_hash (hash),
  index code_of_workshop (workshop_id, kind),
  constraint code_workshop foreign key (workshop_id) references workshop (id) on delete cascade,
  constraint code_person foreign key (person_id) references person (id) on delete cascade
);
-- How often something was tried within a quarter of an hour, for all copies of the server together.
create table attempt (
  what varchar(120) not null,
  quarter bigint not null,
  many int not null,
  primary key (what, quarter)
);
-- Who did what, in words.
create table audit_line (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  at datetime(3) not null,
  who varchar(60) not null,
  kind varchar(16) not null,
  words varchar(400) not null,
  index audit_of_workshop (workshop_id, id),
  constraint audit_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
-- As the library has it.
create table SPRING_SESSION (
  PRIMARY_ID char(36) not null,
  SESSION_ID char(36) not null,
  CREATION_TIME bigint not null,
  LAST_ACCESS_TIME bigint not null,
  MAX_INACTIVE_INTERVAL int not null,
  EXPIRY_TIME bigint not null,
  PRINCIPAL_NAME varchar(100),
  primary key (PRIMARY_ID)
) row_format=dynamic;
create unique index SPRING_SESSION_IX1 on SPRING_SESSION (SESSION_ID);
create index SPRING_SESSION_IX2 on SPRING_SESSION (EXPIRY_TIME);
create index SPRING_SESSION_IX3 on SPRING_SESSION (PRINCIPAL_NAME);
create table SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID char(36) not null,
  ATTRIBUTE_NAME varchar(200) not null,
  ATTRIBUTE_BYTES blob not null,
  primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  constraint SPRING_SESSION_ATTRIBUTES_FK foreign key (SESSION_PRIMARY_ID) references SPRING_SESSION (PRIMARY_ID) on delete cascade
) row_format=dynamic;
