-- Whoever set the business up answers for it.
update account set role = 'LEAD';

-- Who entered what, as two may work on one call.
alter table entry add column entered_by varchar(80) not null default '';
alter table caution_kept add column entered_by varchar(80) not null default '';

-- A call may follow another, since which the machine failed again. The other one need not be on file here, as
-- calls are brought in one by one. The schools that a closed call was judged with stay with it.
alter table service_call
    add column follows uuid null,
    add column closed_by varchar(80) null;

create table call_school (
    call_id uuid not null references service_call (id),
    school varchar(40) not null,
    choice varchar(40) not null,
    primary key (call_id, school)
);

-- What came off, was found, shut off, proved. A thing with a subject is there once a call. The form of "body" is that of
-- the records in grimygasket.visit.
create table job_line (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    kind varchar(10) not null,
    subject varchar(40) null,
    at timestamp(3) not null,
    entered_by varchar(80) not null,
    version int not null default 1,
    body json not null,
    unique key job_line_once (call_id, kind, subject)
);

create table photo (
    id uuid primary key,
    call_id uuid not null references service_call (id),
    line_id uuid not null,
    type varchar(20) not null,
    bytes mediumblob not null,
    at timestamp(3) not null
);

-- Parts go back to the van that they came from, whoever puts them back; from none where a call was brought in.
alter table part_use
    add column account_id uuid null references account (id),
    add column source varchar(10) not null default 'VAN',
    add column serial varchar(60) not null default '',
    add column old_part varchar(20) not null default 'UNSAID';

update part_use u join service_call c on c.id = u.call_id set u.account_id = c.account_id;
