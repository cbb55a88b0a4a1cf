-- A class and its House style: the settings that differ from the standard, and its own sentences.
create table school_class (
    id bigint generated always as identity primary key,
    name varchar(60) not null,
    style varchar(40000) not null,
    -- Counts the changes, so that two windows cannot overwrite each other unseen.
    version int not null,
    current_class boolean not null,
    -- Set while a removed class can still be brought back.
    deleted_at timestamp(3) with time zone
);

insert into school_class (name, style, version, current_class) values ('My class', '{}', 1, true);

alter table page alter column style varchar(40000);
