create table nothing (id uuid primary key);
