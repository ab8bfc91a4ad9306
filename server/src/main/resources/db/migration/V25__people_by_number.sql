-- Somebody is a number, which stays theirs, and is called what their row says now. Whoever is to be
-- forgotten keeps the row and loses the name; those who are only named in the record have a row, too,
-- and no way in.
alter table person add column forgotten boolean default false not null;
alter table person alter column name set null;
alter table person alter column name_key set null;
alter table person add constraint person_has_a_name
  check ((forgotten and name is null and name_key is null and look_key is null)
    or (not forgotten and name is not null));

-- Everybody whom the tables named.
create table named (name varchar(60) not null);

insert into named select distinct by_name from attendance;
insert into named select distinct by_name from change_log;
insert into named select distinct changed_by from class_line where changed_by is not null;
insert into named select distinct by_name from closed_days;
insert into named select distinct removed_by from closed_days where removed_by is not null;
insert into named select distinct recorded_by from club_class where recorded_by is not null;
insert into named select distinct led_by from club_class where led_by is not null;
insert into named select distinct updated_by from club_text;
insert into named select distinct chosen_by from club_word;
insert into named select distinct by_name from dance_request;
insert into named select distinct dropped_by from dance_request where dropped_by is not null;
insert into named select distinct written_by from dance_version;
insert into named select distinct by_name from evidence;
insert into named select distinct withdrawn_by from evidence where withdrawn_by is not null;
insert into named select distinct led_by from evidence where led_by is not null;
insert into named select distinct by_name from handover_note;
insert into named select distinct asked from handover_note where asked is not null;
insert into named select distinct answered_by from handover_note where answered_by is not null;
insert into named select distinct by_name from import_batch;
insert into named select distinct undone_by from import_batch where undone_by is not null;
insert into named select distinct made_by from invitation;
insert into named select distinct by_name from proposal;
insert into named select distinct decided_by from proposal where decided_by is not null;
insert into named select distinct by_name from ruling;
insert into named select distinct taken_back_by from ruling where taken_back_by is not null;
insert into named select distinct made_by from share_link;
insert into named select distinct updated_by from song;
insert into named select distinct made_by from teach;
insert into named select distinct updated_by from teach;
insert into named select distinct by_name from teach_time;
insert into named select distinct by_name from theme;
insert into named select distinct removed_by from theme where removed_by is not null;
insert into named select distinct by_name from watch_out;

-- Who belongs to nobody any more has left; two spellings are two people. Of whoever was forgotten by an
-- earlier release the tables say the same.
insert into person (name, password_hash, role, created_at, version, active)
  select distinct name, '', 'VIEWER', localtimestamp, 1, null from named
  where name not in ('', 'a former leader') and name not in (select name from person);
insert into person (forgotten, password_hash, role, created_at, version, active)
  select distinct true, '', 'VIEWER', localtimestamp, 1, null from named where name in ('', 'a former leader');
create table numbered (name varchar(60) primary key, id bigint not null);
insert into numbered select name, id from person where name is not null;
insert into numbered select distinct named.name, person.id from named, person
  where named.name in ('', 'a former leader') and person.forgotten;

