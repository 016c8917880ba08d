-- The secret address at which somebody's own calendar program asks for their round, hashed; none until they want one.
alter table account
    add column if not exists calendar_key char(64) null,
    add unique key if not exists account_calendar (calendar_key);
