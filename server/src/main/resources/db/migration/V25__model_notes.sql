-- What calls say of their models that the know-how does not: which way in one has, and how its pieces are held.
create table if not exists model_note (
    call_id uuid not null,
    subject varchar(60) character set ascii not null,
    kind varchar(40) character set ascii not null,
    maker varchar(60) not null,
    model varchar(60) not null,
    -- Both as they are compared: small letters, without blanks and hyphens.
    model_key varchar(121) not null,
    at timestamp(3) not null,
    body text not null,
    primary key (call_id, subject),
    key model_note_model (kind, model_key, at),
    foreign key (call_id) references service_call (id)
);
