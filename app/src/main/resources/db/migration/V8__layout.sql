-- Strokes lie on squares: which version of the layouts said what belongs into them.
alter table attempt add column layout int default 1 not null;
-- Only what is handed in has a verdict, and only a check has come back or not.
update attempt set judged_by = null, slip = null, slips = null where handed_in_at is null;
update attempt set came_back = null where check_of is null;
alter table attempt add constraint verdict_of_ended
    check (judged_by is null or handed_in_at is not null);
alter table attempt add constraint decision_of_check
    check (came_back is null or check_of is not null);
alter table stroke add constraint stroke_in_order check (number >= 0 and millis >= 0);
