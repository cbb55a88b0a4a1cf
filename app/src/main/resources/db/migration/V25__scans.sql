-- Piles of filled sheets that are being read, until their answers are taken into the grid.
create table scan (
    id bigint generated always as identity primary key,
    handout_id bigint not null references handout (id) on delete cascade,
    begun_at timestamp(3) with time zone not null,
    -- How many pages its files have; fewer stand below where Bemble was stopped while it read.
    expected int default 0 not null
);
create table scan_page (
    id bigint generated always as identity primary key,
    scan_id bigint not null references scan (id) on delete cascade,
    file varchar(200) not null,
    number int not null,
    -- Why it cannot be used, by its name.
    problem varchar(40),
    sheet_id bigint,
    pupil_id bigint references pupil (id) on delete cascade
);
create table scan_answer (
    page_id bigint not null references scan_page (id) on delete cascade,
    -- The sum in its handout, from 0.
    number int not null,
    -- What was settled; null while it is still to be settled.
    given varchar(80),
    primary key (page_id, number)
);
