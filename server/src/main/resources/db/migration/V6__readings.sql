-- A check may be read off an instrument: the value in the base unit of its quantity, and its standard deviation.
alter table entry
    add column reading double null,
    add column spread double null;

-- What a machine's plate or papers say, in base units.
create table machine_rating (
    machine_id uuid not null references machine (id),
    rating varchar(20) not null,
    value double not null,
    primary key (machine_id, rating)
);

-- The units that somebody works in.
alter table account add column units varchar(6) not null default 'METRIC';

-- The machine behind the simulated meters of a call: what is wrong with it, and its seed, so that it stays the same one. The
-- remedies that had been tried when it was made have left it so.
create table simulated_machine (
    call_id uuid primary key references service_call (id),
    seed bigint not null,
    faults json not null,
    tried int not null
);
