-- People are renamed and removed; the name of somebody whom the records name stays theirs.
alter table person add column version int default 1 not null;
alter table person add column active boolean default true;
alter table person alter column name_key set data type varchar(400);
-- What a name looks like to the eye; written at the first start.
alter table person add column look_key varchar(400) unique;

-- A link with which somebody chooses a new password, once; only a digest of its word is kept.
create table password_link (
  person_id    bigint      not null primary key references person (id) on delete cascade,
  word_digest  varchar(64) not null unique,
  good_until   timestamp   not null
);
