-- Which club this is, for devices that keep something of it: one that comes in its place is another.
alter table set_up add column club varchar(40);
update set_up set club = cast(random_uuid() as varchar(40));
alter table set_up alter column club set not null;
