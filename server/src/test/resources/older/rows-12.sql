-- The demo's calls, as they lay in the tables of version 12.
update service_call set record = '{}' where id between '0193a000-0000-7000-8000-000000000400' and '0193a000-0000-7000-8000-0000000004ff';

insert into complaint (id, call_id, at, text) values
('0193a000-0000-7000-8000-000000000401', '0193a000-0000-7000-8000-000000000401', now(3) - interval 30 hour, 'Empty at night, dirty water in it again in the morning'),
('0193a000-0000-7000-8000-000000000402', '0193a000-0000-7000-8000-000000000402', now(3) - interval 30 hour, 'Stops half-way, water left in the bottom'),
('0193a000-0000-7000-8000-000000000403', '0193a000-0000-7000-8000-000000000403', now(3) - interval 30 hour, 'Cups on top come out with grit, plates below are fine'),
('0193a000-0000-7000-8000-000000000404', '0193a000-0000-7000-8000-000000000404', now(3) - interval 30 hour, 'Greasy glasses, powder still in the cup at the end'),
('0193a000-0000-7000-8000-000000000405', '0193a000-0000-7000-8000-000000000405', now(3) - interval 30 hour, 'Hums, then stops and shows a code'),
('0193a000-0000-7000-8000-000000000406', '0193a000-0000-7000-8000-000000000406', now(3) - interval 30 hour, 'Does not drain, no sound at all'),
('0193a000-0000-7000-8000-000000000407', '0193a000-0000-7000-8000-000000000407', now(3) - interval 30 hour, 'Smells, and bits on the glasses'),
('0193a000-0000-7000-8000-000000000408', '0193a000-0000-7000-8000-000000000408', now(3) - interval 30 hour, 'Stands full, and it is silent when it should drain'),
('0193a000-0000-7000-8000-000000000411', '0193a000-0000-7000-8000-000000000411', now(3) - interval 30 hour, 'Three runs for one load, and the cellar is damp'),
('0193a000-0000-7000-8000-000000000412', '0193a000-0000-7000-8000-000000000412', now(3) - interval 30 hour, 'Water stays in the drum, code E2'),
('0193a000-0000-7000-8000-000000000413', '0193a000-0000-7000-8000-000000000413', now(3) - interval 30 hour, 'Goes on and off since the filter was washed'),
('0193a000-0000-7000-8000-000000000414', '0193a000-0000-7000-8000-000000000414', now(3) - interval 2 hour, 'Glasses come out milky'),
('0193a000-0000-7000-8000-000000000424', '0193a000-0000-7000-8000-000000000404', now(3) - interval 20 hour, 'A puddle before the door now and then');

insert into entry (id, call_id, at, kind, subject, answer, complaint) values
('0193a000-0000-7000-8000-000000000591', '0193a000-0000-7000-8000-000000000415', now(3) - interval 190 day, 'REMEDY', 'wash-filter', 'kept-up', false),
('0193a000-0000-7000-8000-000000000592', '0193a000-0000-7000-8000-000000000415', now(3) - interval 190 day, 'REMEDY', 'free-flap', 'kept-up', false),
('0193a000-0000-7000-8000-000000000593', '0193a000-0000-7000-8000-000000000415', now(3) - interval 190 day, 'REMEDY', 'wipe-sensor', 'kept-up', false),
('0193a000-0000-7000-8000-000000000594', '0193a000-0000-7000-8000-000000000415', now(3) - interval 190 day, 'REMEDY', 'clean-duct', 'kept-up', false);

