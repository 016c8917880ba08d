-- What stands in a report about the business that writes it, and whether meters may be simulated: so far they were everywhere, which
-- only those keep who look at the demo's calls.
alter table business
    add column if not exists address varchar(200) not null default '',
    add column if not exists phone varchar(40) not null default '',
    add column if not exists email varchar(120) not null default '',
    add column if not exists tax_number varchar(40) not null default '',
    add column if not exists tax_percent decimal(4, 2) not null default 0,
    add column if not exists warranty_months smallint not null default 0,
    add column if not exists simulated_meters boolean not null default false;

update business
set simulated_meters = exists (select 1 from service_call where id = '0193a000-0000-7000-8000-000000000402');
