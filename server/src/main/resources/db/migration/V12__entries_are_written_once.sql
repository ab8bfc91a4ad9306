-- A word by which a device writes an entry of the record once, however often it has to send it.
alter table evidence add column entry_key varchar(60);
create unique index evidence_once on evidence (group_id, entry_key);
