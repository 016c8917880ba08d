-- Tries at signing in, by the hash of what was tried, counted since the first of a minute.
create table if not exists sign_in_try (
    what char(64) character set ascii collate ascii_bin primary key,
    since timestamp(3) not null,
    tries int not null,
    key sign_in_try_since (since)
);
