-- Made-up data: three days of Maren Tolliver of Tidewrack Appliance Care, in and around Saltmere.
-- Every name of a person, place, maker and model is invented.

insert into qualification (account_id, competence, since, until, proof) values
('0193a000-0000-7000-8000-000000000001', 'ELECTRICAL', current_date - interval 14 month, current_date + interval 22 month, 'Electrical testing of repaired appliances, certificate SV-2217'),
('0193a000-0000-7000-8000-000000000001', 'CAPACITORS', current_date - interval 14 month, current_date + interval 22 month, 'In the same course, certificate SV-2217');

insert into customer (id, name, street, phone) values
('0193a000-0000-7000-8000-000000000101', 'Ottoline Brask', '14 Quarry Steps, first floor', '0455 21 60 18'),
('0193a000-0000-7000-8000-000000000102', 'Joss Venderly', '3 Tannery Row', '0455 21 77 40'),
('0193a000-0000-7000-8000-000000000103', 'Imke Sorrel', '88 Lantern Hill', '0455 20 14 92'),
('0193a000-0000-7000-8000-000000000104', 'The Plover Inn (kitchen)', '1 Harbour Wall', '0455 22 00 03'),
('0193a000-0000-7000-8000-000000000105', 'Caspar Wyngate', '27 Netmakers'' Lane', '0455 21 35 51'),
('0193a000-0000-7000-8000-000000000106', 'Dorrit Halloway', '5 Upper Sluice, back door', '0455 23 48 09'),
('0193a000-0000-7000-8000-000000000107', 'Benno Aldwick', '41 Chapel Rise', '0455 20 91 26'),
('0193a000-0000-7000-8000-000000000108', 'Lorcan Petrie', '9 Mill Leat, ground floor', '0455 21 08 83'),
('0193a000-0000-7000-8000-000000000109', 'Sefa Lindqvar', '16 Ropewalk, top floor', '0455 20 37 64');

insert into machine (id, customer_id, kind, maker, model, serial, place) values
('0193a000-0000-7000-8000-000000000201', '0193a000-0000-7000-8000-000000000101', 'dishwasher', 'Corvanne', 'DW-610 S', '2114-0937', 'Kitchen, under the window'),
('0193a000-0000-7000-8000-000000000202', '0193a000-0000-7000-8000-000000000102', 'dishwasher', 'Corvanne', 'DW-450', '1808-2210', 'Kitchen, left of the sink'),
('0193a000-0000-7000-8000-000000000203', '0193a000-0000-7000-8000-000000000103', 'dishwasher', 'Ostrelle', 'Lagoon 3', 'OL3-55172', 'Kitchen island'),
('0193a000-0000-7000-8000-000000000204', '0193a000-0000-7000-8000-000000000104', 'dishwasher', 'Haldbeck', 'H60 Inn', '60-118834', 'Back kitchen, right'),
('0193a000-0000-7000-8000-000000000205', '0193a000-0000-7000-8000-000000000105', 'dishwasher', 'Corvanne', 'DW-610 S', '2203-1175', 'Galley, tight'),
('0193a000-0000-7000-8000-000000000206', '0193a000-0000-7000-8000-000000000106', 'dishwasher', 'Corvanne', 'DW-380', '1702-0468', 'Utility room'),
('0193a000-0000-7000-8000-000000000207', '0193a000-0000-7000-8000-000000000107', 'dishwasher', 'Ostrelle', 'Lagoon 2', 'OL2-40916', 'Kitchen'),
('0193a000-0000-7000-8000-000000000208', '0193a000-0000-7000-8000-000000000108', 'dishwasher', 'Corvanne', 'DW-450', '1906-1543', 'Kitchen, right of the sink'),
('0193a000-0000-7000-8000-000000000211', '0193a000-0000-7000-8000-000000000101', 'vacuum-cleaner', 'Ostrelle', 'Whist 2', 'WH2-07714', 'Hall cupboard'),
('0193a000-0000-7000-8000-000000000212', '0193a000-0000-7000-8000-000000000106', 'washing-machine', 'Corvanne', 'WM-7 R', '1911-3320', 'Utility room, beside the dishwasher'),
('0193a000-0000-7000-8000-000000000213', '0193a000-0000-7000-8000-000000000107', 'tumble-dryer', 'Corvanne', 'TD-8 C', '2006-0251', 'Cellar'),
('0193a000-0000-7000-8000-000000000214', '0193a000-0000-7000-8000-000000000109', 'tumble-dryer', 'Corvanne', 'TD-7 V', '1804-2206', 'Box room, on the washing machine');

