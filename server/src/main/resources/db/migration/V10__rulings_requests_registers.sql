-- What a person says of a dance and a group against what the record says. RETIRED is not planned any
-- more. One holds at a time; what was taken back stays, marked so.
create table ruling (
  id            bigint generated always as identity primary key,
  group_id      bigint       not null references dance_group (id),
  dance_id      bigint       not null references dance (id),
  stage         varchar(20)  not null,
  note          varchar(500) not null,
  by_name       varchar(60)  not null,
  ruled_on      date         not null,
  taken_back_by varchar(60),
  taken_back_at timestamp
);
create index ruling_of_group on ruling (group_id, dance_id);

-- Who asked for which dance when. It is answered by the record: whatever was danced since.
create table dance_request (
  id         bigint generated always as identity primary key,
  group_id   bigint       not null references dance_group (id),
  dance_id   bigint       not null references dance (id),
  asked_by   varchar(60)  not null,
  asked_on   date         not null,
  note       varchar(200) not null,
  by_name    varchar(60)  not null,
  dropped_by varchar(60),
  dropped_at timestamp
);
create index request_of_group on dance_request (group_id);

-- What a group keeps of who comes: NOTHING, HEADS or NAMES. A group without a row keeps nothing.
create table register_kind (
  group_id bigint primary key references dance_group (id),
  kind     varchar(10) not null check (kind in ('NOTHING', 'HEADS', 'NAMES'))
);

-- Display names and nothing else. Who is removed is deleted, here and wherever they came.
create table dancer (
  id       bigint generated always as identity primary key,
  group_id bigint      not null references dance_group (id),
  name     varchar(60) not null,
  name_key varchar(300) not null,
  unique (group_id, name_key)
);

create table attendance (
  group_id   bigint      not null references dance_group (id),
  held_on    date        not null,
  heads      int         not null check (heads between 0 and 500),
  named      boolean     not null,
  by_name    varchar(60) not null,
  written_at timestamp   not null,
  version    int         not null,
  primary key (group_id, held_on)
);

create table attendance_dancer (
  group_id  bigint not null,
  held_on   date   not null,
  dancer_id bigint not null references dancer (id) on delete cascade,
  primary key (group_id, held_on, dancer_id),
  foreign key (group_id, held_on) references attendance (group_id, held_on) on delete cascade
);
