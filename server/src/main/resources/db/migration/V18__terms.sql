-- A term: from when to when, what each group takes of it, and what is settled: which dance starts
-- when with which group, and who leads. The rest is worked out.
create table term (
  id        bigint generated always as identity primary key,
  name      varchar(60) not null,
  from_day  date        not null,
  to_day    date        not null,
  social_on date,
  version   int         not null,
  active    boolean     default true,
  unique (name, active)
);
create table term_group (
  term_id  bigint  not null references term (id),
  group_id bigint  not null references dance_group (id),
  most_new int     not null,
  social   boolean not null,
  primary key (term_id, group_id)
);
create table term_start (
  term_id   bigint  not null references term (id),
  group_id  bigint  not null references dance_group (id),
  dance_id  bigint  not null references dance (id),
  starts_on date    not null,
  stays     boolean not null,
  primary key (term_id, group_id, dance_id)
);
create table term_led (
  term_id   bigint  not null references term (id),
  group_id  bigint  not null references dance_group (id),
  held_on   date    not null,
  person_id bigint  not null references person (id) on delete cascade,
  stays     boolean not null,
  primary key (term_id, group_id, held_on)
);
