-- Where a yard rides, beside the two standard arenas.
create table arena (
    yard_id uuid not null,
    id uuid not null,
    name text not null check (length(name) between 1 and 60),
    shape text not null check (shape in ('RECTANGLE', 'OVAL')),
    width_m numeric(5, 2) not null check (width_m between 5 and 200),
    length_m numeric(5, 2) not null check (length_m between width_m and 500),
    slope_pct numeric(3, 1) not null check (slope_pct between -20 and 20),
    is_lettered boolean not null,
    landmarks jsonb not null,
    is_put_away boolean not null,
    version integer not null check (version > 0),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index arena_changed_by on arena (yard_id, changed_by);

-- What was set up on an arena, to be set up again; the arena is one of the yard's, or a standard one.
create table layout (
    yard_id uuid not null,
    id uuid not null,
    name text not null check (length(name) between 1 and 60),
    arena_id uuid,
    standard text check (standard in ('SMALL', 'STANDARD')),
    things jsonb not null,
    is_put_away boolean not null,
    version integer not null check (version > 0),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, id),
    check ((arena_id is null) <> (standard is null)),
    foreign key (yard_id, arena_id) references arena (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index layout_by_arena on layout (yard_id, arena_id);
create index layout_changed_by on layout (yard_id, changed_by);

-- How long somebody's pace is: a known length, and the paces walked over it.
create table own_pace (
    yard_id uuid not null,
    person_id uuid not null,
    length_m numeric(5, 2) not null check (length_m between 5 and 200),
    paces integer not null check (paces between 4 and 500),
    walked_at timestamptz not null,
    primary key (yard_id, person_id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);

-- A canter to fences has a stride of its own.
alter table stride drop constraint stride_pace_check,
    add constraint stride_pace_check check (pace in ('WALK', 'TROT', 'CANTER', 'JUMPING'));

-- A demo in which somebody changed the ground is not made anew.
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
            or exists (select 1 from reported_stop_sign where received_at > made.at)
            or exists (select 1 from pause_answer where answered_at > made.at)
            or exists (select 1 from weight_overrule where overruled_at > made.at)
            or exists (select 1 from look_in where answered_at > made.at)
            or exists (select 1 from rung_placing where placed_at > made.at)
            or exists (select 1 from attachment where added_at > made.at)
            or exists (select 1 from plan_template where made_at > made.at)
            or exists (select 1 from own_item where made_at > made.at)
            or exists (select 1 from horse_intake where changed_at > made.at)
            or exists (select 1 from rider_intake where changed_at > made.at)
            or exists (select 1 from pair_intake where changed_at > made.at)
            or exists (select 1 from tack where changed_at > made.at)
            or exists (select 1 from cue where changed_at > made.at)
            or exists (select 1 from pain_count where counted_at > made.at)
            or exists (select 1 from horse_photo where added_at > made.at)
            or exists (select 1 from watch_end where ended_at > made.at)
            or exists (select 1 from outing where added_at > made.at)
            or exists (select 1 from stride where added_at > made.at)
            or exists (select 1 from arena where changed_at > made.at)
            or exists (select 1 from layout where changed_at > made.at)
            or exists (select 1 from own_pace where walked_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;

select restore_wall();
grant select, insert on arena, layout, own_pace to ${app_role};
grant update (name, shape, width_m, length_m, slope_pct, is_lettered, landmarks, is_put_away, version, changed_by, changed_at)
    on arena to ${app_role};
grant update (name, arena_id, standard, things, is_put_away, version, changed_by, changed_at) on layout to ${app_role};
grant update (length_m, paces, walked_at) on own_pace to ${app_role};
