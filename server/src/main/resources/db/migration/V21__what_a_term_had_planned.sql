-- What a term has had planned at any time, so that one can look back when the plan has moved on.
create table term_planned (
  term_id   bigint not null references term (id),
  group_id  bigint not null references dance_group (id),
  dance_id  bigint not null references dance (id),
  starts_on date   not null,
  primary key (term_id, group_id, dance_id)
);
insert into term_planned (term_id, group_id, dance_id, starts_on)
  select term_id, group_id, dance_id, starts_on from term_start;
