-- What the barcode on a part's packet says.
alter table part add column if not exists code varchar(80) not null default '';
