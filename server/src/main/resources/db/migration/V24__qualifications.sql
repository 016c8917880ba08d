-- What somebody is qualified for, and what shows it. Nobody is until an owner says so.
create table if not exists qualification (
    account_id uuid not null,
    competence varchar(20) character set ascii not null,
    since date not null,
    until date,
    proof varchar(200) not null,
    primary key (account_id, competence),
    foreign key (account_id) references account (id) on delete cascade
);
