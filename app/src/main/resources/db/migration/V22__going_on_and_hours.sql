-- The lesson of which this one is what was left; it goes when that one is done after all.
alter table lesson add column came_from bigint references lesson (id) on delete set null;

-- When lessons begin on a weekday, as 09:15; empty where that is not said.
alter table timetable add column begins varchar(5) default '' not null;
