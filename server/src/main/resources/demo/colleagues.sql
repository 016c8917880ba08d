-- Made-up data, too: what colleagues have today, what nobody has yet, where homes stand, and what one machine had before.
-- The town is invented, and lies where there is only sea.

update customer set latitude = 54.021, longitude = 2.03 where id = '0193a000-0000-7000-8000-000000000101';
update customer set latitude = 54.006, longitude = 1.985 where id = '0193a000-0000-7000-8000-000000000102';
update customer set latitude = 54.034, longitude = 2.052 where id = '0193a000-0000-7000-8000-000000000103';
update customer set latitude = 53.996, longitude = 2.004 where id = '0193a000-0000-7000-8000-000000000104';
update customer set latitude = 54.012, longitude = 2.021 where id = '0193a000-0000-7000-8000-000000000105';
update customer set latitude = 54.047, longitude = 1.968 where id = '0193a000-0000-7000-8000-000000000106';
update customer set latitude = 54.018, longitude = 1.962 where id = '0193a000-0000-7000-8000-000000000107';
update customer set latitude = 53.981, longitude = 2.033 where id = '0193a000-0000-7000-8000-000000000108';
update customer set latitude = 54.002, longitude = 2.041 where id = '0193a000-0000-7000-8000-000000000109';
update customer set email = 'ottoline.brask@example.com', access = 'Bell is broken: knock, or ring up from below' where id = '0193a000-0000-7000-8000-000000000101';
update customer set email = 'kitchen@plover-inn.example', access = 'Through the yard; not between noon and two' where id = '0193a000-0000-7000-8000-000000000104';

insert into customer (id, name, street, phone, email, access, latitude, longitude) values
('0193a000-0000-7000-8000-000000000121', 'Hedda Quill', '2 Salt Stairs', '0455 21 15 70', 'hedda.quill@example.com', null, 54.008, 2.012),
('0193a000-0000-7000-8000-000000000122', 'Anselm Roake', '30 Lower Sluice', '0455 23 40 12', null, 'Gate code at the office; park behind the boat shed', 54.044, 1.975),
('0193a000-0000-7000-8000-000000000123', 'Perrin and Loft, laundry', '7 Warehouse Row', '0455 22 81 00', 'desk@perrin-loft.example', null, 53.992, 1.991),
('0193a000-0000-7000-8000-000000000124', 'Bettany Marlock', '19 Chapel Rise', '0455 20 93 38', null, null, 54.019, 1.958),
('0193a000-0000-7000-8000-000000000125', 'Odo Fairweather', '11 Lantern Hill', '0455 20 14 07', null, 'Ring twice, hard of hearing', 54.033, 2.049),
('0193a000-0000-7000-8000-000000000126', 'Sunniva Trask', '54 Ropewalk', '0455 20 36 19', 's.trask@example.com', null, 54.001, 2.044),
('0193a000-0000-7000-8000-000000000127', 'Cuthbert Venn', '8 Mill Leat, third floor', '0455 21 08 30', null, 'No lift', 53.983, 2.03),
('0193a000-0000-7000-8000-000000000128', 'Ysolde Penfold', '25 Tannery Row', '0455 21 76 92', null, null, 54.007, 1.982),
('0193a000-0000-7000-8000-000000000129', 'The Lantern House, rooms', '4 Quay Parade', '0455 29 50 41', 'desk@lantern-house.example', 'Ask at the desk', 53.997, 2.006),
('0193a000-0000-7000-8000-000000000130', 'Merrick Dunnow', '66 Quarry Steps', '0455 21 61 77', null, 'Dog in the yard: ring up from the gate', 54.024, 2.034),
('0193a000-0000-7000-8000-000000000131', 'Isaura Wick', '17 Netmakers'' Lane', '0455 21 34 26', null, null, 54.013, 2.024),
('0193a000-0000-7000-8000-000000000132', 'Tobin Gale', '4 Weir Cottages', '0455 23 55 60', null, null, 54.058, 2.01),
('0193a000-0000-7000-8000-000000000133', 'Lunete Farrow', '12 Chandlers'' Court', '0455 21 90 08', null, null, 54.004, 1.996);

