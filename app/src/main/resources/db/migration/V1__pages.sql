-- A kept page is the sum and how to work it. Its working is computed anew when it is opened.
create table page (
    id bigint generated always as identity primary key,
    problem varchar(600) not null,
    method varchar(40) not null,
    style varchar(2000) not null,
    title varchar(120) not null,
    note varchar(2000) not null,
    kept_at timestamp(3) with time zone not null,
    -- Set while a deleted page can still be brought back.
    deleted_at timestamp(3) with time zone
);
