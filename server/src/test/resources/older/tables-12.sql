-- The tables of version 12 that are no more.
create table complaint (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    at timestamp(3) not null,
    text varchar(500) not null
);

create table entry (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    at timestamp(3) not null,
    kind varchar(10) not null,
    subject varchar(40) not null,
    answer varchar(40) not null,
    version int not null default 1,
    entered_by varchar(80) not null default '',
    reading double null,
    spread double null,
    complaint boolean not null default false,
    taken_back_at timestamp(3) null
);

create table caution_kept (
    call_id uuid not null references service_call (id),
    caution varchar(40) not null,
    at timestamp(3) not null,
    entered_by varchar(80) not null default '',
    primary key (call_id, caution)
);

create table job_line (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    kind varchar(10) not null,
    subject varchar(40) null,
    at timestamp(3) not null,
    entered_by varchar(80) not null,
    version int not null default 1,
    body json not null
);

alter table photo add column line_id uuid not null, add column at timestamp(3) not null;
