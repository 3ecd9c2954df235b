-- What a cupboard was changed to last: a number drawn anew with every change, so that every copy of the server knows whether what it
-- remembers of the cupboard still holds.
create table cupboard_stamp (
  workshop_id bigint not null primary key,
  stamp bigint not null,
  constraint stamp_workshop foreign key (workshop_id) references workshop (id) on delete cascade
);
-- The notebook's list is summed up from this alone, however many records there are.
create index record_sums on work_record (workshop_id, plan_id, job, begun, plain_minutes, minutes, waiting);
