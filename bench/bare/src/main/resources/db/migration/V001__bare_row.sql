create table bare_row (
    id uuid primary key,
    parent uuid not null,
    body varchar(1000) not null
);
create index bare_row_by_parent on bare_row (parent);
