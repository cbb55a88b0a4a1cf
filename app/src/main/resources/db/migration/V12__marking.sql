-- The pupils of a class: their names, and nothing else of them.
create table pupil (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    name varchar(60) not null,
    -- Set while a pupil has left the class and may come back.
    left_at timestamp(3) with time zone,
    unique (class_id, name)
);

-- Whoever worked a sum so far by a free name is a pupil of the class that is current.
insert into pupil (class_id, name)
select c.id, a.who
from (select distinct who from attempt where who <> '' union select who from run where who <> '') a
cross join (select id from school_class where current_class and deleted_at is null
            order by id fetch first row only) c;

alter table attempt add column pupil_id bigint references pupil (id) on delete set null;
update attempt set pupil_id = (select id from pupil where name = attempt.who);
alter table run add column pupil_id bigint references pupil (id) on delete set null;
update run set pupil_id = (select id from pupil where name = run.who);

-- A set given to a class on a day. It has sums of its own: they are what the pupils had.
create table handout (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    set_id bigint references practice_set (id) on delete set null,
    set_version varchar(1) not null,
    title varchar(120) not null,
    kind varchar(10) not null,
    given_on date not null,
    due_on date,
    pass_mark int,
    deleted_at timestamp(3) with time zone
);

create table handout_sum (
    handout_id bigint not null references handout (id) on delete cascade,
    number int not null,
    plain varchar(600) not null,
    method varchar(40) not null,
    rung varchar(60) not null,
    primary key (handout_id, number)
);

create table handout_pupil (
    handout_id bigint not null references handout (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    primary key (handout_id, pupil_id)
);

-- What a pupil gave as the answer of a sum, and its mark.
create table answer (
    handout_id bigint not null references handout (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    number int not null,
    -- As it was typed; nothing for a blank, - for a sum that was not asked.
    given varchar(80) not null,
    mark varchar(10) not null,
    slip varchar(80),
    -- Whether a teacher has decided the mark or the slip.
    overruled boolean not null,
    judged_by int not null,
    changed_at timestamp(3) with time zone not null,
    primary key (handout_id, pupil_id, number)
);
