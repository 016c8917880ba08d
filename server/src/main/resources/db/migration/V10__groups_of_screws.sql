-- A piece on the tray is held by groups of screws, each in its cup, and by any number of clips; before, by one of each.
update job_line
set body = json_remove(
    json_set(
        body,
        '$.screws', if(
            json_exists(body, '$.screws'),
            json_array(json_object(
                'screws', json_merge_patch(
                    json_query(body, '$.screws'), '{"place": "", "leftHand": false}'),
                'cup', json_value(body, '$.cup'),
                'back', cast(json_value(body, '$.screwsBack') as integer))),
            json_array()),
        '$.clips', if(json_exists(body, '$.clip'), json_array(json_value(body, '$.clip')), json_array())),
    '$.cup', '$.screwsBack', '$.clip')
where kind = 'PIECE' and json_exists(body, '$.cup');
