-- Which stretch of the story an entry belongs to follows from the order of the entries: stored, it went wrong when a remedy
-- was taken back or corrected. An entry that was taken back stays, so that its id is known if the request comes again.
-- "complaint" marks the signs that somebody called for.
-- Each statement can be run again, as changes of the schema are not undone when one of them fails.
create index if not exists entry_of_call on entry (call_id, at);
alter table entry
    drop index if exists entry_once,
    drop column if exists phase,
    add column if not exists complaint boolean not null default false,
    add column if not exists taken_back_at timestamp(3) null;
