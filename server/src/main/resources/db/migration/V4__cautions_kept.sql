-- A caution is confirmed once a call, with the time.
create table caution_kept (
    call_id uuid not null references service_call (id),
    caution varchar(40) not null,
    at timestamp(3) not null,
    primary key (call_id, caution)
);
