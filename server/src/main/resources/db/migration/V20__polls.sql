-- A link can ask what a group would like to dance next. A device has one vote, of a few dances; its
-- key is kept as a digest. What is counted goes onto the list of requests as so many people.
alter table share_link add column kind_now varchar(10);
update share_link set kind_now = kind;
alter table share_link drop column kind;
alter table share_link alter column kind_now rename to kind;
alter table share_link alter column kind set not null;
alter table share_link add constraint share_link_kind
  check (kind in ('SHEET', 'CALLS', 'TEACH', 'PLAN', 'PRACTICE', 'LEARNED', 'POLL'));
create table poll_vote (
  link_id  bigint      not null references share_link (id),
  device   varchar(64) not null,
  dance_id bigint      not null references dance (id),
  primary key (link_id, device, dance_id)
);
alter table dance_request add column people int default 1 not null;
