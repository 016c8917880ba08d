-- More of a customer: their e-mail, how to get in, where the home stands, and the digits of the phone by which two entries are told to be one.
alter table customer
    add column if not exists email varchar(120) null,
    add column if not exists access varchar(300) null,
    add column if not exists latitude double null,
    add column if not exists longitude double null,
    add column if not exists digits varchar(40) as (regexp_replace(phone, '[^0-9]', '')) persistent,
    add key if not exists customer_digits (digits);

-- What a machine is due for, by its last closed call; unknown until somebody asks.
alter table machine add column if not exists dues_known boolean not null default false;

create table due (
    machine_id uuid not null references machine (id) on delete cascade,
    task varchar(200) not null,
    day date not null,
    primary key (machine_id, task),
    key due_day (day)
);
