-- The club's songs. A title by an artist is there once; its key leaves case, spaces and signs aside.

create table song (
  id             bigint generated always as identity primary key,
  song_key       varchar(500)  not null unique,
  title          varchar(200)  not null,
  artist         varchar(200),
  milli_bpm      int,
  count_rate     varchar(10)   not null check (count_rate in ('HALF', 'FULL', 'DOUBLE')),
  seconds        int,
  intro          int,
  meter          varchar(10)   not null check (meter in ('FOUR', 'THREE')),
  style          varchar(60),
  phrases        varchar(1000),
  kept           varchar(200),
  explicit_words boolean       not null,
  version        int           not null,
  updated_by     varchar(60)   not null,
  updated_at     timestamp     not null
);
