-- Pain pauses the horse. Stop signs are told by three records: the log of a lesson, what a rider's device says at once, and
-- reports of practices. What ends a pause is an answer that says who looked.

-- Of the log: disposable, like the other projections.
create table ridden_stop_sign (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    entry_id uuid not null,
    said_by uuid not null,
    author_id uuid not null,
    at timestamptz not null,
    sign text not null,
    side text not null,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);

-- As a rider's device said it, at once and beside any homework. Only taking it back is ever added.
create table reported_stop_sign (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    author_id uuid not null,
    at timestamptz not null,
    sign text not null,
    side text not null check (side in ('LEFT', 'RIGHT', 'NONE')),
    received_at timestamptz not null,
    taken_back_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, author_id) references person (yard_id, id)
);
create index reported_stop_sign_by_pair on reported_stop_sign (yard_id, pair_id, received_at);

-- Answers to a horse's stop signs; never changed.
create table pause_answer (
    yard_id uuid not null,
    id uuid not null,
    horse_id uuid not null,
    kind text not null check (kind in ('KEEP_RESTING', 'CALLED', 'CLEARED')),
    whom text check (whom in ('VET', 'DENTIST', 'FITTER', 'PHYSIOTHERAPIST', 'COACH')),
    name text check (length(name) between 1 and 80),
    on_day date,
    may_hand_walk boolean not null,
    fastest text check (fastest in ('WALK', 'TROT', 'CANTER')),
    minutes integer check (minutes between 5 and 180),
    until_day date,
    words text check (length(words) <= 600),
    rest_from date,
    rest_to date,
    answered_by uuid not null,
    answered_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, answered_by) references person (yard_id, id),
    -- who was called, who cleared it and when is said, or it is no answer
    check (kind = 'KEEP_RESTING' or (whom is not null and name is not null and on_day is not null)),
    check (kind = 'CLEARED' or (fastest is null and minutes is null and until_day is null and rest_from is null)),
    check ((rest_from is null) = (rest_to is null))
);
create index pause_answer_by_horse on pause_answer (yard_id, horse_id, answered_at);

-- Whom to call: the yard's own numbers, and those of a horse.
create table contact (
    yard_id uuid not null references yard,
    id uuid not null,
    horse_id uuid,
    ord integer not null,
    kind text not null check (kind in ('EMERGENCY', 'VET', 'DOCTOR', 'DENTIST', 'FITTER', 'PHYSIOTHERAPIST', 'FARRIER', 'OWNER', 'OTHER')),
    name text not null check (length(name) between 1 and 80),
    phone text not null check (length(phone) between 2 and 40),
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);
create index contact_by_horse on contact (yard_id, horse_id, ord);

-- What a horse should weigh, and why this rider rides it all the same.
alter table horse add column should_weigh_kg numeric(5, 1) check (should_weigh_kg between 50 and 1200);
create table weight_overrule (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    percent numeric(4, 1) not null,
    reason text not null check (length(reason) between 1 and 400),
    overruled_by uuid not null,
    overruled_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, overruled_by) references person (yard_id, id)
);
create index weight_overrule_by_pair on weight_overrule (yard_id, pair_id, overruled_at);

-- Stop signs that had been answered before horses could be paused. Filled here, once.
create table stop_sign_settled (
    yard_id uuid not null references yard,
    sign_id uuid not null,
    primary key (yard_id, sign_id)
);

insert into ridden_stop_sign
select yard_id, lesson_id, 0, entry_id, entry_id, author_id, at, checks ->> 'soundness', 'NONE'
from looked
where checks ->> 'soundness' in ('UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS');

-- What is kept of a lesson is its last look; somebody else's before it, each one's last, is in the log.
insert into ridden_stop_sign
select o.yard_id, o.lesson_id, row_number() over (partition by o.yard_id, o.lesson_id order by o.at_ms, o.id),
    o.id, o.id, o.author_id, to_timestamp(o.at_ms / 1000.0), o.payload ->> 'soundness', 'NONE'
from (
    select distinct on (e.yard_id, e.lesson_id, e.author_id) e.*
    from entry e
    where e.kind = 'first_look'
        and not exists (
            select 1 from entry v
            where v.yard_id = e.yard_id and v.lesson_id = e.lesson_id and v.author_id = e.author_id
                and v.kind = 'void' and v.payload ->> 'target' = e.id::text)
    order by e.yard_id, e.lesson_id, e.author_id, e.at_ms desc, e.seq desc) o
