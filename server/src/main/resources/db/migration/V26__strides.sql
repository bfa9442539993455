-- Strides as they were measured; of the horse, whoever rode.
create table stride (
    yard_id uuid not null,
    id uuid not null,
    horse_id uuid not null,
    pace text not null check (pace in ('WALK', 'TROT', 'CANTER')),
    way text not null check (way in ('DISTANCE', 'POLES')),
    distance_m numeric(6, 3) not null check (distance_m between 0.4 and 300),
    count numeric(6, 2) not null check (count > 0 and count <= 1000),
    seconds numeric(5, 2) check (seconds > 0 and seconds <= 600),
    measured_on date not null,
    is_put_away boolean not null,
    added_by uuid not null,
    added_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, added_by) references person (yard_id, id)
);
create index stride_by_horse on stride (yard_id, horse_id, pace, measured_on);
create index stride_added_by on stride (yard_id, added_by);

-- A demo in which somebody measured a stride is not made anew.
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
            or exists (select 1 from stride where added_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;

select restore_wall();
grant select, insert on stride to ${app_role};
grant update (is_put_away) on stride to ${app_role};
