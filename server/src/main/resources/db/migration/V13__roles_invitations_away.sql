-- Four roles. The first instructor who is still here owns the club; the others stay instructors.
alter table person add column club_role varchar(20) default 'VIEWER' not null
  check (club_role in ('OWNER', 'INSTRUCTOR', 'CO_INSTRUCTOR', 'VIEWER'));
update person set club_role = role;
update person set club_role = 'OWNER'
  where id = (select min(id) from person where role = 'INSTRUCTOR' and active is true);
alter table person drop column role;
alter table person alter column club_role rename to role;
-- When somebody last asked for anything, to the hour.
alter table person add column last_seen timestamp;

-- A link with which somebody joins the club, once; only a digest of its word is kept.
create table invitation (
  id          bigint generated always as identity primary key,
  word_digest varchar(64) not null unique,
  name        varchar(60) not null,
  role        varchar(20) not null,
  made_by     varchar(60) not null,
  made_at     timestamp   not null,
  good_until  timestamp   not null
);

-- Days on which somebody cannot lead.
create table away (
  id        bigint generated always as identity primary key,
  person_id bigint       not null references person (id) on delete cascade,
  from_day  date         not null,
  to_day    date         not null,
  note      varchar(120) not null
);
