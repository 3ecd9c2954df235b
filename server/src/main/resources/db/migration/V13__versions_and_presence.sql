-- Who saved, and what somebody called it; what has a name is kept.
alter table plan_revision
  add column person_id bigint null,
  add column name varchar(80) null;
alter table plan add column thinned_at datetime(3) null;
-- Who looks at which plan, and where in it. What is older than a minute is nobody any more.
create table presence (
  plan_id bigint not null,
  device varchar(40) not null,
  person_id bigint not null,
  who varchar(60) not null,
  place varchar(80) not null,
  seen_at datetime(3) not null,
  primary key (plan_id, device),
  constraint presence_plan foreign key (plan_id) references plan (id) on delete cascade
);
