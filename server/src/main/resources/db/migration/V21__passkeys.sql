-- The form is that of Spring Security's JdbcUserCredentialRepository, with lengths that MariaDB can index: an id of a key has up to
-- 1023 bytes, in Base64. A person is named by their account's id in Base64.
create table if not exists user_credentials (
    credential_id varchar(1400) character set ascii collate ascii_bin not null,
    user_entity_user_id varchar(64) character set ascii collate ascii_bin not null,
    public_key blob not null,
    signature_count bigint,
    uv_initialized boolean,
    backup_eligible boolean not null,
    authenticator_transports varchar(200) not null,
    public_key_credential_type varchar(40),
    backup_state boolean not null,
    attestation_object blob,
    attestation_client_data_json blob,
    created timestamp(3) null,
    last_used timestamp(3) null,
    label varchar(40) not null,
    primary key (credential_id),
    key user_credentials_person (user_entity_user_id)
);
