-- Some pupils of a class under a name, to be given work together.
create table pupil_group (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    name varchar(120) not null,
    -- Where it came from: the slip or the rung that its pupils share, or chosen by a teacher.
    origin varchar(10) not null,
    about varchar(200) not null,
    -- The handout in which the slip showed, and the set that was made for the group.
    handout_id bigint references handout (id) on delete set null,
    set_id bigint references practice_set (id) on delete set null,
    made_on date not null
);

create table group_pupil (
    group_id bigint not null references pupil_group (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    primary key (group_id, pupil_id)
);
