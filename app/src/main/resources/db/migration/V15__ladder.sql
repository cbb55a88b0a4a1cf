-- What a class has made of its ladder: all rungs of an operation in its own order, once it has
-- changed something there.
create table ladder_rung (
    class_id bigint not null references school_class (id) on delete cascade,
    rung varchar(60) not null,
    place int not null,
    hidden boolean not null,
    -- Words of the class; empty where those of Bemble stand.
    name varchar(80) not null,
    news varchar(160) not null,
    -- What the sums of a rung of the class's own are like, in JSON, and the method that they are
    -- worked by; empty for a shipped rung.
    recipe varchar(4000) not null,
    method varchar(40) not null,
    primary key (class_id, rung)
);
