-- One word for one idea: what is planned and recorded of an evening is a class, in the tables too.
alter table meeting rename to club_class;
alter table meeting_line rename to class_line;
alter table class_line alter column meeting_id rename to class_id;
alter table evidence alter column meeting_id rename to class_id;
