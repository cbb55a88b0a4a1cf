-- The keys of requests whose changes are kept, so that none is made twice across a restart.
create table request_key (
    request_key varchar(64) primary key,
    changed_at timestamp with time zone default current_timestamp not null
);
