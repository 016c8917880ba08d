-- Every version of the know-how that was ever in use; none changes. Calls keep the number they were judged with.
create table knowhow_revision (
    kind varchar(40) not null,
    number int not null,
    source varchar(10) not null,
    note varchar(200) not null,
    at timestamp(3) not null,
    pack mediumtext not null,
    codes mediumtext not null,
    primary key (kind, number)
);

create table knowhow_active (
    kind varchar(40) primary key,
    number int not null,
    foreign key (kind, number) references knowhow_revision (kind, number)
);

create table school_choice (
    account_id uuid not null references account (id),
    school varchar(40) not null,
    choice varchar(40) not null,
    primary key (account_id, school)
);

-- What the customer complains of, in their words; there may be several about one machine.
create table complaint (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    at timestamp(3) not null,
    text varchar(500) not null
);

insert into complaint (id, call_id, at, text)
select id, id, timestamp(day, planned_at), complaint from service_call;

-- Calls about several machines in one home are made on one visit.
alter table service_call
    rename column pack_version to revision,
    add column visit_id uuid null,
    drop column complaint;

update service_call set visit_id = id;

alter table service_call
    modify column visit_id uuid not null,
    add key service_call_visit (visit_id);
