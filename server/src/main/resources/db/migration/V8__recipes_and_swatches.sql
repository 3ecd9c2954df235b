-- Recipes of a workshop's own, and colours it has seen deepen.
create table recipe (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  name varchar(60) not null,
  document longtext not null,
  unique index recipe_of_workshop (workshop_id, name),
  constraint recipe_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
create table colour_swatch (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  colour varchar(60) not null,
  document longtext not null,
  index swatch_of_workshop (workshop_id, colour),
  constraint swatch_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
-- What a price is made of, and how large a slice is cut.
alter table workshop
  add column margin double null,
  add column slice_wide_mm double not null default 25,
  add column slice_deep_mm double not null default 50;
