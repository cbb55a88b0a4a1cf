-- What the ink of an answer was read as, before anybody looks.
alter table scan_answer add column state varchar(8) default 'ASK' not null;
alter table scan_answer add column read_as varchar(80);
-- Why somebody has to look, by its name.
alter table scan_answer add column doubt varchar(12);
-- How many squares its cut-out shows, across and down.
alter table scan_answer add column across int default 0 not null;
alter table scan_answer add column down int default 0 not null;
-- The figures that were taken for sure, to be looked at side by side.
create table scan_figure (
    page_id bigint not null,
    number int not null,
    figure int not null,
    -- Where its square lies in the cut-out, from 0.
    at_column int not null,
    at_row int not null,
    primary key (page_id, number, at_column, at_row),
    foreign key (page_id, number) references scan_answer (page_id, number) on delete cascade
);
-- The figures of a pile that somebody has looked at side by side.
alter table scan add column looked_through varchar(10) default '' not null;