-- Read off plates and papers, and measured under the sink.
insert into machine_rating (machine_id, rating, value) values
('0193a000-0000-7000-8000-000000000201', 'DRAIN_LIFT', 0.9),
('0193a000-0000-7000-8000-000000000201', 'HOSE_LENGTH', 2.4),
('0193a000-0000-7000-8000-000000000212', 'ELEMENT_POWER', 1950),
('0193a000-0000-7000-8000-000000000211', 'SEALED_SUCTION', 18.5);

insert into machine_feature (machine_id, feature) values
('0193a000-0000-7000-8000-000000000201', 'return-valve'),
('0193a000-0000-7000-8000-000000000202', 'return-valve'),
('0193a000-0000-7000-8000-000000000203', 'return-valve'),
('0193a000-0000-7000-8000-000000000204', 'return-valve'),
('0193a000-0000-7000-8000-000000000205', 'return-valve'),
('0193a000-0000-7000-8000-000000000206', 'return-valve'),
('0193a000-0000-7000-8000-000000000207', 'return-valve'),
('0193a000-0000-7000-8000-000000000208', 'return-valve'),
('0193a000-0000-7000-8000-000000000211', 'sleeve-off'),
('0193a000-0000-7000-8000-000000000201', 'air-gap'),
('0193a000-0000-7000-8000-000000000203', 'pump-screen'),
('0193a000-0000-7000-8000-000000000204', 'disposer'),
('0193a000-0000-7000-8000-000000000205', 'air-gap'),
('0193a000-0000-7000-8000-000000000205', 'disposer'),
('0193a000-0000-7000-8000-000000000211', 'bin'),
('0193a000-0000-7000-8000-000000000211', 'cordless'),
('0193a000-0000-7000-8000-000000000211', 'driven-brush'),
('0193a000-0000-7000-8000-000000000211', 'exhaust-filter'),
('0193a000-0000-7000-8000-000000000212', 'bypass'),
('0193a000-0000-7000-8000-000000000212', 'standpipe'),
('0193a000-0000-7000-8000-000000000213', 'condenser'),
('0193a000-0000-7000-8000-000000000213', 'container'),
('0193a000-0000-7000-8000-000000000213', 'heater'),
('0193a000-0000-7000-8000-000000000214', 'vented'),
('0193a000-0000-7000-8000-000000000214', 'heater');

insert into part (id, number, name, kind, fits, maker, price) values
('0193a000-0000-7000-8000-000000000301', 'CV-DP30', 'Drain pump 30 W, quarter turn', 'dishwasher', 'drain-pump', 'Corvanne', 48.90),
('0193a000-0000-7000-8000-000000000302', 'OS-DP25', 'Drain pump 25 W, clip', 'dishwasher', 'drain-pump', 'Ostrelle', 44.50),
('0193a000-0000-7000-8000-000000000303', 'HB-DP40', 'Drain pump 40 W, quarter turn', 'dishwasher', 'drain-pump', 'Haldbeck', 61.00),
('0193a000-0000-7000-8000-000000000304', 'CV-WP80', 'Wash pump 80 W with seal', 'dishwasher', 'wash-pump', 'Corvanne', 129.00),
('0193a000-0000-7000-8000-000000000305', 'OS-WP70', 'Wash pump 70 W', 'dishwasher', 'wash-pump', 'Ostrelle', 118.00),
('0193a000-0000-7000-8000-000000000306', 'CV-SA2', 'Spray arm, lower', 'dishwasher', 'spray-arm', 'Corvanne', 19.80),
('0193a000-0000-7000-8000-000000000307', 'OS-SA1', 'Spray arm, lower', 'dishwasher', 'spray-arm', 'Ostrelle', 22.40),
('0193a000-0000-7000-8000-000000000308', 'RV-20', 'Return valve with ball, 20 mm', 'dishwasher', 'return-valve', null, 7.40),
('0193a000-0000-7000-8000-000000000309', 'HC-19', 'Hose clip, 19 mm, screw', 'dishwasher', 'hose-clip', null, 1.90),
('0193a000-0000-7000-8000-000000000310', 'HC-25', 'Hose clip, 25 mm, screw', 'dishwasher', 'hose-clip', null, 2.20),
('0193a000-0000-7000-8000-000000000321', 'CV-WDP34', 'Drain pump 34 W with trap', 'washing-machine', 'drain-pump', 'Corvanne', 39.90),
('0193a000-0000-7000-8000-000000000322', 'TR-48', 'Pump filter O-ring, 48 mm', 'washing-machine', 'trap-seal', null, 3.20),
('0193a000-0000-7000-8000-000000000323', 'CV-IV2', 'Inlet valve, double', 'washing-machine', 'inlet-valve', 'Corvanne', 24.60),
('0193a000-0000-7000-8000-000000000324', 'CV-TC17', 'Thermal cut-out set', 'tumble-dryer', 'cut-out', 'Corvanne', 18.40),
('0193a000-0000-7000-8000-000000000325', 'CV-LF8', 'Lint filter, fold', 'tumble-dryer', 'lint-filter', 'Corvanne', 27.00),
('0193a000-0000-7000-8000-000000000326', 'OS-PF2', 'Pre-motor filter with sleeve', 'vacuum-cleaner', 'pre-filter', 'Ostrelle', 14.90),
('0193a000-0000-7000-8000-000000000327', 'OS-XF2', 'Exhaust filter', 'vacuum-cleaner', 'exhaust-filter', 'Ostrelle', 16.50);

