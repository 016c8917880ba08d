-- What somebody changes in the know-how and nobody uses yet: piece by piece, upon the version in use. Members are JSON; null
-- where the piece is taken out.
create table if not exists knowhow_edit (
    kind varchar(40) not null,
    number int not null,
    section varchar(20) not null,
    piece varchar(40) not null,
    members mediumtext null,
    account_id uuid not null references account (id),
    at timestamp(3) not null,
    primary key (kind, number)
);
