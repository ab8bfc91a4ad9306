-- Secret addresses of calendars that other programs read again and again; only a digest of the
-- word is kept. A link goes with whoever made it.
create table calendar_link (
  id          bigint generated always as identity primary key,
  word_digest varchar(64) not null unique,
  kind        varchar(10) not null check (kind in ('MINE', 'GROUP', 'CLUB')),
  person_id   bigint      not null references person (id) on delete cascade,
  group_id    bigint      references dance_group (id),
  made_at     timestamp   not null,
  last_used   timestamp
);
