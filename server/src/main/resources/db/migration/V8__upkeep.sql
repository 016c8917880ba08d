-- A visit for upkeep: nobody complains of anything, and what is due is done.
alter table service_call add column if not exists upkeep boolean not null default false;