update customer set digits = regexp_replace(phone, '[^0-9]', '');

insert into machine (id, customer_id, kind, maker, model, serial, place) values
('0193a000-0000-7000-8000-000000000221', '0193a000-0000-7000-8000-000000000121', 'washing-machine', 'Corvanne', 'WM-7 R', '2012-4471', 'Bathroom'),
('0193a000-0000-7000-8000-000000000222', '0193a000-0000-7000-8000-000000000122', 'tumble-dryer', 'Corvanne', 'TD-8 C', '2101-0093', 'Utility room'),
('0193a000-0000-7000-8000-000000000223', '0193a000-0000-7000-8000-000000000123', 'washing-machine', 'Haldbeck', 'HW-9 Inn', '09-22817', 'Row by the window, second'),
('0193a000-0000-7000-8000-000000000224', '0193a000-0000-7000-8000-000000000124', 'dishwasher', 'Ostrelle', 'Lagoon 2', 'OL2-38120', 'Kitchen'),
('0193a000-0000-7000-8000-000000000225', '0193a000-0000-7000-8000-000000000125', 'vacuum-cleaner', 'Ostrelle', 'Whist 2', 'WH2-02231', 'Hall'),
('0193a000-0000-7000-8000-000000000226', '0193a000-0000-7000-8000-000000000126', 'dishwasher', 'Corvanne', 'DW-450', '1904-0718', 'Kitchen'),
('0193a000-0000-7000-8000-000000000227', '0193a000-0000-7000-8000-000000000127', 'washing-machine', 'Corvanne', 'WM-7 R', '1809-1152', 'Kitchen'),
('0193a000-0000-7000-8000-000000000228', '0193a000-0000-7000-8000-000000000128', 'tumble-dryer', 'Corvanne', 'TD-7 V', '1706-0034', 'Cellar'),
('0193a000-0000-7000-8000-000000000229', '0193a000-0000-7000-8000-000000000129', 'dishwasher', 'Haldbeck', 'H70 Inn', '70-120021', 'Pantry'),
('0193a000-0000-7000-8000-000000000230', '0193a000-0000-7000-8000-000000000130', 'dishwasher', 'Corvanne', 'DW-610 S', '2210-3391', 'Kitchen'),
('0193a000-0000-7000-8000-000000000231', '0193a000-0000-7000-8000-000000000131', 'washing-machine', 'Corvanne', 'WM-7 R', '2005-9913', 'Bathroom'),
('0193a000-0000-7000-8000-000000000232', '0193a000-0000-7000-8000-000000000132', 'tumble-dryer', 'Corvanne', 'TD-8 C', '2204-7730', 'Loft'),
('0193a000-0000-7000-8000-000000000233', '0193a000-0000-7000-8000-000000000133', 'dishwasher', 'Ostrelle', 'Lagoon 3', 'OL3-60007', 'Kitchen island');

insert into machine_feature (machine_id, feature) values
('0193a000-0000-7000-8000-000000000221', 'standpipe'),
('0193a000-0000-7000-8000-000000000221', 'bypass'),
('0193a000-0000-7000-8000-000000000222', 'condenser'),
('0193a000-0000-7000-8000-000000000222', 'container'),
('0193a000-0000-7000-8000-000000000222', 'heater'),
('0193a000-0000-7000-8000-000000000223', 'standpipe'),
('0193a000-0000-7000-8000-000000000224', 'return-valve'),
('0193a000-0000-7000-8000-000000000225', 'bin'),
('0193a000-0000-7000-8000-000000000225', 'cordless'),
('0193a000-0000-7000-8000-000000000225', 'driven-brush'),
('0193a000-0000-7000-8000-000000000225', 'exhaust-filter'),
('0193a000-0000-7000-8000-000000000226', 'return-valve'),
('0193a000-0000-7000-8000-000000000227', 'standpipe'),
('0193a000-0000-7000-8000-000000000227', 'bypass'),
('0193a000-0000-7000-8000-000000000228', 'vented'),
('0193a000-0000-7000-8000-000000000228', 'heater'),
('0193a000-0000-7000-8000-000000000229', 'return-valve'),
('0193a000-0000-7000-8000-000000000229', 'disposer'),
('0193a000-0000-7000-8000-000000000230', 'return-valve'),
('0193a000-0000-7000-8000-000000000230', 'air-gap'),
('0193a000-0000-7000-8000-000000000231', 'standpipe'),
('0193a000-0000-7000-8000-000000000231', 'bypass'),
('0193a000-0000-7000-8000-000000000232', 'condenser'),
('0193a000-0000-7000-8000-000000000232', 'container'),
('0193a000-0000-7000-8000-000000000232', 'heater'),
('0193a000-0000-7000-8000-000000000233', 'return-valve'),
('0193a000-0000-7000-8000-000000000233', 'pump-screen');

