-- What pupils have shown of their own hands by writing 0 to 9: the figures that look alike.
create table pupil_hand (
    pupil_id bigint primary key references pupil (id) on delete cascade,
    alike varchar(200) not null
);
