-- What a workshop begins every plan with; absent: what is usual.
alter table workshop
  add column front varchar(8) null,
  add column liked varchar(8) null,
  add column humidity double null,
  add column celsius double null,
  add column coat double null,
  add column covering double null,
  add column dress_first boolean null;
