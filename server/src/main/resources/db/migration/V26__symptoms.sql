-- A sign is called a symptom now. What is renamed already has nothing more to rename.
update service_call
set record = regexp_replace(replace(record, '"sign-settled"', '"symptom-settled"'), '"sign"([[:space:]]*:)', '"symptom"\\1')
where record like '%"sign-settled"%';

update command_log
set body = regexp_replace(replace(body, '"sign-settled"', '"symptom-settled"'), '"sign"([[:space:]]*:)', '"symptom"\\1')
where body like '%"sign-settled"%';

update left_behind
set body = regexp_replace(replace(body, '"sign-settled"', '"symptom-settled"'), '"sign"([[:space:]]*:)', '"symptom"\\1')
where body like '%"sign-settled"%';

update knowhow_edit set section = 'symptoms' where section = 'signs';
