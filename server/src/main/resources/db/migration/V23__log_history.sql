-- Each statement can be run again, as changes of the schema are not undone when one of them fails.

-- Which history the log of commands is: a restored database gets another id (scripts/restore), so that devices notice that it may lack
-- what they were told is kept, and give it back.
create table if not exists log_history (
    one tinyint primary key default 1 check (one = 1),
    id uuid not null,
    since timestamp(3) not null
);

insert ignore into log_history (one, id, since) values (1, uuid(), current_timestamp(3));

-- Set for a command that a device has given back after the database was restored.
alter table command_log add column if not exists returned boolean not null default false;

-- Tombstones: SHA-256 of the ids of erased customers and their calls.
create table if not exists erased (
    id char(64) character set ascii collate ascii_bin primary key
);

-- SHA-256 of what a browser shows besides its id, so that nobody takes it over who only knows that.
alter table device add column if not exists secret char(64) character set ascii collate ascii_bin null;

-- What waited on the device of somebody who was locked out, until a lead takes it or leaves it.
create table if not exists left_behind (
    id uuid primary key,
    account_id uuid not null references account (id),
    device uuid not null,
    received_at timestamp(3) not null,
    call_id uuid not null,
    body json not null,
    key left_behind_received (received_at)
);
