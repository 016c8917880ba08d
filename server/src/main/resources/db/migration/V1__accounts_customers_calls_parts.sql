-- One row: the business that this installation works for.
create table business (
    id tinyint primary key check (id = 1),
    name varchar(80) not null,
    currency char(3) not null,
    labour_per_hour decimal(8, 2) not null,
    return_trip_minutes int not null
);

create table account (
    id uuid primary key,
    login varchar(40) not null unique,
    name varchar(80) not null,
    password varchar(200) not null,
    role varchar(20) not null
);

create table customer (
    id uuid primary key,
    name varchar(80) not null,
    street varchar(120) not null,
    phone varchar(40) not null,
    key customer_name (name),
    key customer_street (street)
);

create table machine (
    id uuid primary key,
    customer_id uuid not null references customer (id),
    kind varchar(40) not null,
    maker varchar(60) not null,
    model varchar(60) not null,
    serial varchar(60) not null,
    place varchar(120) not null,
    version int not null default 1
);

create table machine_feature (
    machine_id uuid not null references machine (id),
    feature varchar(40) not null,
    primary key (machine_id, feature)
);

-- A visit to one machine. It keeps the version of the know-how that it was judged with.
create table service_call (
    id uuid primary key,
    machine_id uuid not null references machine (id),
    account_id uuid not null references account (id),
    day date not null,
    planned_at time not null,
    complaint varchar(500) not null,
    pack_version int not null,
    closed_at timestamp(3) null,
    sign_off varchar(500) null,
    advice varchar(2000) null,
    version int not null default 1,
    key service_call_day (account_id, day)
);

-- What was learnt or done on a call. "phase" counts the remedies proved not to cure before it: within a phase a thing is
-- settled once, after a remedy it may be looked at again.
create table entry (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    at timestamp(3) not null,
    kind varchar(10) not null,
    subject varchar(40) not null,
    answer varchar(40) not null,
    phase int not null,
    version int not null default 1,
    unique key entry_once (call_id, kind, subject, phase)
);

create table part (
    id uuid primary key,
    number varchar(30) not null unique,
    name varchar(80) not null,
    kind varchar(40) not null,
    fits varchar(40) not null,
    maker varchar(60) null,
    price decimal(10, 2) not null
);

create table van_stock (
    account_id uuid not null references account (id),
    part_id uuid not null references part (id),
    on_van int not null check (on_van >= 0),
    primary key (account_id, part_id)
);

-- The price is kept as it was when the part was used.
create table part_use (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    remedy varchar(40) not null,
    part_id uuid not null references part (id),
    used int not null check (used > 0),
    unit_price decimal(10, 2) not null,
    at timestamp(3) not null
);
