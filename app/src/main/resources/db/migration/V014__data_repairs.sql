-- What has been looked through once and put right: no start needs to look through a million attempts again.
create table data_repair (
    name    varchar(40) primary key,
    done_at timestamp(3) with time zone not null
);
