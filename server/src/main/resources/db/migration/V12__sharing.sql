-- Links to one plan: what they open, until when, how often they were opened. Kept as what they hash to.
create table share_link (
  id bigint not null auto_increment primary key,
  hash char(64) not null,
  workshop_id bigint not null,
  plan_id bigint not null,
  person_id bigint not null,
  kind varchar(12) not null,
  name varchar(60) not null,
  once boolean not null,
  priced boolean not null,
  made_at datetime(3) not null,
  until_at datetime(3) not null,
  opened int not null,
  opened_at datetime(3) null,
  unique index share_by_hash (hash),
  index share_of_plan (workshop_id, plan_id),
  constraint share_plan foreign key (plan_id) references plan (id) on delete cascade,
  constraint share_person foreign key (person_id) references person (id) on delete cascade
);
-- Links of before were for some minutes.
drop table bench_pass;
