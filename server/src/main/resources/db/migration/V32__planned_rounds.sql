-- When the vans leave and where from, what customers were promised, and calls that nobody has yet.
alter table business
    add column if not exists day_from smallint not null default 480,
    add column if not exists day_until smallint not null default 1020,
    add column if not exists latitude double null,
    add column if not exists longitude double null;

alter table service_call
    add column if not exists promised_from smallint null,
    add column if not exists promised_until smallint null,
    add key if not exists service_call_day (day);

-- Nobody can sign in by it: what stands as a password is no hash of one.
insert ignore into account (id, login, name, password, role, locked_at)
values ('00000000-0000-0000-0000-000000000000', '-', 'Nobody yet', '-', 'TECHNICIAN', now(3));
