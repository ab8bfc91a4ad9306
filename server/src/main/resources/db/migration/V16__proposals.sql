-- Changes that somebody proposes who may not make them. Both texts are kept as they were: what it was
-- made from, and what it was to become.
create table proposal (
  id         bigint generated always as identity primary key,
  thing      varchar(20)  not null check (thing in ('DANCE', 'SONG', 'CLASS')),
  thing_id   bigint       not null,
  version    int          not null,
  base       clob         not null,
  content    clob         not null,
  title      varchar(300) not null,
  note       varchar(300) not null,
  by_name    varchar(60)  not null,
  made_at    timestamp    not null,
  state      varchar(10)  not null check (state in ('OPEN', 'TAKEN', 'DECLINED', 'WITHDRAWN')),
  answer     varchar(300) not null,
  decided_by varchar(60),
  decided_at timestamp
);
create index proposal_state on proposal (state);
