-- A call on which nothing was done, as it was entered by mistake or nobody wanted it any more.
alter table service_call add column if not exists cancelled boolean not null default false after sign_off;
