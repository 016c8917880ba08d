-- By what a part is found: what is said of it, from each of its letters on, up to the end of the word.
create table if not exists part_piece (
    piece varchar(16) not null,
    part_id uuid not null references part (id) on delete cascade,
    key part_piece_by_piece (piece, part_id),
    key part_piece_of_part (part_id)
);

delete from part_piece;

insert into part_piece (piece, part_id)
select distinct substring_index(substr(p.said, s.seq, 16), ' ', 1), p.id
from (select id, concat_ws(' ', number, name, maker, supplier, place, replaces) as said from part) p
join seq_1_to_600 s on s.seq <= char_length(p.said)
where substr(p.said, s.seq, 1) <> ' ';

create index if not exists part_code on part (code);
create index if not exists part_minimum on part (minimum);
create index if not exists part_order_line_coming on part_order_line (coming);

-- Whether somebody else may be the same as a customer: set as soon as one is written down who is like them, and looked at again when it is asked for.
alter table customer add column if not exists maybe_twin boolean not null default false;

update customer c
set c.maybe_twin = true
where (length(c.digits) >= 6 and exists (select 1 from customer o where o.digits = c.digits and o.id <> c.id))
   or exists (select 1 from customer o where o.name = c.name and o.street = c.street and o.id <> c.id);

create index if not exists customer_maybe_twin on customer (maybe_twin, digits, name);
