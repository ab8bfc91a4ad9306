-- Links that show one thing to people without an account; only a digest of the word is kept.
create table share_link (
  id          bigint generated always as identity primary key,
  word_digest varchar(64) not null unique,
  kind        varchar(10) not null
    check (kind in ('SHEET', 'CALLS', 'TEACH', 'PLAN', 'PRACTICE', 'LEARNED')),
  dance_id    bigint references dance (id),
  group_id    bigint references dance_group (id),
  class_id    bigint references club_class (id),
  minutes     int,
  since       date,
  label       varchar(300) not null,
  made_by     varchar(60)  not null,
  made_at     timestamp    not null,
  good_until  timestamp    not null,
  last_used   timestamp,
  revoked_at  timestamp
);
