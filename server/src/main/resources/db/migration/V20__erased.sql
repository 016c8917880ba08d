-- What customers said and who they are can be erased from the log of commands; that there was a command, whose and when cannot.
-- Each statement can be run again, as changes of the schema are not undone when one of them fails.
delimiter //
create or replace trigger command_log_is_never_changed before update on command_log
for each row
begin
    if not (
        new.body = '{}' and new.detail is null
        and new.seq = old.seq and new.id = old.id and new.call_id = old.call_id and new.account_id = old.account_id
        and new.device = old.device and new.device_seq = old.device_seq and new.made_at = old.made_at
        and new.received_at = old.received_at and new.kind = old.kind and new.outcome = old.outcome
    ) then
        signal sqlstate '45000' set message_text = 'the log of commands is only ever added to';
    end if;
end //
delimiter ;
