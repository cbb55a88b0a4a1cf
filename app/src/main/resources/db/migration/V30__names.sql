-- Every name has as much room as every other.
alter table school_class alter column name varchar(80);
alter table pupil alter column name varchar(80);
alter table attempt alter column who varchar(80);
alter table run alter column who varchar(80);
alter table holiday alter column name varchar(80);
