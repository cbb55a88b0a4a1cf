-- What the code of a sheet of form 2 repeats, so that none of another Bemble is taken for it.
alter table sheet add column check_word varchar(8);
-- Sheets that were printed for a handout name its pupils.
alter table sheet add column handout_id bigint references handout (id) on delete cascade;
