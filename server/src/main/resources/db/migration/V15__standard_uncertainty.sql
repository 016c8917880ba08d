-- What was called the spread of a reading is its standard uncertainty. What somebody has typed holds no such
-- member: there its quotes have a backslash.
update service_call set record = replace(record, '"spread":', '"standardUncertainty":')
where record like '%"spread":%';
