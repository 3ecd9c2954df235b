alter table person
  add column hand varchar(8) not null default 'RIGHT';
