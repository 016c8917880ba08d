-- What the mains give where the business works: windings are judged by it unless a plate says otherwise.
alter table business add column if not exists mains_volts smallint not null default 230;
