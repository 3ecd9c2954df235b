-- Drawings that a workshop keeps for other plans.
create table drawer_motif (
  id bigint not null auto_increment primary key,
  workshop_id bigint not null,
  name varchar(60) not null,
  document longtext not null,
  kept_at datetime(6) not null,
  index motif_of_workshop (workshop_id, name),
  constraint motif_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
