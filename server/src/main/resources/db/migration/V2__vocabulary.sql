-- The club's own words: a choice among equal names, its own figures, its own table of levels.

create table club_word (
  figure    varchar(60) primary key,
  word      varchar(60) not null,
  chosen_by varchar(60) not null,
  chosen_at timestamp   not null
);

create table club_text (
  kind       varchar(20) primary key check (kind in ('OWN_FIGURES', 'LEVEL_TABLE')),
  content    clob        not null,
  version    int         not null,
  updated_by varchar(60) not null,
  updated_at timestamp   not null
);
