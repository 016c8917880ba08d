-- Where else a customer has machines.
create table if not exists address (
    id uuid not null primary key,
    customer_id uuid not null references customer (id) on delete cascade,
    street varchar(120) not null,
    access varchar(300) null,
    latitude double null,
    longitude double null,
    key address_customer (customer_id)
);

-- Null for a machine at the customer's own address.
alter table machine
    add column if not exists address_id uuid null,
    add constraint machine_address foreign key if not exists (address_id) references address (id) on delete set null;

-- For how long whoever made a part answers for it; null where nobody has said it.
alter table part add column if not exists warranty_months smallint null;
