-- What a coach knows of a pair beside its lessons: the intake, tack with dates, the cue book, photos, and what is watched no longer.

alter table horse
    add column girth_cm integer check (girth_cm between 60 and 260),
    add column length_cm integer check (length_cm between 60 and 260);

-- One row each, written over; the version says how often it was changed.
create table horse_intake (
    yard_id uuid not null,
    horse_id uuid not null,
    version integer not null check (version >= 1),
    body jsonb not null,
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, horse_id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index horse_intake_changed_by on horse_intake (yard_id, changed_by);

create table rider_intake (
    yard_id uuid not null,
    rider_id uuid not null,
    version integer not null check (version >= 1),
    body jsonb not null,
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, rider_id),
    foreign key (yard_id, rider_id) references person (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index rider_intake_changed_by on rider_intake (yard_id, changed_by);

create table pair_intake (
    yard_id uuid not null,
    pair_id uuid not null,
    version integer not null check (version >= 1),
    body jsonb not null,
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, pair_id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index pair_intake_changed_by on pair_intake (yard_id, changed_by);

-- A piece of tack: in use from since on, for later while since is null, put away from until on.
create table tack (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    kind text not null check (kind in ('HEADGEAR', 'NOSEBAND', 'SADDLE', 'PAD', 'GIRTH', 'MARTINGALE', 'SIDE_REINS', 'WHIP', 'SPURS',
        'LEG_PROTECTION', 'OTHER')),
    name text not null check (length(name) between 1 and 80),
    headgear text check (headgear ~ '^[a-z][a-z0-9-]{0,63}$'),
    above_mm integer check (above_mm between 10 and 200),
    below_mm integer check (below_mm between 10 and 400),
    slack_mm integer check (slack_mm between 0 and 100),
    since date,
    until date,
    first_holds text check (length(first_holds) between 1 and 400),
    note text check (length(note) between 1 and 400),
    looked_at_on date,
    version integer not null check (version >= 1),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id),
    check ((kind = 'HEADGEAR') = (headgear is not null)),
    check ((above_mm is null) = (below_mm is null)),
    check (until >= since)
);
create index tack_by_pair on tack (yard_id, pair_id);
create index tack_changed_by on tack (yard_id, changed_by);

-- A signal of a pair's and its one meaning.
create table cue (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    signal text not null check (length(signal) between 1 and 120),
    meaning text not null check (length(meaning) between 1 and 120),
    gait text check (gait ~ '^[A-Z][A-Z_]{0,31}$'),
    since date,
    is_proven boolean not null,
    is_put_away boolean not null,
    version integer not null check (version >= 1),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index cue_by_pair on cue (yard_id, pair_id);
create index cue_changed_by on cue (yard_id, changed_by);

-- Behaviours counted while the horse was ridden; never changed.
create table pain_count (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    seen text[] not null check (cardinality(seen) <= 24),
    counted_by uuid not null,
    counted_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, counted_by) references person (yard_id, id)
);
create index pain_count_by_pair on pain_count (yard_id, pair_id, counted_at);
create index pain_count_counted_by on pain_count (yard_id, counted_by);

create table horse_photo (
    yard_id uuid not null,
    id uuid not null,
    horse_id uuid not null,
    sha256 text not null,
    view text not null check (view in ('LEFT', 'RIGHT', 'FRONT', 'BEHIND', 'ABOVE')),
    taken_on date not null,
    is_put_away boolean not null,
    added_by uuid not null,
    added_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, sha256) references attachment (yard_id, sha256),
    foreign key (yard_id, added_by) references person (yard_id, id)
);
create index horse_photo_by_horse on horse_photo (yard_id, horse_id, view, taken_on);
create index horse_photo_of on horse_photo (yard_id, sha256);
create index horse_photo_added_by on horse_photo (yard_id, added_by);

-- Where it was seen, and is looked for again; null in older records. Part of the projection.
alter table watch add column station text;

-- What is watched no longer, before its weeks are over; removed again when that was a mistake.
create table watch_end (
    yard_id uuid not null,
    watch_id uuid not null,
    ended_by uuid not null,
    ended_at timestamptz not null,
    primary key (yard_id, watch_id),
    foreign key (yard_id, ended_by) references person (yard_id, id)
);
create index watch_end_ended_by on watch_end (yard_id, ended_by);

-- What the horse wore on its head as the lesson's log says it; null: as its tack says. Part of the projection.
alter table ridden_lesson add column headgear text;

-- A demo in which somebody wrote something down of a pair is not made anew.
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
            or exists (select 1 from own_item where made_at > made.at)
            or exists (select 1 from horse_intake where changed_at > made.at)
            or exists (select 1 from rider_intake where changed_at > made.at)
            or exists (select 1 from pair_intake where changed_at > made.at)
            or exists (select 1 from tack where changed_at > made.at)
            or exists (select 1 from cue where changed_at > made.at)
            or exists (select 1 from pain_count where counted_at > made.at)
            or exists (select 1 from horse_photo where added_at > made.at)
            or exists (select 1 from watch_end where ended_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;

select restore_wall();
grant select, insert, update on horse_intake, rider_intake, pair_intake, tack, cue to ${app_role};
grant select, insert on pain_count to ${app_role};
grant select, insert on horse_photo to ${app_role};
grant update (is_put_away) on horse_photo to ${app_role};
grant select, insert, delete on watch_end to ${app_role};
grant update (girth_cm, length_cm) on horse to ${app_role};
grant update (goal) on pair to ${app_role};