insert into entry (id, call_id, at, kind, subject, answer, complaint) values
('0193a000-0000-7000-8000-000000000501', '0193a000-0000-7000-8000-000000000401', now(3) - interval 101 minute, 'SIGN', 'water-returns', 'yes', true),
('0193a000-0000-7000-8000-000000000502', '0193a000-0000-7000-8000-000000000401', now(3) - interval 92 minute, 'CHECK', 'hose-look', 'fine', false),
('0193a000-0000-7000-8000-000000000503', '0193a000-0000-7000-8000-000000000401', now(3) - interval 81 minute, 'CHECK', 'valve-ball', 'open', false),
('0193a000-0000-7000-8000-000000000504', '0193a000-0000-7000-8000-000000000401', now(3) - interval 72 minute, 'REMEDY', 'replace-valve', 'cured', false),
('0193a000-0000-7000-8000-000000000511', '0193a000-0000-7000-8000-000000000402', now(3) - interval 24 minute, 'CODE', 'd4', 'shown', false),
('0193a000-0000-7000-8000-000000000512', '0193a000-0000-7000-8000-000000000402', now(3) - interval 22 minute, 'SIGN', 'standing-water', 'yes', true),
('0193a000-0000-7000-8000-000000000513', '0193a000-0000-7000-8000-000000000402', now(3) - interval 21 minute, 'SIGN', 'stops-midway', 'yes', true),
('0193a000-0000-7000-8000-000000000514', '0193a000-0000-7000-8000-000000000402', now(3) - interval 17 minute, 'CHECK', 'forced-drain', 'weak', false),
('0193a000-0000-7000-8000-000000000521', '0193a000-0000-7000-8000-000000000403', now(3) - interval 30 hour, 'SIGN', 'upper-dirty', 'yes', true),
('0193a000-0000-7000-8000-000000000531', '0193a000-0000-7000-8000-000000000404', now(3) - interval 20 hour, 'SIGN', 'greasy', 'yes', true),
('0193a000-0000-7000-8000-000000000532', '0193a000-0000-7000-8000-000000000404', now(3) - interval 20 hour, 'SIGN', 'detergent-left', 'yes', true),
('0193a000-0000-7000-8000-000000000533', '0193a000-0000-7000-8000-000000000404', now(3) - interval 20 hour, 'FACT', 'hardness', 'hard', false),
('0193a000-0000-7000-8000-000000000561', '0193a000-0000-7000-8000-000000000406', now(3) - interval 26 hour, 'SIGN', 'pump-silent', 'yes', true),
('0193a000-0000-7000-8000-000000000562', '0193a000-0000-7000-8000-000000000406', now(3) - interval 25 hour, 'SIGN', 'standing-water', 'yes', true),
('0193a000-0000-7000-8000-000000000565', '0193a000-0000-7000-8000-000000000408', now(3) - interval 1500 minute, 'SIGN', 'pump-silent', 'yes', true),
('0193a000-0000-7000-8000-000000000566', '0193a000-0000-7000-8000-000000000408', now(3) - interval 1499 minute, 'SIGN', 'standing-water', 'yes', true),
('0193a000-0000-7000-8000-000000000563', '0193a000-0000-7000-8000-000000000408', now(3) - interval 1480 minute, 'CHECK', 'pump-winding', 'open', false),
('0193a000-0000-7000-8000-000000000564', '0193a000-0000-7000-8000-000000000408', now(3) - interval 1455 minute, 'REMEDY', 'replace-drain-pump', 'done', false),
('0193a000-0000-7000-8000-000000000571', '0193a000-0000-7000-8000-000000000407', now(3) - interval 25 hour, 'SIGN', 'smell', 'yes', true),
('0193a000-0000-7000-8000-000000000572', '0193a000-0000-7000-8000-000000000407', now(3) - interval 25 hour, 'SIGN', 'gritty', 'yes', true),
('0193a000-0000-7000-8000-000000000573', '0193a000-0000-7000-8000-000000000407', now(3) - interval 24 hour, 'CHECK', 'filter-look', 'clogged', false),
('0193a000-0000-7000-8000-000000000574', '0193a000-0000-7000-8000-000000000407', now(3) - interval 24 hour, 'REMEDY', 'clean-filter', 'cured', false),
('0193a000-0000-7000-8000-000000000580', '0193a000-0000-7000-8000-000000000411', now(3) - interval 2 hour, 'FACT', 'deep-clean', 'never', false),
('0193a000-0000-7000-8000-000000000581', '0193a000-0000-7000-8000-000000000411', now(3) - interval 2 hour, 'SIGN', 'dries-long', 'yes', true),
('0193a000-0000-7000-8000-000000000582', '0193a000-0000-7000-8000-000000000411', now(3) - interval 2 hour, 'SIGN', 'damp-room', 'yes', true),
('0193a000-0000-7000-8000-000000000583', '0193a000-0000-7000-8000-000000000412', now(3) - interval 3 hour, 'CODE', 'E2', 'shown', false),
('0193a000-0000-7000-8000-000000000584', '0193a000-0000-7000-8000-000000000412', now(3) - interval 3 hour, 'SIGN', 'water-stays', 'yes', true),
('0193a000-0000-7000-8000-000000000585', '0193a000-0000-7000-8000-000000000413', now(3) - interval 4 hour, 'SIGN', 'pulses', 'yes', true),
('0193a000-0000-7000-8000-000000000586', '0193a000-0000-7000-8000-000000000414', now(3) - interval 2 hour, 'SIGN', 'film', 'yes', true);

