-- Each statement can be run again, as changes of the schema are not undone when one of them fails.
create table if not exists happening (
    seq bigint auto_increment primary key,
    at timestamp(3) not null,
    account_id uuid null,
    device uuid null,
    address varchar(45) not null,
    operation varchar(100) not null,
    subject varchar(200) not null,
    status smallint not null,
    key happening_at (at),
    key happening_account (account_id, at)
);

create trigger if not exists happening_is_never_changed before update on happening
for each row signal sqlstate '45000' set message_text = 'what happened is only ever added to';

create trigger if not exists happening_is_never_cut before delete on happening
for each row signal sqlstate '45000' set message_text = 'what happened is only ever added to';

alter table command_log add key if not exists command_log_received (received_at);

alter table command_log add key if not exists command_log_account (account_id, received_at);
