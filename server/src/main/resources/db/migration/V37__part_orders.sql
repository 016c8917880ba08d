-- What was ordered of a supplier.
create table if not exists part_order (
    number int auto_increment primary key,
    id uuid not null unique,
    supplier varchar(80) not null,
    at timestamp(3) not null,
    by_account uuid null references account (id),
    simulated boolean not null
);

-- What of it is still to come: when that is promised, and how many are in the box then, as far as the supplier has said so.
create table if not exists part_order_line (
    order_number int not null references part_order (number),
    part_id uuid not null references part (id),
    ordered int not null check (ordered > 0),
    coming int not null check (coming >= 0),
    promised date null,
    in_box int null,
    primary key (order_number, part_id),
    key part_order_line_coming (coming, part_id)
);
