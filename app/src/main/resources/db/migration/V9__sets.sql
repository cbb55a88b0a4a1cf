-- A set: its lines, and the sums of its versions. It belongs to the class that it was made for.
create table practice_set (
    id bigint generated always as identity primary key,
    title varchar(120) not null,
    class_id bigint references school_class (id) on delete set null,
    -- What it was made of: so many sums of a rung or a recipe, line by line.
    lines varchar(40000) not null,
    kept_at timestamp(3) with time zone not null,
    deleted_at timestamp(3) with time zone
);

create table set_sum (
    set_id bigint not null references practice_set (id) on delete cascade,
    version varchar(1) not null,
    number int not null,
    plain varchar(600) not null,
    method varchar(40) not null,
    rung varchar(60) not null,
    part varchar(8) not null,
    primary key (set_id, version, number)
);
