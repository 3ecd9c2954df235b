-- What a list of orders shows and searches, beside the document it is read from at each save.
alter table plan
  add column client varchar(120) not null default '',
  add column place varchar(200) not null default '',
  add column stage varchar(12) not null default 'MEASURE',
  add column stack text null,
  add column archived_at datetime(3) null;

alter table person
  add column hand_mm double not null default 0.7;

create table cupboard_item (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  kind varchar(12) not null,
  name varchar(80) not null,
  across_mm double not null,
  notes varchar(200) not null,
  version int not null,
  constraint item_workshop foreign key (workshop_id) references workshop (id),
  index item_by_kind (workshop_id, kind, across_mm)
);

create table picture (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  plan_id bigint not null,
  caption varchar(120) not null,
  width int not null,
  height int not null,
  bytes longblob not null,
  added_at datetime(3) not null,
  constraint picture_workshop foreign key (workshop_id) references workshop (id),
  constraint picture_plan foreign key (plan_id) references plan (id) on delete cascade,
  index picture_of_plan (workshop_id, plan_id)
);
