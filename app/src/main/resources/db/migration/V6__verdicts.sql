-- What the judge found on a page that is handed in, so that a list need not judge it again.
alter table attempt add column judged_by int;
alter table attempt add column slip varchar(200);
alter table attempt add column slips int;
create index attempt_check on attempt (check_of);
