-- What a yard made itself: exercises, progressions, and what is shown beside an exercise. Each version stays; the last one counts.
create table own_item (
    yard_id uuid not null references yard,
    kind text not null check (kind in ('EXERCISE', 'PROGRESSION', 'ASIDE')),
    id text not null check (id ~ '^[a-z][a-z0-9-]{0,63}$'),
    version integer not null check (version >= 1),
    body jsonb not null,
    put_away boolean not null,
    made_by uuid not null,
    made_at timestamptz not null,
    primary key (yard_id, kind, id, version),
    foreign key (yard_id, made_by) references person (yard_id, id)
);
create index own_item_made_by on own_item (yard_id, made_by);

-- Another stamp says that the yard's own work has changed since; null: it has none. library_rejudged counts how often a rung that was
-- there before got another way back.
alter table yard add column library_stamp uuid;
alter table yard add column library_rejudged integer not null default 0;

-- The name of the programme an assignment was set from; null for other homework.
alter table assignment add column programme text check (length(programme) between 1 and 60);

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
            or exists (select 1 from own_item where made_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;

select restore_wall();
grant select, insert on own_item to ${app_role};
grant update (library_stamp, library_rejudged) on yard to ${app_role};
