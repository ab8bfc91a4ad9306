-- Notes on sections that trip people up, and how long teaches really took.

create table watch_out (
  dance_id   bigint       not null references dance (id) on delete cascade,
  section    int          not null,
  note       varchar(200) not null,
  by_name    varchar(60)  not null,
  written_at timestamp    not null,
  primary key (dance_id, section)
);

create table teach_time (
  id              bigint generated always as identity primary key,
  group_id        bigint      not null references dance_group (id) on delete cascade,
  dance_id        bigint      not null references dance (id) on delete cascade,
  taught_on       date        not null,
  planned_seconds int         not null,
  real_seconds    int         not null,
  class_percent   int         not null,
  by_name         varchar(60) not null
);
create index teach_time_of_group on teach_time (group_id, taught_on);
