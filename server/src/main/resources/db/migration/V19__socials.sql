-- A social: an evening on which several groups dance together. Who comes, what comes in between, and
-- the order of its songs; what was played has the second in which it began.
create table social (
  id           bigint generated always as identity primary key,
  name         varchar(60) not null,
  held_on      date        not null,
  starts_at    time        not null,
  minutes      int         not null,
  longest_wait int         not null,
  only_listed  boolean     not null,
  version      int         not null,
  recorded_at  timestamp,
  active       boolean     default true
);
create table social_guest (
  social_id bigint not null references social (id),
  group_id  bigint not null references dance_group (id),
  heads     int    not null,
  primary key (social_id, group_id)
);
create table social_pause (
  social_id bigint      not null references social (id),
  place     int         not null,
  kind      varchar(10) not null check (kind in ('BREAK', 'RAFFLE', 'WALK_IN')),
  at_minute int         not null,
  minutes   int         not null,
  primary key (social_id, place)
);
create table social_song (
  social_id bigint      not null references social (id),
  place     int         not null,
  how       varchar(10) not null check (how in ('DANCE', 'SPLIT', 'WALK_IN', 'AGAIN')),
  dance_id  bigint      not null references dance (id),
  other_id  bigint references dance (id),
  stays     boolean     not null,
  begun     int,
  primary key (social_id, place)
);