where o.payload ->> 'soundness' in ('UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS')
    and not exists (
        select 1 from looked k
        where k.yard_id = o.yard_id and k.lesson_id = o.lesson_id and k.author_id = o.author_id);

-- a report whose homework the coach has looked in on since
insert into stop_sign_settled
select p.yard_id, p.id
from practice p
where cardinality(p.stop_signs) > 0
    and exists (
        select 1 from look_in l
        where l.yard_id = p.yard_id and l.assignment_id = p.assignment_id and l.answered_at >= p.received_at);

-- a look that a later one of the same horse found sound; also of looks that only a rebuild of the record tells as signs
insert into stop_sign_settled
select e.yard_id, e.id
from entry e
join lesson l on l.yard_id = e.yard_id and l.id = e.lesson_id
join pair p on p.yard_id = l.yard_id and p.id = l.pair_id
left join ridden_stop_sign s on s.yard_id = e.yard_id and s.entry_id = e.id
where e.kind = 'first_look'
    and (s.entry_id is not null or e.payload ->> 'soundness' in ('UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS'))
    and exists (
        select 1
        from looked later
        join lesson ll on ll.yard_id = later.yard_id and ll.id = later.lesson_id
        join pair pp on pp.yard_id = ll.yard_id and pp.id = ll.pair_id
        where pp.yard_id = p.yard_id and pp.horse_id = p.horse_id
            and later.at > coalesce(s.at, to_timestamp(e.at_ms / 1000.0))
            and later.checks ->> 'soundness' = 'SOUND');

create index practice_with_stop_signs on practice (yard_id, assignment_id) where stop_signs <> '{}';
create index pair_by_horse on pair (yard_id, horse_id);

-- All stop signs of a horse, whoever saw them. It sees what its reader sees: the wall holds.
create view stop_sign with (security_invoker = true) as
select s.yard_id, p.horse_id, p.id as pair_id, s.said_by as id, s.sign, s.side, s.at, e.received_at, s.author_id,
    s.lesson_id as occasion_id, 'LESSON' as source
from ridden_stop_sign s
join lesson l on l.yard_id = s.yard_id and l.id = s.lesson_id
join pair p on p.yard_id = l.yard_id and p.id = l.pair_id
join entry e on e.yard_id = s.yard_id and e.id = s.said_by
where not exists (select 1 from stop_sign_settled x where x.yard_id = s.yard_id and x.sign_id = s.entry_id)
union all
select r.yard_id, p.horse_id, p.id, r.id, r.sign, r.side, r.at, r.received_at, r.author_id, r.id, 'PRACTICE'
from reported_stop_sign r
join pair p on p.yard_id = r.yard_id and p.id = r.pair_id
where r.taken_back_at is null
union all
select pr.yard_id, p.horse_id, p.id, pr.id, u.sign, 'NONE', least(pr.started_at, pr.received_at), pr.received_at,
    pr.author_id, pr.id, 'REPORT'
from practice pr
join assignment a on a.yard_id = pr.yard_id and a.id = pr.assignment_id
join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
cross join unnest(pr.stop_signs) as u (sign)
where pr.stop_signs <> '{}'
    and not exists (select 1 from stop_sign_settled x where x.yard_id = pr.yard_id and x.sign_id = pr.id);

do $$
declare t text;
begin
    foreach t in array array['ridden_stop_sign', 'reported_stop_sign', 'pause_answer', 'contact', 'weight_overrule', 'stop_sign_settled'] loop
        execute format('alter table %I enable row level security', t);
        execute format(
            'create policy yard_wall on %I using (yard_id = current_setting(''strophos.yard'')::uuid) with check (yard_id = current_setting(''strophos.yard'')::uuid)', t);
    end loop;
end $$;

grant select, insert, update, delete on ridden_stop_sign to ${app_role};
grant select, insert on reported_stop_sign, pause_answer, weight_overrule to ${app_role};
grant update (taken_back_at) on reported_stop_sign to ${app_role};
grant select, insert, delete on contact to ${app_role};
grant select on stop_sign_settled, stop_sign to ${app_role};
grant update (should_weigh_kg) on horse to ${app_role};

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
            or exists (select 1 from look_in where answered_at > made.at) then
            case when made.day = today then 'today' else 'edited' end
        when made.day = today then 'today'
        else 'old'
    end
    from (select max(demo_made_at) as at, max((demo_made_at at time zone time_zone)::date) as day from yard) made
$$;
