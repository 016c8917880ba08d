-- Each statement can be run again, as changes of the schema are not undone when one of them fails.
alter table account add column if not exists locked_at timestamp(3) null;

create table if not exists device (
    id uuid primary key,
    account_id uuid not null references account (id),
    name varchar(20) not null,
    session char(36) not null,
    seen_at timestamp(3) not null,
    lost_at timestamp(3) null,
    told_at timestamp(3) null,
    key device_account (account_id, seen_at)
);