insert into van_stock (account_id, part_id, on_van) values
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000301', 2),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000302', 1),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000304', 0),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000306', 1),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000308', 3),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000309', 12),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000310', 8),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000321', 1),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000322', 6),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000324', 2),
('0193a000-0000-7000-8000-000000000001', '0193a000-0000-7000-8000-000000000326', 2);

insert into part_move (id, part_id, account_id, at, by_account, reason, moved, on_van)
select uuid(), part_id, account_id, now(3) - interval 9 day, account_id, 'COUNTED', on_van, on_van from van_stock;

update part set supplier = 'Harbour Spares', place = 'Left rack, box 2', minimum = 2, cost = round(0.62 * price, 2)
where number in ('CV-DP30', 'CV-WP80', 'CV-SA2', 'CV-WDP34', 'CV-IV2', 'CV-TC17', 'CV-LF8');

update part set supplier = 'Quay Trade Counter', place = 'Right rack, box 5', minimum = 4, cost = round(0.55 * price, 2)
where number in ('RV-20', 'HC-19', 'HC-25', 'TR-48', 'OS-PF2', 'OS-XF2');

insert into part_order (id, supplier, at, by_account, simulated) values
('0193a000-0000-7000-8000-000000000701', 'Harbour Spares', now(3) - interval 2 day, '0193a000-0000-7000-8000-000000000001', true);

insert into part_order_line (order_number, part_id, ordered, coming, promised, in_box)
select number, '0193a000-0000-7000-8000-000000000304', 2, 2, current_date + interval 1 day, 1 from part_order;

insert into part_order_line (order_number, part_id, ordered, coming, promised, in_box)
select number, '0193a000-0000-7000-8000-000000000323', 2, 2, current_date + interval 1 day, 2 from part_order;

insert into service_call (id, visit_id, machine_id, account_id, day, planned_at, revision, closed_at, sign_off, advice) values
('0193a000-0000-7000-8000-000000000401', '0193a000-0000-7000-8000-000000000401', '0193a000-0000-7000-8000-000000000202', '0193a000-0000-7000-8000-000000000001', current_date, '08:30', 1, now(3) - interval 58 minute, null, 'A seed held the valve open. Scrape the plates, no need to rinse; clean the filter every two weeks.'),
('0193a000-0000-7000-8000-000000000402', '0193a000-0000-7000-8000-000000000402', '0193a000-0000-7000-8000-000000000201', '0193a000-0000-7000-8000-000000000001', current_date, '10:00', 1, null, null, null),
('0193a000-0000-7000-8000-000000000403', '0193a000-0000-7000-8000-000000000403', '0193a000-0000-7000-8000-000000000203', '0193a000-0000-7000-8000-000000000001', current_date, '11:30', 1, null, null, null),
('0193a000-0000-7000-8000-000000000404', '0193a000-0000-7000-8000-000000000404', '0193a000-0000-7000-8000-000000000204', '0193a000-0000-7000-8000-000000000001', current_date, '14:00', 1, null, null, null),
('0193a000-0000-7000-8000-000000000405', '0193a000-0000-7000-8000-000000000405', '0193a000-0000-7000-8000-000000000205', '0193a000-0000-7000-8000-000000000001', current_date, '15:30', 1, null, null, null),
('0193a000-0000-7000-8000-000000000406', '0193a000-0000-7000-8000-000000000406', '0193a000-0000-7000-8000-000000000206', '0193a000-0000-7000-8000-000000000001', current_date - interval 1 day, '13:00', 1, null, null, null),
('0193a000-0000-7000-8000-000000000407', '0193a000-0000-7000-8000-000000000407', '0193a000-0000-7000-8000-000000000207', '0193a000-0000-7000-8000-000000000001', current_date - interval 1 day, '15:00', 1, now(3) - interval 1 day, null, 'The filter had not been out for a year. Every two weeks under the tap, soft brush.'),
('0193a000-0000-7000-8000-000000000408', '0193a000-0000-7000-8000-000000000408', '0193a000-0000-7000-8000-000000000208', '0193a000-0000-7000-8000-000000000001', current_date - interval 1 day, '09:30', 1, null, null, null),
('0193a000-0000-7000-8000-000000000411', '0193a000-0000-7000-8000-000000000411', '0193a000-0000-7000-8000-000000000213', '0193a000-0000-7000-8000-000000000001', current_date + interval 1 day, '09:00', 1, null, null, null),
('0193a000-0000-7000-8000-000000000414', '0193a000-0000-7000-8000-000000000411', '0193a000-0000-7000-8000-000000000207', '0193a000-0000-7000-8000-000000000001', current_date + interval 1 day, '09:00', 1, null, null, null),
('0193a000-0000-7000-8000-000000000412', '0193a000-0000-7000-8000-000000000412', '0193a000-0000-7000-8000-000000000212', '0193a000-0000-7000-8000-000000000001', current_date + interval 1 day, '10:30', 1, null, null, null),
('0193a000-0000-7000-8000-000000000413', '0193a000-0000-7000-8000-000000000413', '0193a000-0000-7000-8000-000000000211', '0193a000-0000-7000-8000-000000000001', current_date + interval 1 day, '13:00', 1, null, null, null);

