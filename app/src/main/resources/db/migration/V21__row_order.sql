-- The place of a pupil in the list of the class, in an order of its own; null for by the name.
alter table pupil add column place int;