alter table attendance add column person_now bigint references person (id);
update attendance set person_now = (select id from numbered where name = attendance.by_name);
alter table attendance drop column by_name;
alter table attendance alter column person_now set not null;
alter table attendance alter column person_now rename to by_person;
alter table change_log add column person_now bigint references person (id);
update change_log set person_now = (select id from numbered where name = change_log.by_name);
alter table change_log drop column by_name;
alter table change_log alter column person_now set not null;
alter table change_log alter column person_now rename to by_person;
alter table class_line add column person_now bigint references person (id);
update class_line set person_now = (select id from numbered where name = class_line.changed_by);
alter table class_line drop column changed_by;
alter table class_line alter column person_now rename to changed_by;
alter table closed_days add column person_now bigint references person (id);
update closed_days set person_now = (select id from numbered where name = closed_days.by_name);
alter table closed_days drop column by_name;
alter table closed_days alter column person_now set not null;
alter table closed_days alter column person_now rename to by_person;
alter table closed_days add column person_now bigint references person (id);
update closed_days set person_now = (select id from numbered where name = closed_days.removed_by);
alter table closed_days drop column removed_by;
alter table closed_days alter column person_now rename to removed_by;
alter table club_class add column person_now bigint references person (id);
update club_class set person_now = (select id from numbered where name = club_class.recorded_by);
alter table club_class drop column recorded_by;
alter table club_class alter column person_now rename to recorded_by;
alter table club_class add column person_now bigint references person (id);
update club_class set person_now = (select id from numbered where name = club_class.led_by);
alter table club_class drop column led_by;
alter table club_class alter column person_now rename to led_by;
alter table club_text add column person_now bigint references person (id);
update club_text set person_now = (select id from numbered where name = club_text.updated_by);
alter table club_text drop column updated_by;
alter table club_text alter column person_now set not null;
alter table club_text alter column person_now rename to updated_by;
alter table club_word add column person_now bigint references person (id);
update club_word set person_now = (select id from numbered where name = club_word.chosen_by);
alter table club_word drop column chosen_by;
alter table club_word alter column person_now set not null;
alter table club_word alter column person_now rename to chosen_by;
alter table dance_request add column person_now bigint references person (id);
update dance_request set person_now = (select id from numbered where name = dance_request.by_name);
alter table dance_request drop column by_name;
alter table dance_request alter column person_now set not null;
alter table dance_request alter column person_now rename to by_person;
alter table dance_request add column person_now bigint references person (id);
update dance_request set person_now = (select id from numbered where name = dance_request.dropped_by);
alter table dance_request drop column dropped_by;
alter table dance_request alter column person_now rename to dropped_by;
alter table dance_version add column person_now bigint references person (id);
update dance_version set person_now = (select id from numbered where name = dance_version.written_by);
alter table dance_version drop column written_by;
alter table dance_version alter column person_now set not null;
alter table dance_version alter column person_now rename to written_by;
alter table evidence add column person_now bigint references person (id);
update evidence set person_now = (select id from numbered where name = evidence.by_name);
alter table evidence drop column by_name;
alter table evidence alter column person_now set not null;
alter table evidence alter column person_now rename to by_person;
alter table evidence add column person_now bigint references person (id);
update evidence set person_now = (select id from numbered where name = evidence.withdrawn_by);
alter table evidence drop column withdrawn_by;
alter table evidence alter column person_now rename to withdrawn_by;
alter table evidence add column person_now bigint references person (id);
update evidence set person_now = (select id from numbered where name = evidence.led_by);
alter table evidence drop column led_by;
alter table evidence alter column person_now rename to led_by;
alter table handover_note add column person_now bigint references person (id);
update handover_note set person_now = (select id from numbered where name = handover_note.by_name);
alter table handover_note drop column by_name;
alter table handover_note alter column person_now set not null;
alter table handover_note alter column person_now rename to by_person;
alter table handover_note add column person_now bigint references person (id);
update handover_note set person_now = (select id from numbered where name = handover_note.asked);
alter table handover_note drop column asked;
alter table handover_note alter column person_now rename to asked;
alter table handover_note add column person_now bigint references person (id);
update handover_note set person_now = (select id from numbered where name = handover_note.answered_by);
alter table handover_note drop column answered_by;
alter table handover_note alter column person_now rename to answered_by;
alter table import_batch add column person_now bigint references person (id);
update import_batch set person_now = (select id from numbered where name = import_batch.by_name);
alter table import_batch drop column by_name;
alter table import_batch alter column person_now set not null;
alter table import_batch alter column person_now rename to by_person;
alter table import_batch add column person_now bigint references person (id);
update import_batch set person_now = (select id from numbered where name = import_batch.undone_by);
alter table import_batch drop column undone_by;
alter table import_batch alter column person_now rename to undone_by;
alter table invitation add column person_now bigint references person (id);
update invitation set person_now = (select id from numbered where name = invitation.made_by);
alter table invitation drop column made_by;
alter table invitation alter column person_now set not null;
alter table invitation alter column person_now rename to made_by;
alter table proposal add column person_now bigint references person (id);
update proposal set person_now = (select id from numbered where name = proposal.by_name);
alter table proposal drop column by_name;
alter table proposal alter column person_now set not null;
alter table proposal alter column person_now rename to by_person;
alter table proposal add column person_now bigint references person (id);
update proposal set person_now = (select id from numbered where name = proposal.decided_by);
alter table proposal drop column decided_by;
alter table proposal alter column person_now rename to decided_by;
alter table ruling add column person_now bigint references person (id);
update ruling set person_now = (select id from numbered where name = ruling.by_name);
alter table ruling drop column by_name;
alter table ruling alter column person_now set not null;
alter table ruling alter column person_now rename to by_person;
alter table ruling add column person_now bigint references person (id);
update ruling set person_now = (select id from numbered where name = ruling.taken_back_by);
alter table ruling drop column taken_back_by;
alter table ruling alter column person_now rename to taken_back_by;
alter table share_link add column person_now bigint references person (id);
update share_link set person_now = (select id from numbered where name = share_link.made_by);
alter table share_link drop column made_by;
alter table share_link alter column person_now set not null;
alter table share_link alter column person_now rename to made_by;
alter table song add column person_now bigint references person (id);
update song set person_now = (select id from numbered where name = song.updated_by);
alter table song drop column updated_by;
alter table song alter column person_now set not null;
alter table song alter column person_now rename to updated_by;
alter table teach add column person_now bigint references person (id);
update teach set person_now = (select id from numbered where name = teach.made_by);
alter table teach drop column made_by;
alter table teach alter column person_now set not null;
alter table teach alter column person_now rename to made_by;
alter table teach add column person_now bigint references person (id);
update teach set person_now = (select id from numbered where name = teach.updated_by);
alter table teach drop column updated_by;
alter table teach alter column person_now set not null;
alter table teach alter column person_now rename to updated_by;
alter table teach_time add column person_now bigint references person (id);
update teach_time set person_now = (select id from numbered where name = teach_time.by_name);
alter table teach_time drop column by_name;
alter table teach_time alter column person_now set not null;
alter table teach_time alter column person_now rename to by_person;
alter table theme add column person_now bigint references person (id);
update theme set person_now = (select id from numbered where name = theme.by_name);
alter table theme drop column by_name;
alter table theme alter column person_now set not null;
alter table theme alter column person_now rename to by_person;
alter table theme add column person_now bigint references person (id);
update theme set person_now = (select id from numbered where name = theme.removed_by);
alter table theme drop column removed_by;
alter table theme alter column person_now rename to removed_by;
alter table watch_out add column person_now bigint references person (id);
update watch_out set person_now = (select id from numbered where name = watch_out.by_name);
alter table watch_out drop column by_name;
alter table watch_out alter column person_now set not null;
alter table watch_out alter column person_now rename to by_person;

-- What the log says of somebody it says by their number.
update change_log set subject = '' where thing = 'PERSON' and thing_id in (select id from person);

drop table named;
drop table numbered;

-- Who left comes back by an invitation that was made for them.
alter table invitation add column for_person bigint references person (id);
update invitation set for_person =
  (select id from person where active is null and name_key = lower(invitation.name));
