-- What depends on a pair's whole past is no longer read from the whole past: each lesson is counted once, and how a pair stands at a
-- lesson's end is kept. Both are disposable; the serving process makes anew what is marked here.
select lift_wall();

-- A ridden lesson is found by its pair, in the order in which lessons began; what was marked in it is counted beside it.
alter table ridden_lesson add column pair_id uuid;
update ridden_lesson r set pair_id = l.pair_id from lesson l where l.yard_id = r.yard_id and l.id = r.lesson_id;
alter table ridden_lesson alter column pair_id set not null;
alter table ridden_lesson add foreign key (yard_id, pair_id) references pair (yard_id, id);
alter table ridden_lesson add column seen jsonb not null default '[]';
create index ridden_lesson_by_pair on ridden_lesson (yard_id, pair_id, started_at, lesson_id) where started_at is not null;

-- What was asked and observed in a lesson, counted: one row for a rung, a rein, a side and who rode. Lessons that were never begun
-- count for nothing. answers: by strength (1 to 4), and within it by response in the order of its words.
create table lesson_count (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    pair_id uuid not null,
    began_at timestamptz not null,
    rung text not null,
    rein text not null,
    side text not null,
    mounted text not null,
    answers integer[] not null check (cardinality(answers) = 20),
    asks integer not null,
    yes integer not null,
    strengths integer not null,
    released integer not null,
    release_missed integer not null,
    corrected integer not null,
    let_pass integer not null,
    observed integer not null,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
create index lesson_count_by_rung on lesson_count (yard_id, pair_id, rung, began_at, lesson_id);

insert into lesson_count
select x.yard_id, x.lesson_id,
    row_number() over (partition by x.yard_id, x.lesson_id order by min(x.ord)) - 1,
    r.pair_id, r.started_at, x.exercise || '.' || lower(x.gait) || '.' || lower(x.place), x.rein, 'NONE', x.mounted,
    array(
        select (count(*) filter (where a.strength = s.strength and a.response = w.response))::integer
        from unnest(array[1, 2, 3, 4]) with ordinality as s (strength, s_ord)
        cross join unnest(array['YES', 'TRY', 'BRACE', 'NONE', 'WRONG']) with ordinality as w (response, w_ord)
        left join unnest(array_agg(x.strength), array_agg(x.response)) as a (strength, response) on true
        group by s.s_ord, w.w_ord, s.strength, w.response
        order by s.s_ord, w.w_ord),
    count(*), count(*) filter (where x.response = 'YES'), sum(x.strength), 0, 0, 0, 0, 0
from ridden_exchange x
join ridden_lesson r on r.yard_id = x.yard_id and r.lesson_id = x.lesson_id
where r.started_at is not null
group by x.yard_id, x.lesson_id, r.pair_id, r.started_at, x.exercise, x.gait, x.place, x.rein, x.mounted;

-- How a pair stood at a lesson's end, after the decisions made before that lesson began, by the rules, thresholds and catalogue named
-- in made_by.
create table pair_state (
    yard_id uuid not null,
    lesson_id uuid not null,
    pair_id uuid not null,
    began_at timestamptz not null,
    lessons integer not null,
    made_by text not null,
    state jsonb not null,
    primary key (yard_id, lesson_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
create index pair_state_by_pair on pair_state (yard_id, pair_id, began_at, lesson_id);

-- A horse's stop signs are found by the horse and by when they came in, from where it was cleared last.
alter table ridden_stop_sign add column pair_id uuid;
alter table ridden_stop_sign add column horse_id uuid;
alter table ridden_stop_sign add column received_at timestamptz;
update ridden_stop_sign s
set pair_id = p.id, horse_id = p.horse_id, received_at = e.received_at
from lesson l, pair p, entry e
where l.yard_id = s.yard_id and l.id = s.lesson_id and p.yard_id = l.yard_id and p.id = l.pair_id
    and e.yard_id = s.yard_id and e.id = s.said_by;
alter table ridden_stop_sign alter column pair_id set not null;
alter table ridden_stop_sign alter column horse_id set not null;
alter table ridden_stop_sign alter column received_at set not null;
create index ridden_stop_sign_by_horse on ridden_stop_sign (yard_id, horse_id, received_at);

create or replace view stop_sign with (security_invoker = true) as
select s.yard_id, s.horse_id, s.pair_id, s.said_by as id, s.sign, s.side,
    -- seen when it came in, where the clock that wrote it is not believed
    case when s.at > s.received_at + interval '1 day' then s.received_at else s.at end as at,
    s.received_at, s.author_id, s.lesson_id as occasion_id, 'LESSON' as source
from ridden_stop_sign s
where not exists (select 1 from stop_sign_settled x where x.yard_id = s.yard_id and x.sign_id = s.entry_id)
union all
select r.yard_id, p.horse_id, p.id, r.id, r.sign, r.side, r.at, r.received_at, r.author_id, r.id, 'PRACTICE'
from reported_stop_sign r
join pair p on p.yard_id = r.yard_id and p.id = r.pair_id
where r.taken_back_at is null
union all
select pr.yard_id, p.horse_id, p.id, pr.id, u.sign, 'NONE', least(pr.counted_at, pr.received_at), pr.received_at,
    pr.author_id, pr.id, 'REPORT'
from practice pr
join assignment a on a.yard_id = pr.yard_id and a.id = pr.assignment_id
join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
cross join unnest(pr.stop_signs) as u (sign)
where pr.stop_signs <> '{}'
    and not exists (select 1 from stop_sign_settled x where x.yard_id = pr.yard_id and x.sign_id = pr.id);

-- Every lesson is folded once more, for what this version counts and the version before did not; then every pair.
create table stale_pair (
    yard_id uuid not null,
    pair_id uuid not null,
    primary key (yard_id, pair_id),
    foreign key (yard_id, pair_id) references pair (yard_id, id)
);
insert into stale_lesson select yard_id, lesson_id from ridden_lesson on conflict do nothing;
insert into stale_pair select distinct yard_id, pair_id from ridden_lesson;

-- Yards in which something is to be made anew, and in whose name; and all yards.
create function yards_to_renew() returns table (yard_id uuid, coach_id uuid)
language sql stable security definer set search_path = public as $$
    select distinct on (p.yard_id) p.yard_id, p.id
    from person p
    where p.role = 'COACH'
        and (exists (select 1 from stale_lesson l where l.yard_id = p.yard_id)
            or exists (select 1 from stale_pair s where s.yard_id = p.yard_id))
    order by p.yard_id, p.created_at, p.id
$$;
revoke all on function yards_to_renew() from public;
create function all_yards() returns table (yard_id uuid, coach_id uuid)
language sql stable security definer set search_path = public as $$
    select distinct on (p.yard_id) p.yard_id, p.id from person p where p.role = 'COACH' order by p.yard_id, p.created_at, p.id
$$;
revoke all on function all_yards() from public;

-- While an installation is upgraded, a process of the version before goes on writing: it names no pair, and what it writes is folded
-- once more by this version.
create function written_by_version_before() returns trigger
language plpgsql set search_path = public as $$
begin
    select l.pair_id into new.pair_id from lesson l where l.yard_id = new.yard_id and l.id = new.lesson_id;
    delete from pair_state s
    where s.yard_id = new.yard_id and s.pair_id = new.pair_id and s.began_at >= coalesce(new.started_at, '-infinity');
    insert into stale_lesson values (new.yard_id, new.lesson_id) on conflict do nothing;
    insert into stale_pair values (new.yard_id, new.pair_id) on conflict do nothing;
    return new;
end $$;
create trigger written_by_version_before before insert on ridden_lesson
    for each row when (new.pair_id is null) execute function written_by_version_before();
create function sign_of_version_before() returns trigger
language plpgsql set search_path = public as $$
begin
    select p.id, p.horse_id into new.pair_id, new.horse_id
    from lesson l join pair p on p.yard_id = l.yard_id and p.id = l.pair_id
    where l.yard_id = new.yard_id and l.id = new.lesson_id;
    select e.received_at into new.received_at from entry e where e.yard_id = new.yard_id and e.id = new.said_by;
    return new;
end $$;
create trigger sign_of_version_before before insert on ridden_stop_sign
    for each row when (new.pair_id is null) execute function sign_of_version_before();

-- What joins, and what a screen asks for by another key than its own.
create index decision_by_lesson on decision (yard_id, lesson_id, decided_at);
create index decision_by_time on decision (yard_id, decided_at) include (rule_book, rule_id, advised, chosen);
-- what ran at a moment: few of all that ever did
create index assignment_running on assignment (yard_id, coalesce(ended_at, 'infinity'), pair_id);
create index assignment_by_lesson on assignment (yard_id, lesson_id);
create index guardianship_by_ward on guardianship (yard_id, ward_id);
create index invitation_by_person on invitation (yard_id, person_id);
create index looked_by_time on looked (yard_id, at);
create index watch_by_time on watch (yard_id, at);

select restore_wall();

grant update on stale_lesson to ${app_role}; -- taken by one of several: locked, and skipped by the others
grant select, insert, update, delete on lesson_count, pair_state, stale_pair to ${app_role};
grant select on stale_pair to ${across_role};
create policy across on stale_pair for select to ${across_role} using (current_user = '${across_role}');
grant create on schema public to ${across_role};
alter function yards_to_renew() owner to ${across_role};
alter function all_yards() owner to ${across_role};
revoke create on schema public from ${across_role};
grant execute on function yards_to_renew() to ${app_role};
grant execute on function all_yards() to ${app_role};
