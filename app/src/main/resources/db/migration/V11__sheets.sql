-- Where everything lies on an exercise sheet that was made, in JSON; its code names this row.
create table sheet (
    id bigint generated always as identity primary key,
    set_id bigint references practice_set (id) on delete cascade,
    -- What was drawn, as a digest: the same sheet printed again is the same row.
    digest varchar(64) not null unique,
    lies varchar(100000) not null,
    made_at timestamp(3) with time zone not null
);
