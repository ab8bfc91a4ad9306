-- Roles of the club's own beside the four that are built in; what those may stands in the program.
create table club_role (
  code    varchar(20) primary key,
  name    varchar(40) not null,
  version int default 1 not null
);
insert into club_role (code, name) values
  ('OWNER', 'Owner'),
  ('INSTRUCTOR', 'Instructor'),
  ('CO_INSTRUCTOR', 'Co-instructor'),
  ('VIEWER', 'Looks on');

create table club_role_ability (
  role    varchar(20) not null references club_role (code) on delete cascade,
  ability varchar(20) not null,
  primary key (role, ability)
);

alter table person add column role_code varchar(20) default 'VIEWER' not null references club_role (code);
update person set role_code = role;
alter table person drop column role;
alter table person alter column role_code rename to role;

alter table invitation add foreign key (role) references club_role (code) on delete cascade;
