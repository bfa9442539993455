-- Voice notes and pictures, under the digest of what they hold; a few megabytes each, read whole.
create table attachment (
    yard_id uuid not null references yard,
    sha256 text not null check (sha256 ~ '^[0-9a-f]{64}$'),
    type text not null,
    bytes integer not null check (bytes between 1 and 4194304),
    content bytea not null,
    added_by uuid not null,
    added_at timestamptz not null,
    primary key (yard_id, sha256),
    foreign key (yard_id, added_by) references person (yard_id, id)
);
-- what a yard holds in all is counted without its contents
create index attachment_bytes on attachment (yard_id) include (bytes);

-- Whether a minor's voice notes may be kept, as the guardian said it; the latest word counts. Never changed, only added to.
create table voice_consent (
    yard_id uuid not null,
    id uuid not null,
    rider_id uuid not null,
    given boolean not null,
    said_by text not null check (length(said_by) between 1 and 80),
    recorded_by uuid not null,
    recorded_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, rider_id) references person (yard_id, id),
    foreign key (yard_id, recorded_by) references person (yard_id, id)
);
create index voice_consent_by_rider on voice_consent (yard_id, rider_id, recorded_at desc);
select restore_wall();
grant select, insert, delete on attachment to ${app_role};
grant select, insert on voice_consent to ${app_role};
