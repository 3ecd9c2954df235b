-- Made here and not at the first request: many first requests at once would each have made one.
insert into workshop (name, created_at)
select 'Quillwater Bench', utc_timestamp(3) from dual where not exists (select 1 from workshop);

insert into person (workshop_id, name, length_unit, tape_mm, hand_mm)
select min(id), 'At the bench', 'CM', 1, 0.7 from workshop where not exists (select 1 from person);
