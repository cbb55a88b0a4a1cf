-- Whether a check came back, as its writer decided; and the page that a later one mends.
alter table attempt add column came_back boolean;
alter table attempt add column mends bigint references attempt (id) on delete set null;
