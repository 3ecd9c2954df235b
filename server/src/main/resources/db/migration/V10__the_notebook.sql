-- What jobs took. The record itself is a document; what is searched, summed and sorted stands beside it.
create table work_record (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  plan_id bigint null,
  task varchar(160) null,
  job varchar(120) not null,
  subject varchar(100) not null,
  begun varchar(16) not null,
  who varchar(40) not null,
  plain_minutes double not null,
  minutes double not null,
  waiting boolean not null,
  edited boolean not null,
  document text not null,
  unique index record_of_task (plan_id, task),
  index record_of_subject (workshop_id, subject, begun),
  index record_of_job (workshop_id, job, begun),
  constraint record_workshop foreign key (workshop_id) references workshop (id) on delete cascade,
  constraint record_plan foreign key (plan_id) references plan (id) on delete set null
);
-- A workshop's notebook: counted up with every change, so that every copy of the server knows when its rates are old; and which
-- rates are switched off, one a line.
create table notebook (
  workshop_id bigint not null primary key,
  version bigint not null,
  off text not null,
  constraint notebook_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
insert into notebook (workshop_id, version, off) select id, 0, '' from workshop;
-- How far a plan's journal has been read into the notebook.
create table notebook_mark (
  plan_id bigint not null primary key,
  place bigint not null,
  revision int not null,
  constraint mark_plan foreign key (plan_id) references plan (id) on delete cascade
);
-- Whether a piece of the plan was weighed while it dried: that speaks without any journal.
alter table plan add column weighed boolean not null default false;
update plan set weighed = true where document like '%"weighed":[{%';
-- What somebody rehearsed, and how it came out.
create table practice_result (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  person_id bigint not null,
  drill varchar(16) not null,
  seed bigint not null,
  was_right boolean not null,
  score double not null,
  mark_mm double null,
  done_at datetime(3) not null,
  index practice_of_person (workshop_id, person_id, id),
  constraint practice_workshop foreign key (workshop_id) references workshop (id) on delete cascade,
  constraint practice_person foreign key (person_id) references person (id) on delete cascade
);
