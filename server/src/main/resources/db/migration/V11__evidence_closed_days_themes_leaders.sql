-- What is known of an entry beyond how it went. BY_ITSELF was noted by a run-through or a teach as it
-- went on; the log of the class takes its place.
alter table evidence add column percent int check (percent between 1 and 100);
alter table evidence add column minutes int check (minutes between 1 and 240);
alter table evidence add column options varchar(200) default '' not null;
alter table evidence add column led_by varchar(60);
alter table evidence add column by_itself boolean default false not null;

-- How single sections went, by their numbers in the version of the entry.
create table evidence_spot (
  evidence_id bigint      not null references evidence (id),
  section     int         not null,
  outcome     varchar(10) not null,
  primary key (evidence_id, section)
);

-- Who leads a class, and the word with which a device sends its log once.
alter table club_class add column led_by varchar(60);
alter table club_class add column log_key varchar(60);

-- Days without a class, of one group or of all.
create table closed_days (
  id         bigint generated always as identity primary key,
  group_id   bigint references dance_group (id),
  from_day   date         not null,
  to_day     date         not null,
  note       varchar(120) not null,
  by_name    varchar(60)  not null,
  removed_by varchar(60),
  removed_at timestamp
);

create table theme (
  id         bigint generated always as identity primary key,
  name       varchar(80)  not null,
  from_day   date         not null,
  to_day     date         not null,
  by_name    varchar(60)  not null,
  removed_by varchar(60),
  removed_at timestamp
);

create table theme_tag (
  theme_id bigint      not null references theme (id),
  tag      varchar(40) not null,
  primary key (theme_id, tag)
);

create table dance_tag (
  dance_id bigint      not null references dance (id),
  tag      varchar(40) not null,
  primary key (dance_id, tag)
);
