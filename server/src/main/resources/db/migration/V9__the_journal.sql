-- What is done at the bench, line by line. The id is also the place in the journal: lines of one plan are added one after the
-- other, with the plan held, so that places come in the order in which lines can be read.
create table journal_line (
  id bigint not null auto_increment primary key,
  plan_id bigint not null,
  line varchar(40) not null,
  document text not null,
  kept_at datetime(6) not null,
  unique index line_of_plan (plan_id, line),
  index place_of_plan (plan_id, id),
  constraint journal_plan foreign key (plan_id) references plan (id) on delete cascade
);
-- Links that open one plan's turntable from another device, kept as what they hash to.
create table bench_pass (
  hash char(64) not null primary key,
  plan_id bigint not null,
  used boolean not null,
  until_at datetime(6) not null,
  constraint pass_plan foreign key (plan_id) references plan (id) on delete cascade
);
