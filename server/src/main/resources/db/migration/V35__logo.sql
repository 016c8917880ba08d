-- What stands above the business's name in reports: one picture, small, as it is put into them.
create table if not exists logo (
    id tinyint primary key default 1 check (id = 1),
    picture mediumtext not null
);
