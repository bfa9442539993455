-- What stands on the ground in a lesson, and on which arena: one of the yard's, or a standard one.
create table lesson_ground (
    yard_id uuid not null,
    lesson_id uuid not null,
    arena_id uuid,
    standard text check (standard in ('SMALL', 'STANDARD')),
    pace text not null check (pace in ('WALK', 'TROT', 'CANTER', 'JUMPING')),
    variant text not null check (variant in ('COLLECTED', 'WORKING', 'MEDIUM', 'EXTENDED')),
    things jsonb not null,
    version integer not null check (version > 0),
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, lesson_id),
    check ((arena_id is null) <> (standard is null)),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, arena_id) references arena (yard_id, id),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
create index lesson_ground_by_arena on lesson_ground (yard_id, arena_id);
create index lesson_ground_changed_by on lesson_ground (yard_id, changed_by);

-- Where somebody can change a demo, and the time of it: a migration that makes such a table puts it in here.
create table changed_by_hand (
    relation text primary key,
    at_column text not null
);
insert into changed_by_hand (relation, at_column) values
    ('entry', 'received_at'),
    ('decision', 'decided_at'),
    ('lesson', 'created_at'),
    ('pair', 'created_at'),
    ('plan', 'made_at'),
    ('assignment', 'set_at'),
    ('practice', 'received_at'),
    ('reported_stop_sign', 'received_at'),
    ('pause_answer', 'answered_at'),
    ('weight_overrule', 'overruled_at'),
    ('look_in', 'answered_at'),
    ('rung_placing', 'placed_at'),
    ('attachment', 'added_at'),
    ('plan_template', 'made_at'),
    ('own_item', 'made_at'),
    ('horse_intake', 'changed_at'),
    ('rider_intake', 'changed_at'),
    ('pair_intake', 'changed_at'),
    ('tack', 'changed_at'),
    ('cue', 'changed_at'),
    ('pain_count', 'counted_at'),
    ('horse_photo', 'added_at'),
    ('watch_end', 'ended_at'),
    ('outing', 'added_at'),
    ('stride', 'added_at'),
    ('arena', 'changed_at'),
    ('layout', 'changed_at'),
    ('own_pace', 'walked_at'),
    ('lesson_ground', 'changed_at');

-- A demo in which somebody changed something is not made anew.
create or replace function demo_state(today date) returns text language plpgsql stable as $$
declare
    made_at timestamptz;
    made_on date;
    watched record;
    is_changed boolean := false;
begin
    select max(demo_made_at), max((demo_made_at at time zone time_zone)::date) into made_at, made_on from yard;
    if made_at is null then
        return 'none';
    end if;
    for watched in select relation, at_column from changed_by_hand loop
        execute format('select exists (select 1 from %I where %I > $1)', watched.relation, watched.at_column)
            into is_changed using made_at;
        exit when is_changed;
    end loop;
    return case when made_on = today then 'today' when is_changed then 'edited' else 'old' end;
end
$$;

select restore_wall();
grant select, insert on lesson_ground to ${app_role};
grant update (arena_id, standard, pace, variant, things, version, changed_by, changed_at) on lesson_ground to ${app_role};
