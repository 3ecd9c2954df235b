-- Things of every kind, with their sizes by name, what is in stock and what they cost.
alter table cupboard_item
  modify kind varchar(16) not null,
  add column colour varchar(60) not null default '',
  add column sizes json not null default '{}',
  add column dial varchar(400) not null default '',
  add column stock double not null default 1,
  add column pack double not null default 0,
  add column price double null,
  add index item_of_kind (workshop_id, kind, name),
  drop index item_by_kind;

update cupboard_item set sizes = json_object('across', across_mm);

alter table cupboard_item drop column across_mm;

-- What an hour costs, in which coin, and how long the printer makes 100 mm, both ways.
alter table workshop
  add column hour double null,
  add column coin varchar(8) not null default '',
  add column printed_across_mm double not null default 100,
  add column printed_down_mm double not null default 100;
