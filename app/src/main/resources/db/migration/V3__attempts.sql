-- An attempt at a sum: what was set, by whom it is worked, and how it ended.
create table attempt (
    id bigint generated always as identity primary key,
    problem varchar(600) not null,
    method varchar(40) not null,
    style varchar(40000) not null,
    who varchar(60) not null,
    setting_out varchar(8) not null,
    telling varchar(8) not null,
    begun_at timestamp(3) with time zone not null,
    handed_in_at timestamp(3) with time zone,
    explanation varchar(2000) not null,
    -- The attempt that this one is the check of.
    check_of bigint references attempt (id),
    deleted_at timestamp(3) with time zone
);

-- Everything that was done on its page, in order, with its moment.
create table stroke (
    attempt_id bigint not null references attempt (id) on delete cascade,
    number int not null,
    millis bigint not null,
    kind varchar(8) not null,
    row_at int not null,
    column_at int not null,
    text varchar(30) not null,
    primary key (attempt_id, number)
);
