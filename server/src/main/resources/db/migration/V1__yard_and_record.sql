-- The yard is the wall: every table with a yard_id has row level security on it. The policy reads the setting without
-- the missing-ok flag, so that a transaction that forgot its yard fails loudly instead of seeing nothing.

create table account (
    id uuid primary key,
    sign_in_name text not null unique check (sign_in_name ~ '^[a-z0-9][a-z0-9._-]{1,39}$'),
    password_hash text not null,
    -- a demo account's password is printed on the screen: only the demo profile lets it in
    demo boolean not null default false,
    created_at timestamptz not null
);

create table sign_in_attempt (
    id uuid primary key,
    sign_in_name text not null,
    address text not null,
    failed_at timestamptz not null
);
create index sign_in_attempt_by_name on sign_in_attempt (sign_in_name, failed_at);
create index sign_in_attempt_by_address on sign_in_attempt (address, failed_at);

create table yard (
    yard_id uuid primary key,
    name text not null check (length(name) between 1 and 80),
    time_zone text not null,
    created_at timestamptz not null,
    demo_made_at timestamptz
);

create table person (
    yard_id uuid not null references yard,
    id uuid not null,
    name text not null check (length(name) between 1 and 80),
    role text not null check (role in ('COACH', 'ASSISTANT', 'RIDER', 'GUARDIAN')),
    account_id uuid unique references account,
    created_at timestamptz not null,
    primary key (yard_id, id)
);

create table guardianship (
    yard_id uuid not null,
    guardian_id uuid not null,
    ward_id uuid not null,
    primary key (yard_id, guardian_id, ward_id),
    foreign key (yard_id, guardian_id) references person (yard_id, id),
    foreign key (yard_id, ward_id) references person (yard_id, id)
);

create table horse (
    yard_id uuid not null references yard,
    id uuid not null,
    name text not null check (length(name) between 1 and 80),
    description text,
    height_cm integer check (height_cm between 60 and 220),
    created_at timestamptz not null,
    primary key (yard_id, id)
);

create table pair (
    yard_id uuid not null,
    id uuid not null,
    rider_id uuid not null,
    horse_id uuid not null,
    school text not null check (school in ('CLASSICAL', 'PRESSURE_AND_RELEASE', 'REWARD_BASED', 'FORWARD_SEAT', 'GAITED')),
    goal text check (length(goal) <= 400),
    created_at timestamptz not null,
    primary key (yard_id, id),
    unique (yard_id, rider_id, horse_id),
    foreign key (yard_id, rider_id) references person (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create table lesson (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    coach_id uuid not null,
    planned_at timestamptz not null,
    planned_minutes integer not null check (planned_minutes between 5 and 180),
    created_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, coach_id) references person (yard_id, id)
);
create index lesson_by_day on lesson (yard_id, planned_at);
create index lesson_by_pair on lesson (yard_id, pair_id, planned_at);

-- The log of a ride: grow-only. The application's role may insert and read, never change or remove.
create table entry (
    yard_id uuid not null,
    id uuid not null,
    lesson_id uuid not null,
    device_id uuid not null,
    author_id uuid not null,
    seq bigint not null check (seq >= 0),
    at_ms bigint not null,
    kind text not null,
    v integer not null,
    payload jsonb not null,
    kept_odd boolean not null,
    received_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, author_id) references person (yard_id, id)
);
create index entry_by_lesson on entry (yard_id, lesson_id);

-- The projection of the log: disposable, rebuilt from the entries whenever one arrives.
create table ridden_lesson (
    yard_id uuid not null,
    lesson_id uuid not null,
    started_at timestamptz,
    ended_at timestamptz,
    left_ms bigint not null,
    right_ms bigint not null,
    exchanges integer not null,
    primary key (yard_id, lesson_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);

create table ridden_exchange (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    entry_id uuid not null,
    at timestamptz not null,
    exercise text not null,
    gait text not null,
    place text not null,
    rein text not null,
    mounted text not null,
    strength integer not null,
    response text not null,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);

-- What was advised and what was chosen, side by side; never changed, a later one wins.
create table decision (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    lesson_id uuid not null,
    rung text not null,
    chosen text not null check (chosen in ('MOVE_ON', 'STAY', 'STEP_BACK', 'GET_HELP')),
    advised text not null check (advised in ('MOVE_ON', 'STAY', 'STEP_BACK', 'GET_HELP')),
    rule_id text not null,
    rule_book text not null,
    evidence jsonb not null,
    reason text check (length(reason) <= 400),
    decided_by uuid not null,
    decided_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, decided_by) references person (yard_id, id)
);
create index decision_by_pair on decision (yard_id, pair_id, decided_at);

do $$
declare t text;
begin
    foreach t in array array['yard', 'person', 'guardianship', 'horse', 'pair', 'lesson', 'entry', 'ridden_lesson', 'ridden_exchange', 'decision'] loop
        execute format('alter table %I enable row level security', t);
        execute format(
            'create policy yard_wall on %I using (yard_id = current_setting(''strophos.yard'')::uuid) with check (yard_id = current_setting(''strophos.yard'')::uuid)', t);
    end loop;
end $$;

-- Sign-in happens before any yard is known: the one way past the wall.
create function sign_in(wanted text)
returns table (account_id uuid, password_hash text, demo boolean, yard_id uuid, person_id uuid, role text)
language sql stable security definer set search_path = public as $$
    select a.id, a.password_hash, a.demo, p.yard_id, p.id, p.role
    from account a join person p on p.account_id = a.id
    where a.sign_in_name = wanted
$$;
revoke all on function sign_in(text) from public;

-- Spring Session's own tables, as its schema-postgresql.sql has them.
create table spring_session (
    primary_id char(36) not null,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100),
    constraint spring_session_pk primary key (primary_id)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
    constraint spring_session_attributes_fk foreign key (session_primary_id)
        references spring_session (primary_id) on delete cascade
);

grant usage on schema public to ${app_role};
grant insert on account to ${app_role};
grant select (id) on account to ${app_role};
grant select, insert, delete on sign_in_attempt to ${app_role};
grant select, insert on yard, person, guardianship, horse, pair, lesson, entry, decision to ${app_role};
grant update on lesson to ${app_role};
grant select, insert, update, delete on ridden_lesson, ridden_exchange to ${app_role};
grant select, insert, update, delete on spring_session, spring_session_attributes to ${app_role};
grant execute on function sign_in(text) to ${app_role};
grant update (demo_made_at) on yard to ${app_role};

-- For the start script, as owner: is there a demo, is it of this day, did somebody add to it?
create function demo_state(today date) returns text language sql stable as $$
    select case
        when made.at is null then 'none'
        when exists (select 1 from entry where received_at > made.at)
            or exists (select 1 from decision where decided_at > made.at)
            or exists (select 1 from lesson where created_at > made.at)
            or exists (select 1 from pair where created_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;
revoke all on function demo_state(date) from public;
