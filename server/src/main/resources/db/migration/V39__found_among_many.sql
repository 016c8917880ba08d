-- What is asked for without saying whose: everybody's day, what is open in the next ones, what is still to be worked out, parts of a maker.
create index if not exists service_call_by_day on service_call (day);
create index if not exists machine_dues_known on machine (dues_known);
create index if not exists part_by_maker on part (kind, maker);
