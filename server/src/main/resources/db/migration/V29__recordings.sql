-- What rein sensors measured in a lesson. The first sample stands at started_at, which the coach may move to align it.
create table recording (
    yard_id uuid not null,
    id uuid not null,
    lesson_id uuid not null,
    started_at timestamptz not null,
    rate_hz double precision not null check (rate_hz between 5 and 250),
    minutes integer not null check (minutes between 1 and 120),
    name text not null check (length(name) between 1 and 120),
    jitter_ms double precision not null check (jitter_ms >= 0),
    version integer not null check (version > 0),
    whole_at timestamptz,
    away_at timestamptz,
    added_by uuid not null,
    added_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, added_by) references person (yard_id, id)
);
create index recording_by_lesson on recording (yard_id, lesson_id, started_at);
create index recording_added_by on recording (yard_id, added_by);

-- A minute of both reins: the left one's samples, then the right one's, as 16-bit hundredths of a kilogram, deflated.
create table recording_chunk (
    yard_id uuid not null,
    recording_id uuid not null,
    place integer not null check (place between 0 and 119),
    samples integer not null check (samples between 1 and 15000),
    bytes integer not null check (bytes between 1 and 65536),
    content bytea not null,
    primary key (yard_id, recording_id, place),
    foreign key (yard_id, recording_id) references recording (yard_id, id)
);
-- what a yard holds in all is counted without its contents
create index recording_chunk_bytes on recording_chunk (yard_id) include (bytes);

-- What a pair aims at in each rein.
create table contact_band (
    yard_id uuid not null,
    pair_id uuid not null,
    low_kg double precision not null check (low_kg >= 0),
    high_kg double precision not null check (high_kg <= 300),
    version integer not null check (version > 0),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, pair_id),
    check (low_kg < high_kg),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index contact_band_changed_by on contact_band (yard_id, changed_by);

insert into changed_by_hand (relation, at_column) values ('recording', 'added_at'), ('contact_band', 'changed_at');

select restore_wall();
grant select, insert on recording to ${app_role};
grant update (started_at, version, whole_at, away_at) on recording to ${app_role};
grant select, insert on recording_chunk to ${app_role};
grant select, insert on contact_band to ${app_role};
grant update (low_kg, high_kg, version, changed_by, changed_at) on contact_band to ${app_role};
