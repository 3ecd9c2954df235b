-- Everything belongs to a workshop, from the first table on.
create table workshop (
  id bigint not null auto_increment primary key,
  name varchar(120) not null,
  created_at datetime(3) not null
);

create table person (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  name varchar(120) not null,
  length_unit varchar(8) not null,
  tape_mm double not null,
  constraint person_workshop foreign key (workshop_id) references workshop (id)
);

create table plan (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  name varchar(120) not null,
  ready_by datetime null,
  revision int not null,
  document json not null,
  created_at datetime(3) not null,
  saved_at datetime(3) not null,
  deleted_at datetime(3) null,
  constraint plan_workshop foreign key (workshop_id) references workshop (id),
  index plan_by_day (workshop_id, deleted_at, ready_by)
);

create table plan_revision (
  plan_id bigint not null,
  revision int not null,
  document json not null,
  saved_at datetime(3) not null,
  primary key (plan_id, revision),
  constraint revision_plan foreign key (plan_id) references plan (id) on delete cascade
);