insert into service_call (id, visit_id, machine_id, account_id, day, planned_at, promised_from, promised_until, revision) values
('0193a000-0000-7000-8000-000000000a11', '0193a000-0000-7000-8000-000000000a11', '0193a000-0000-7000-8000-000000000221', '0193a000-0000-7000-8000-000000000002', current_date, '08:30', 510, 570, 1),
('0193a000-0000-7000-8000-000000000a12', '0193a000-0000-7000-8000-000000000a12', '0193a000-0000-7000-8000-000000000224', '0193a000-0000-7000-8000-000000000002', current_date, '10:30', 600, 720, 1),
('0193a000-0000-7000-8000-000000000a13', '0193a000-0000-7000-8000-000000000a13', '0193a000-0000-7000-8000-000000000228', '0193a000-0000-7000-8000-000000000002', current_date, '13:30', 780, 900, 1),
('0193a000-0000-7000-8000-000000000a14', '0193a000-0000-7000-8000-000000000a14', '0193a000-0000-7000-8000-000000000222', '0193a000-0000-7000-8000-000000000003', current_date, '09:00', 540, 600, 1),
('0193a000-0000-7000-8000-000000000a15', '0193a000-0000-7000-8000-000000000a15', '0193a000-0000-7000-8000-000000000227', '0193a000-0000-7000-8000-000000000003', current_date, '11:00', 630, 750, 1),
('0193a000-0000-7000-8000-000000000a16', '0193a000-0000-7000-8000-000000000a16', '0193a000-0000-7000-8000-000000000226', '0193a000-0000-7000-8000-000000000003', current_date, '14:00', 840, 960, 1),
('0193a000-0000-7000-8000-000000000a17', '0193a000-0000-7000-8000-000000000a17', '0193a000-0000-7000-8000-000000000223', '0193a000-0000-7000-8000-000000000004', current_date, '09:00', 540, 660, 1),
('0193a000-0000-7000-8000-000000000a18', '0193a000-0000-7000-8000-000000000a18', '0193a000-0000-7000-8000-000000000229', '0193a000-0000-7000-8000-000000000004', current_date, '13:00', 780, 840, 1),
('0193a000-0000-7000-8000-000000000a19', '0193a000-0000-7000-8000-000000000a19', '0193a000-0000-7000-8000-000000000225', '0193a000-0000-7000-8000-000000000005', current_date, '10:00', 600, 720, 1),
('0193a000-0000-7000-8000-000000000a20', '0193a000-0000-7000-8000-000000000a20', '0193a000-0000-7000-8000-000000000230', '0193a000-0000-7000-8000-000000000005', current_date, '14:30', 840, 960, 1),
('0193a000-0000-7000-8000-000000000a21', '0193a000-0000-7000-8000-000000000a21', '0193a000-0000-7000-8000-000000000231', '00000000-0000-0000-0000-000000000000', current_date, '12:00', 720, 960, 1),
('0193a000-0000-7000-8000-000000000a22', '0193a000-0000-7000-8000-000000000a22', '0193a000-0000-7000-8000-000000000232', '00000000-0000-0000-0000-000000000000', current_date, '13:00', 780, 1020, 1),
('0193a000-0000-7000-8000-000000000a23', '0193a000-0000-7000-8000-000000000a23', '0193a000-0000-7000-8000-000000000233', '00000000-0000-0000-0000-000000000000', current_date + interval 1 day, '09:00', 540, 720, 1);