insert into caution_kept (call_id, caution, at) values
('0193a000-0000-7000-8000-000000000401', 'shock', now(3) - interval 85 minute),
('0193a000-0000-7000-8000-000000000401', 'glass', now(3) - interval 84 minute),
('0193a000-0000-7000-8000-000000000401', 'tips', now(3) - interval 84 minute),
('0193a000-0000-7000-8000-000000000408', 'shock', now(3) - interval 1488 minute),
('0193a000-0000-7000-8000-000000000407', 'glass', now(3) - interval 24 hour),
('0193a000-0000-7000-8000-000000000407', 'tips', now(3) - interval 24 hour);

insert into job_line (id, call_id, kind, subject, at, entered_by, version, body) values
('0193a000-0000-7000-8000-000000000792', '0193a000-0000-7000-8000-000000000407', 'NOTE', null, now(3) - interval 1430 minute, 'Maren Tolliver', 1, '{"about": "SEEN", "text": "Edge of the door swollen: water stands on the sill after every wash", "proved": false}'),
('0193a000-0000-7000-8000-000000000793', '0193a000-0000-7000-8000-000000000407', 'NOTE', null, now(3) - interval 1428 minute, 'Maren Tolliver', 1, '{"about": "DONE", "text": "Lower rack re-wheeled with two wheels from a scrap rack", "minutes": 6, "proved": true}'),
('0193a000-0000-7000-8000-000000000791', '0193a000-0000-7000-8000-000000000415', 'CONDITION', 'duct', now(3) - interval 190 day, 'Maren Tolliver', 1, '{"station": "duct", "stuff": "FIBRE", "before": 0.25, "after": 1, "wear": "DIRTY_ONLY", "binned": true, "sinceDays": 365}'),
('0193a000-0000-7000-8000-000000000701', '0193a000-0000-7000-8000-000000000401', 'PIECE', 'lower-rack', now(3) - interval 84 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000701", "name": "Lower rack", "layer": "filter-out", "piece": "lower-rack", "screws": [], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED"]}'),
('0193a000-0000-7000-8000-000000000702', '0193a000-0000-7000-8000-000000000401', 'PIECE', 'filter', now(3) - interval 84 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000702", "name": "Filter", "layer": "filter-out", "piece": "filter", "turn": "a quarter turn to the left", "screws": [], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED"]}'),
('0193a000-0000-7000-8000-000000000703', '0193a000-0000-7000-8000-000000000401', 'PIECE', 'cover', now(3) - interval 82 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000703", "name": "Sump cover", "layer": "sump-cover", "piece": "cover", "screws": [{"screws": {"drive": "T20", "thread": "coarse for plastic", "lengthMm": 16, "count": 2, "place": "", "leftHand": false}, "cup": "A", "back": 2}], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED"]}'),
('0193a000-0000-7000-8000-000000000704', '0193a000-0000-7000-8000-000000000401', 'PIECE', 'valve', now(3) - interval 81 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000704", "name": "Return valve", "layer": "sump-cover", "piece": "valve", "turn": "an eighth turn to the left", "orientation": "flap towards the hose", "screws": [], "clips": [], "joint": true, "lastIn": false, "confirm": ["LOCKED", "ORIENTED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED", "ORIENTED"]}'),
('0193a000-0000-7000-8000-000000000705', '0193a000-0000-7000-8000-000000000401', 'CONDITION', 'return-valve', now(3) - interval 79 minute, 'Maren Tolliver', 1, '{"station": "return-valve", "stuff": "GRIT", "wear": "WORN", "binned": true}'),
('0193a000-0000-7000-8000-000000000706', '0193a000-0000-7000-8000-000000000401', 'THING', null, now(3) - interval 76 minute, 'Maren Tolliver', 1, '{"what": "teaspoon", "count": 1, "fate": "RETURNED"}'),
('0193a000-0000-7000-8000-000000000707', '0193a000-0000-7000-8000-000000000401', 'PROOF', 'drains', now(3) - interval 75 minute, 'Maren Tolliver', 1, '{"proof": "drains", "before": 3.4, "after": 13.2, "runs": 2, "dry": ["0193a000-0000-7000-8000-000000000704"], "lightOut": false}'),
('0193a000-0000-7000-8000-000000000708', '0193a000-0000-7000-8000-000000000407', 'PIECE', 'lower-rack', now(3) - interval 1440 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000708", "name": "Lower rack", "layer": "filter-out", "piece": "lower-rack", "screws": [], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED"]}'),
('0193a000-0000-7000-8000-000000000709', '0193a000-0000-7000-8000-000000000407', 'PIECE', 'filter', now(3) - interval 1440 minute, 'Maren Tolliver', 1, '{"id": "0193a000-0000-7000-8000-000000000709", "name": "Filter", "layer": "filter-out", "piece": "filter", "turn": "a quarter turn to the left", "screws": [], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED"]}'),
('0193a000-0000-7000-8000-000000000710', '0193a000-0000-7000-8000-000000000407', 'CONDITION', 'filter', now(3) - interval 1436 minute, 'Maren Tolliver', 1, '{"station": "filter", "stuff": "FOOD", "before": 0.2, "after": 1, "wear": "DIRTY_ONLY", "binned": true, "sinceDays": 365}'),
('0193a000-0000-7000-8000-000000000711', '0193a000-0000-7000-8000-000000000407', 'PROOF', 'washes', now(3) - interval 1430 minute, 'Maren Tolliver', 1, '{"proof": "washes", "runs": 1, "dry": [], "lightOut": false}'),
('0193a000-0000-7000-8000-000000000712', '0193a000-0000-7000-8000-000000000402', 'WATER', 'water', now(3) - interval 19 minute, 'Maren Tolliver', 1, '{"levelCm": 4, "vesselLitres": 4}'),
('0193a000-0000-7000-8000-000000000781', '0193a000-0000-7000-8000-000000000408', 'DEBT', null, now(3) - interval 1490 minute, 'Maren Tolliver', 1, '{"what": "WATER_OFF", "text": "stop valve under the stairs", "settled": false}'),
('0193a000-0000-7000-8000-000000000782', '0193a000-0000-7000-8000-000000000408', 'PIECE', 'plate', now(3) - interval 1487 minute, 'Rollo Fenn', 1, '{"id": "0193a000-0000-7000-8000-000000000782", "name": "Kick plate", "layer": "kick-plate", "piece": "plate", "screws": [{"screws": {"drive": "Phillips #2", "thread": "sheet metal", "lengthMm": 16, "count": 2, "place": "", "leftHand": false}, "cup": "A", "back": 0}], "clips": [], "joint": false, "lastIn": false, "confirm": ["LOCKED"], "dryUntil": 0, "place": "TRAY", "confirmed": []}'),
('0193a000-0000-7000-8000-000000000783', '0193a000-0000-7000-8000-000000000408', 'PIECE', 'float-plug', now(3) - interval 1486 minute, 'Rollo Fenn', 1, '{"id": "0193a000-0000-7000-8000-000000000783", "name": "Float switch connector", "layer": "kick-plate", "piece": "float-plug", "clips": ["pressed from below"], "screws": [], "joint": false, "lastIn": false, "confirm": ["PLUGGED"], "dryUntil": 0, "place": "TRAY", "confirmed": []}'),
('0193a000-0000-7000-8000-000000000784', '0193a000-0000-7000-8000-000000000408', 'PIECE', 'drain-pump', now(3) - interval 1485 minute, 'Rollo Fenn', 1, '{"id": "0193a000-0000-7000-8000-000000000784", "name": "Drain pump", "layer": "kick-plate", "piece": "drain-pump", "turn": "a quarter turn to the left, behind its catch", "screws": [], "clips": [], "joint": true, "lastIn": false, "confirm": ["LOCKED", "PLUGGED"], "dryUntil": 0, "place": "BACK", "confirmed": ["LOCKED", "PLUGGED"]}'),
('0193a000-0000-7000-8000-000000000785', '0193a000-0000-7000-8000-000000000408', 'CONDITION', 'drain-pump', now(3) - interval 1478 minute, 'Rollo Fenn', 1, '{"station": "drain-pump", "stuff": "NOTHING", "wear": "WORN", "binned": false}'),
('0193a000-0000-7000-8000-000000000786', '0193a000-0000-7000-8000-000000000408', 'PROOF', 'drains', now(3) - interval 1477 minute, 'Maren Tolliver', 1, '{"proof": "drains", "before": 0, "runs": 0, "dry": [], "lightOut": false}');

update entry set entered_by = 'Maren Tolliver';
update entry set entered_by = 'Rollo Fenn' where call_id = '0193a000-0000-7000-8000-000000000408' and kind in ('CHECK', 'REMEDY');
update caution_kept set entered_by = 'Maren Tolliver';
