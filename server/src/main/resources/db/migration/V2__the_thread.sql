-- The thread round: first look, plan, homework, practice, looking in; and what a plan must know of the horse.

alter table horse
    add column born_year integer check (born_year between 1980 and 2100),
    add column in_work_since date,
    add column back_since date,
    add column weeks_off integer check (weeks_off between 2 and 260),
    add column minutes_before integer check (minutes_before between 5 and 180),
    add column weight_kg numeric(5, 1) check (weight_kg between 50 and 1200),
    add constraint the_way_back_is_whole check (
        (back_since is null and weeks_off is null and minutes_before is null)
        or (back_since is not null and weeks_off is not null and minutes_before is not null));

alter table pair
    add column rider_kg numeric(5, 1) check (rider_kg between 15 and 250),
    add column tack_kg numeric(4, 1) check (tack_kg between 0 and 40),
    add column version integer not null default 0;

-- Projection of the first looks in the log: disposable, like the other two.
create table looked (
    yard_id uuid not null,
    lesson_id uuid not null,
    entry_id uuid not null,
    author_id uuid not null,
    at timestamptz not null,
    checks jsonb not null,
    primary key (yard_id, lesson_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);

-- What a look advised and what the coach works on instead; the latest of a lesson wins, all are kept.
create table focus_choice (
    yard_id uuid not null,
    id uuid not null,
    lesson_id uuid not null,
    chosen text[] not null check (cardinality(chosen) between 1 and 2),
    advised text[] not null,
    rule_book text not null,
    evidence jsonb not null,
    reason text check (length(reason) <= 400),
    chosen_by uuid not null,
    chosen_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, chosen_by) references person (yard_id, id)
);
create index focus_choice_by_lesson on focus_choice (yard_id, lesson_id, chosen_at);

create table plan (
    yard_id uuid not null,
    lesson_id uuid not null,
    blocks jsonb not null,
    advised jsonb not null,
    version integer not null,
    made_by uuid not null,
    made_at timestamptz not null,
    primary key (yard_id, lesson_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, made_by) references person (yard_id, id)
);

create table assignment (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    lesson_id uuid not null,
    rung text not null,
    steps jsonb not null,
    first_step integer not null,
    gate jsonb not null,
    days_a_week integer not null check (days_a_week between 1 and 7),
    brand_new boolean not null,
    set_on date not null,
    set_by uuid not null,
    set_at timestamptz not null,
    ended_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, set_by) references person (yard_id, id)
);
create index assignment_by_pair on assignment (yard_id, pair_id, set_at);

-- A practice as reported; never changed.
create table practice (
    yard_id uuid not null,
    id uuid not null,
    assignment_id uuid not null,
    author_id uuid not null,
    step integer not null,
    rung text not null,
    started_at timestamptz not null,
    left_s integer not null check (left_s between 0 and 14400),
    right_s integer not null check (right_s between 0 and 14400),
    feel text not null check (feel in ('EASY', 'GETTING_THERE', 'NOT_YET')),
    left_good integer not null,
    left_counted integer not null check (left_counted between 0 and 200 and left_good between 0 and left_counted),
    right_good integer not null,
    right_counted integer not null check (right_counted between 0 and 200 and right_good between 0 and right_counted),
    stop_signs text[] not null,
    question text check (length(question) <= 600),
    second_best boolean not null,
    received_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, assignment_id) references assignment (yard_id, id),
    foreign key (yard_id, author_id) references person (yard_id, id)
);
create index practice_by_assignment on practice (yard_id, assignment_id, started_at);

-- The coach looked in: what was advised (null: nothing is, on a stop sign) and what was answered.
create table look_in (
    yard_id uuid not null,
    id uuid not null,
    assignment_id uuid not null,
    verdict text not null check (verdict in ('CARRY_ON', 'NEXT', 'BACK')),
    advised text check (advised in ('CARRY_ON', 'NEXT', 'BACK')),
    sentence text check (length(sentence) <= 600),
    answered_by uuid not null,
    answered_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, assignment_id) references assignment (yard_id, id),
    foreign key (yard_id, answered_by) references person (yard_id, id)
);
create index look_in_by_assignment on look_in (yard_id, assignment_id, answered_at);

-- A single-use way in for somebody who is known here and cannot sign in yet. Only the token's hash is kept.
create table invitation (
    yard_id uuid not null,
    id uuid not null,
    person_id uuid not null,
    token_hash text not null unique,
    made_by uuid not null,
    made_at timestamptz not null,
    expires_at timestamptz not null,
    used_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id),
    foreign key (yard_id, made_by) references person (yard_id, id)
);

do $$
declare t text;
begin
    foreach t in array array['looked', 'focus_choice', 'plan', 'assignment', 'practice', 'look_in', 'invitation'] loop
        execute format('alter table %I enable row level security', t);
        execute format(
            'create policy yard_wall on %I using (yard_id = current_setting(''strophos.yard'')::uuid) with check (yard_id = current_setting(''strophos.yard'')::uuid)', t);
    end loop;
end $$;

-- Joining happens before any yard is known, like signing in.
create function invited(wanted text, at timestamptz)
returns table (yard_id uuid, invitation_id uuid, person_id uuid, name text, role text, yard_name text)
language sql stable security definer set search_path = public as $$
    select i.yard_id, i.id, p.id, p.name, p.role, y.name
    from invitation i
    join person p on p.yard_id = i.yard_id and p.id = i.person_id
    join yard y on y.yard_id = i.yard_id
    where i.token_hash = wanted and i.used_at is null and i.expires_at > at and p.account_id is null
$$;
revoke all on function invited(text, timestamptz) from public;

grant update (born_year, in_work_since, back_since, weeks_off, minutes_before, weight_kg, height_cm) on horse to ${app_role};
grant update (rider_kg, tack_kg, version) on pair to ${app_role};
grant update (account_id) on person to ${app_role};
grant select, insert, update, delete on looked to ${app_role};
grant select, insert on focus_choice, practice, look_in to ${app_role};
grant select, insert, update on plan to ${app_role};
grant select, insert on assignment, invitation to ${app_role};
grant update (ended_at) on assignment to ${app_role};
grant update (used_at) on invitation to ${app_role};
grant execute on function invited(text, timestamptz) to ${app_role};

create or replace function demo_state(today date) returns text language sql stable as $$
    select case
        when made.at is null then 'none'
        when exists (select 1 from entry where received_at > made.at)
            or exists (select 1 from decision where decided_at > made.at)
            or exists (select 1 from lesson where created_at > made.at)
            or exists (select 1 from pair where created_at > made.at)
            or exists (select 1 from plan where made_at > made.at)
            or exists (select 1 from assignment where set_at > made.at)
            or exists (select 1 from practice where received_at > made.at)
            or exists (select 1 from look_in where answered_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;
