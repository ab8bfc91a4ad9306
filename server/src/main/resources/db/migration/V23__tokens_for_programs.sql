-- Words by which a program of somebody's asks in their name; only a digest is kept.
create table access_token (
  id          bigint generated always as identity primary key,
  word_digest varchar(64) not null unique,
  person_id   bigint      not null references person (id) on delete cascade,
  label       varchar(60) not null,
  scope       varchar(10) not null check (scope in ('READ', 'LEAD', 'WRITE')),
  made_at     timestamp   not null,
  good_until  timestamp   not null,
  last_used   timestamp
);
