-- What was brought in at once, so that it can be undone at once.
create table import_batch (
  id        bigint generated always as identity primary key,
  made_at   timestamp     not null,
  by_name   varchar(60)   not null,
  files     varchar(2000) not null,
  undone_at timestamp,
  undone_by varchar(60)
);

-- What it changed: versions before and after; 0 before what is new, 0 for what has none.
create table import_thing (
  batch_id     bigint      not null references import_batch (id) on delete cascade,
  position     int         not null,
  kind         varchar(20) not null,
  thing_id     bigint      not null,
  from_version int         not null,
  to_version   int         not null,
  primary key (batch_id, position)
);
