-- What the coach said to have helped a rung, as the lesson's log says it. Part of the projection; no older log says any.
alter table ridden_lesson add column helped jsonb not null default '[]';

-- A plan kept under a name, to begin others from. The yard's, not a pair's.
create table plan_template (
    yard_id uuid not null references yard,
    id uuid not null,
    name text not null check (length(name) between 1 and 60),
    blocks jsonb not null,
    made_by uuid not null,
    made_at timestamptz not null,
    primary key (yard_id, id),
    unique (yard_id, name),
    foreign key (yard_id, made_by) references person (yard_id, id)
);
create index plan_template_made_by on plan_template (yard_id, made_by);

-- A demo in which somebody made something is not made anew.
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
            or exists (select 1 from watch_end where ended_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;

select restore_wall();
grant select, insert, delete on plan_template to ${app_role};
grant update (name, blocks, made_by, made_at) on plan_template to ${app_role};