-- What Maren's customers of today and tomorrow were promised.
update service_call set promised_from = 570, promised_until = 660 where id = '0193a000-0000-7000-8000-000000000402';
update service_call set promised_from = 660, promised_until = 780 where id = '0193a000-0000-7000-8000-000000000403';
update service_call set promised_from = 840, promised_until = 930 where id = '0193a000-0000-7000-8000-000000000404';
update service_call set promised_from = 900, promised_until = 1020 where id = '0193a000-0000-7000-8000-000000000405';
update service_call set promised_from = 540, promised_until = 660 where id = '0193a000-0000-7000-8000-000000000411';
update service_call set promised_from = 540, promised_until = 660 where id = '0193a000-0000-7000-8000-000000000414';
update service_call set promised_from = 600, promised_until = 720 where id = '0193a000-0000-7000-8000-000000000412';
update service_call set promised_from = 720, promised_until = 900 where id = '0193a000-0000-7000-8000-000000000413';
update service_call set promised_from = 840, promised_until = 1020 where id = '0193a000-0000-7000-8000-000000000416';

-- What Ottoline Brask's dishwasher had before.
insert into service_call (id, visit_id, machine_id, account_id, day, planned_at, revision, closed_at, closed_by, advice) values
('0193a000-0000-7000-8000-000000000a01', '0193a000-0000-7000-8000-000000000a01', '0193a000-0000-7000-8000-000000000201', '0193a000-0000-7000-8000-000000000001', current_date - interval 418 day, '10:00', 1, now(3) - interval 418 day, 'Maren Tolliver', 'Clean the filter every two weeks.'),
('0193a000-0000-7000-8000-000000000a02', '0193a000-0000-7000-8000-000000000a02', '0193a000-0000-7000-8000-000000000201', '0193a000-0000-7000-8000-000000000002', current_date - interval 151 day, '10:00', 1, now(3) - interval 151 day, 'Rollo Fenn', 'The hose sagged behind the machine: it is clipped up now.');

insert into knowhow_use (kind, number, calls)
select m.kind, c.revision, count(*) from service_call c join machine m on m.id = c.machine_id group by m.kind, c.revision
on duplicate key update calls = values(calls);

insert into van_stock (account_id, part_id, on_van) values
('0193a000-0000-7000-8000-000000000002', '0193a000-0000-7000-8000-000000000301', 1),
('0193a000-0000-7000-8000-000000000002', '0193a000-0000-7000-8000-000000000321', 1),
('0193a000-0000-7000-8000-000000000002', '0193a000-0000-7000-8000-000000000309', 6),
('0193a000-0000-7000-8000-000000000003', '0193a000-0000-7000-8000-000000000321', 2),
('0193a000-0000-7000-8000-000000000003', '0193a000-0000-7000-8000-000000000324', 1),
('0193a000-0000-7000-8000-000000000003', '0193a000-0000-7000-8000-000000000322', 4),
('0193a000-0000-7000-8000-000000000004', '0193a000-0000-7000-8000-000000000303', 1),
('0193a000-0000-7000-8000-000000000004', '0193a000-0000-7000-8000-000000000308', 2),
('0193a000-0000-7000-8000-000000000005', '0193a000-0000-7000-8000-000000000301', 1),
('0193a000-0000-7000-8000-000000000005', '0193a000-0000-7000-8000-000000000326', 2),
('0193a000-0000-7000-8000-000000000005', '0193a000-0000-7000-8000-000000000310', 5);

insert into part_move (id, part_id, account_id, at, by_account, reason, moved, on_van)
select uuid(), part_id, account_id, now(3) - interval 8 day, account_id, 'COUNTED', on_van, on_van from van_stock
where account_id <> '0193a000-0000-7000-8000-000000000001';

insert into qualification (account_id, competence, since, until, proof) values
('0193a000-0000-7000-8000-000000000004', 'ELECTRICAL', current_date - interval 5 month, current_date + interval 31 month, 'Electrical testing of repaired appliances, certificate SV-2391');
