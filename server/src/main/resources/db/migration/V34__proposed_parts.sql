-- Parts that were typed on a call stand in the list as proposals, until the lead has looked at them.
alter table part add column if not exists proposed boolean not null default false;
