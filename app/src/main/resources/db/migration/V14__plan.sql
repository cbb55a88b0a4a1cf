-- The lessons of a class by days, what they are made of, and what came of them.
create table lesson (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    taught_on date not null,
    kind varchar(12) not null,
    -- The rung that it is about, and the slip that it is against; empty where there is none.
    rung varchar(60) not null,
    slip varchar(80) not null,
    title varchar(120) not null,
    state varchar(10) not null,
    note varchar(2000) not null,
    -- Counts the changes, so that two windows cannot overwrite each other unseen.
    version int not null,
    deleted_at timestamp(3) with time zone
);

create table lesson_part (
    lesson_id bigint not null references lesson (id) on delete cascade,
    number int not null,
    kind varchar(10) not null,
    -- So many sums of some rungs, in JSON.
    lines varchar(4000) not null,
    minutes int not null,
    -- The set that was made for it, once it was opened.
    set_id bigint references practice_set (id) on delete set null,
    primary key (lesson_id, number)
);

-- Days without lessons.
create table holiday (
    class_id bigint not null references school_class (id) on delete cascade,
    free_on date not null,
    name varchar(60) not null,
    primary key (class_id, free_on)
);

-- How many minutes there are on a weekday, Monday being 1; 45 from Monday to Friday where nothing
-- is said.
create table timetable (
    class_id bigint not null references school_class (id) on delete cascade,
    weekday int not null,
    minutes int not null,
    primary key (class_id, weekday)
);
