-- Stored: what people said. What is computed is never stored.

create table person (
  id            bigint generated always as identity primary key,
  name          varchar(60)  not null,
  name_key      varchar(60)  not null unique,
  password_hash varchar(200) not null,
  role          varchar(20)  not null check (role in ('INSTRUCTOR', 'CO_INSTRUCTOR')),
  created_at    timestamp    not null
);

create table dance (
  id          bigint generated always as identity primary key,
  title       varchar(200) not null,
  step_text   clob         not null,
  version     int          not null,
  updated_by  varchar(60)  not null,
  updated_at  timestamp    not null
);

create table dance_group (
  id         bigint generated always as identity primary key,
  name       varchar(80) not null unique,
  level      varchar(30) not null,
  weekday    int         not null check (weekday between 1 and 7),
  starts_at  time        not null,
  minutes    int         not null,
  place      varchar(120) not null,
  version    int         not null
);

create table meeting (
  id         bigint generated always as identity primary key,
  group_id   bigint      not null references dance_group (id) on delete cascade,
  held_on    date        not null,
  minutes    int         not null,
  status     varchar(10) not null check (status in ('PLANNED', 'RECORDED')),
  note       varchar(2000) not null,
  version    int         not null,
  recorded_by varchar(60),
  recorded_at timestamp,
  unique (group_id, held_on)
);

create table meeting_line (
  id         bigint generated always as identity primary key,
  meeting_id bigint       not null references meeting (id) on delete cascade,
  position   int          not null,
  minutes    int          not null,
  kind       varchar(12)  not null,
  dance_id   bigint references dance (id) on delete set null,
  title      varchar(200) not null,
  reason     varchar(600) not null,
  changed_by varchar(60),
  changed_at timestamp
);

create table evidence (
  id          bigint generated always as identity primary key,
  group_id    bigint      not null references dance_group (id) on delete cascade,
  dance_id    bigint      not null references dance (id) on delete cascade,
  meeting_id  bigint references meeting (id) on delete cascade,
  happened_on date        not null,
  happened    varchar(20) not null,
  sections    int         not null,
  outcome     varchar(10) not null,
  note        varchar(500) not null,
  by_name     varchar(60) not null,
  written_at  timestamp   not null
);
create index evidence_of_group on evidence (group_id, dance_id);

create table change_log (
  id         bigint generated always as identity primary key,
  changed_at timestamp    not null,
  by_name    varchar(60)  not null,
  what       varchar(200) not null,
  subject    varchar(300) not null
);
