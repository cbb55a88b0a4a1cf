-- Lessons in which pupils write on devices of their own. At most one is not closed.
create table room (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    address varchar(60) not null,
    port int not null,
    code varchar(6) not null,
    opened_at timestamp(3) with time zone not null,
    ends_at timestamp(3) with time zone not null,
    closed_at timestamp(3) with time zone,
    telling varchar(10) not null,
    hints boolean not null,
    shows_time boolean not null
);
-- Who writes there: a pupil of the class, or a made-up one. What opens a seat is kept as a digest.
create table room_seat (
    id bigint generated always as identity primary key,
    room_id bigint not null references room (id) on delete cascade,
    pupil_id bigint references pupil (id) on delete cascade,
    number int not null,
    token varchar(64) not null,
    unique (room_id, pupil_id)
);
-- What was given out in the room that is open, in its order: for those who come late.
create table room_work (
    id bigint generated always as identity primary key,
    room_id bigint not null references room (id) on delete cascade,
    work clob not null
);
-- The pages of a seat in their order, and whether one was shown to all.
create table room_page (
    attempt_id bigint primary key references attempt (id) on delete cascade,
    seat_id bigint not null references room_seat (id) on delete cascade,
    shown boolean default false not null
);
