-- The workshop's clock, its open hours by day, its hands and the places in its fridge and freezer.
alter table workshop
  add column zone varchar(60) not null default '',
  add column week varchar(400) not null default '',
  add column hands int not null default 1,
  add column fridge int null,
  add column freezer int null;

-- Whether work goes alternately to both sides of the front, or round.
alter table person
  add column course varchar(12) not null default 'ALTERNATE';
