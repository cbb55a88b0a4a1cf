-- What stands in the squares of a working on a filled sheet; no figure where it could not be read.
create table scan_square (
    page_id bigint not null,
    number int not null,
    row_at int not null,
    column_at int not null,
    figure int,
    primary key (page_id, number, row_at, column_at),
    foreign key (page_id, number) references scan_answer (page_id, number) on delete cascade
);
-- Whether the page was read off paper: it goes with the answer that was read there.
alter table attempt add column from_paper boolean default false not null;
