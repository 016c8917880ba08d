-- A list of parts that a business keeps itself, and a ledger from which the count on each van follows.
alter table part
    add column if not exists replaces varchar(30) not null default '',
    add column if not exists supplier varchar(60) not null default '',
    add column if not exists cost decimal(10, 2) null,
    add column if not exists place varchar(40) not null default '',
    add column if not exists minimum smallint not null default 0,
    add column if not exists version int not null default 1;

create table part_move (
    id uuid primary key,
    part_id uuid not null references part (id),
    account_id uuid not null references account (id),
    at timestamp(3) not null,
    by_account uuid null references account (id),
    reason varchar(12) not null,
    moved int not null,
    on_van int not null,
    call_id uuid null references service_call (id) on delete set null,
    key part_move_of_part (part_id, at)
);

-- What is there was counted once.
insert into part_move (id, part_id, account_id, at, by_account, reason, moved, on_van)
select uuid(), part_id, account_id, now(3), null, 'COUNTED', on_van, on_van from van_stock;
