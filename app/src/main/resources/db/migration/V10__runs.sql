-- A run: sums worked one after the other, with a pass mark. It has sums of its own, so that it
-- outlives changes of the set that they were taken from.
create table run (
    id bigint generated always as identity primary key,
    title varchar(120) not null,
    who varchar(60) not null,
    class_id bigint references school_class (id) on delete set null,
    -- The set that the sums were taken from, if any; the version stays when the set is removed.
    set_id bigint references practice_set (id) on delete set null,
    set_version varchar(1),
    -- For a run without an end: the rung that its sums are drawn from.
    rung varchar(60) not null,
    method varchar(40) not null,
    pass_mark int not null,
    in_a_row boolean not null,
    telling varchar(12) not null,
    setting_out varchar(8) not null,
    with_check boolean not null,
    begun_at timestamp(3) with time zone not null,
    ended_at timestamp(3) with time zone,
    paused_at timestamp(3) with time zone,
    gone_on_at timestamp(3) with time zone,
    deleted_at timestamp(3) with time zone,
    constraint pass_mark_is_some check (pass_mark >= 1),
    constraint no_pause_behind_the_end check (ended_at is null or paused_at is null)
);

alter table attempt add column run_id bigint references run (id) on delete cascade;
-- In a run that is told of at its end, the judge does not speak of a page before.
alter table attempt add column silent boolean default false not null;

create table run_sum (
    run_id bigint not null references run (id) on delete cascade,
    number int not null,
    plain varchar(600) not null,
    method varchar(40) not null,
    rung varchar(60) not null,
    -- The number of the sum that comes again here.
    again_of int,
    attempt_id bigint references attempt (id) on delete set null,
    -- What came of it, once it is handed in.
    all_right boolean,
    slip varchar(80),
    seconds int,
    paused_millis bigint default 0 not null,
    primary key (run_id, number)
);