-- A dryer that is kept up: what was done half a year ago, and the visit of tomorrow.
insert into service_call (id, visit_id, machine_id, account_id, day, planned_at, revision, upkeep, closed_at, closed_by, sign_off, advice) values
('0193a000-0000-7000-8000-000000000415', '0193a000-0000-7000-8000-000000000415', '0193a000-0000-7000-8000-000000000214', '0193a000-0000-7000-8000-000000000001', current_date - interval 190 day, '09:00', 1, true, now(3) - interval 190 day, 'Maren Tolliver', 'Back not opened: no second pair of hands to move it', 'Lint filter after every load.'),
('0193a000-0000-7000-8000-000000000416', '0193a000-0000-7000-8000-000000000416', '0193a000-0000-7000-8000-000000000214', '0193a000-0000-7000-8000-000000000001', current_date + interval 1 day, '15:00', 1, true, null, null, null, null);

insert into part_use (id, call_id, remedy, part_id, used, unit_price, at, serial, old_part) values
('0193a000-0000-7000-8000-000000000601', '0193a000-0000-7000-8000-000000000401', 'replace-valve', '0193a000-0000-7000-8000-000000000308', 1, 7.40, now(3) - interval 71 minute, '', 'BINNED'),
('0193a000-0000-7000-8000-000000000602', '0193a000-0000-7000-8000-000000000408', 'replace-drain-pump', '0193a000-0000-7000-8000-000000000301', 1, 48.90, now(3) - interval 1470 minute, 'CV30-77120', 'TAKEN_ALONG');

update service_call set closed_by = 'Maren Tolliver' where closed_at is not null;
update part_use set account_id = '0193a000-0000-7000-8000-000000000001';

-- What the calls themselves hold is in records.json; this is what others ask for across calls.
insert into own_note (id, call_id, machine_kind, at, entered_by, body) values
('0193a000-0000-7000-8000-000000000792', '0193a000-0000-7000-8000-000000000407', 'dishwasher', now(3) - interval 1430 minute, 'Maren Tolliver', '{"kind": "note", "about": "SEEN", "text": "Edge of the door swollen: water stands on the sill after every wash", "proved": false}'),
('0193a000-0000-7000-8000-000000000793', '0193a000-0000-7000-8000-000000000407', 'dishwasher', now(3) - interval 1428 minute, 'Maren Tolliver', '{"kind": "note", "about": "DONE", "text": "Lower rack re-wheeled with two wheels from a scrap rack", "minutes": 6, "proved": true}');

insert into model_note (call_id, subject, kind, maker, model, model_key, at, body) values
('0193a000-0000-7000-8000-000000000407', 'way upper-rack-way', 'dishwasher', 'Ostrelle', 'Lagoon 2', 'ostrelle lagoon2', now(3) - interval 1438 minute, concat('{"at": ', floor(unix_timestamp(now(3) - interval 1438 minute) * 1000), ', "by": "Rollo Fenn", "way": {"kind": "way-found", "way": "upper-rack-way", "choice": "rack-wheels"}}'));

insert into knowhow_use (kind, number, calls)
select m.kind, c.revision, count(*) from service_call c join machine m on m.id = c.machine_id group by m.kind, c.revision;

-- A flat that one of them lets.
insert into address (id, customer_id, street, access, latitude, longitude) values
('0193a000-0000-7000-8000-000000000151', '0193a000-0000-7000-8000-000000000108', '2 Weir Court, flat 7', 'Let: ring the tenant first. Key at the caretaker''s until five', 53.992, 2.017);

update part set warranty_months = 24 where fits in ('drain-pump', 'wash-pump', 'inlet-valve');
