-- How a class voted on where a page of a shared slip first goes wrong; nobody is named.
create table class_vote (
    id bigint generated always as identity primary key,
    class_id bigint not null references school_class (id) on delete cascade,
    voted_on date not null,
    -- The sum that was shown.
    title varchar(200) not null,
    slip varchar(80) not null,
    votes int not null,
    right_votes int not null
);
