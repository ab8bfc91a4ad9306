-- The printed sheet that a version of a dance was read from.
create table dance_sheet (
  dance_id bigint not null,
  version  int    not null,
  sheet    clob   not null,
  primary key (dance_id, version),
  foreign key (dance_id, version) references dance_version (dance_id, version)
);
