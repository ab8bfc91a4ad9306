-- What one leader tells or asks another about a group. A question names whom it is for.
create table handover_note (
  id          bigint generated always as identity primary key,
  group_id    bigint       not null references dance_group (id),
  text        varchar(500) not null,
  by_name     varchar(60)  not null,
  written_at  timestamp    not null,
  asked       varchar(60),
  answer      varchar(500),
  answered_by varchar(60),
  answered_at timestamp,
  removed_at  timestamp
);
create index handover_note_of_group on handover_note (group_id);
