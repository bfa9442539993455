-- What a yard asks every morning is found without reading every horse's past and every report.

select lift_wall();

-- When each thing was heard of a horse last: a sign by its own name, an answer by its kind, and LIMITED where it was cleared within
-- limits. It tells which horses must be looked at, never how one stands. The database keeps it, so that whoever writes cannot forget,
-- an older version neither.
create table horse_heard (
    yard_id uuid not null,
    horse_id uuid not null,
    what text not null,
    last_at timestamptz not null,
    primary key (yard_id, horse_id, what),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

insert into horse_heard
select yard_id, horse_id, sign, max(received_at) from stop_sign group by yard_id, horse_id, sign;
insert into horse_heard
select yard_id, horse_id, kind, max(answered_at) from pause_answer group by yard_id, horse_id, kind;
insert into horse_heard
select yard_id, horse_id, 'LIMITED', max(answered_at) from pause_answer
where kind = 'CLEARED' and (fastest is not null or minutes is not null)
group by yard_id, horse_id;

-- The stop signs of reports by their horse, as those of lessons are: found without a look at every report of every homework. A report
-- is never changed, so neither is this.
create table practice_stop_sign (
    yard_id uuid not null,
    horse_id uuid not null,
    pair_id uuid not null,
    practice_id uuid not null,
    sign text not null,
    at timestamptz not null,
    received_at timestamptz not null,
    author_id uuid not null,
    primary key (yard_id, practice_id, sign),
    foreign key (yard_id, practice_id) references practice (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);
create index practice_stop_sign_by_horse on practice_stop_sign (yard_id, horse_id, received_at);
insert into practice_stop_sign
select p.yard_id, p.horse_id, p.id, pr.id, u.sign, least(pr.counted_at, pr.received_at), pr.received_at, pr.author_id
from practice pr
join assignment a on a.yard_id = pr.yard_id and a.id = pr.assignment_id
join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
cross join unnest(pr.stop_signs) as u (sign)
where pr.stop_signs <> '{}'
on conflict do nothing;
drop index practice_with_stop_signs;

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
select s.yard_id, s.horse_id, s.pair_id, s.practice_id, s.sign, 'NONE', s.at, s.received_at, s.author_id, s.practice_id, 'REPORT'
from practice_stop_sign s
where not exists (select 1 from stop_sign_settled x where x.yard_id = s.yard_id and x.sign_id = s.practice_id);

create function hear(yard uuid, horse uuid, what text, at timestamptz) returns void
language sql set search_path = public as $$
    insert into horse_heard as h values (yard, horse, what, at)
    on conflict (yard_id, horse_id, what) do update set last_at = excluded.last_at where h.last_at < excluded.last_at
$$;
create function hear_of_lesson() returns trigger language plpgsql set search_path = public as $$
begin
    perform hear(new.yard_id, new.horse_id, new.sign, new.received_at);
    return null;
end $$;
create trigger hear after insert on ridden_stop_sign for each row execute function hear_of_lesson();
create function hear_of_rider() returns trigger language plpgsql set search_path = public as $$
begin
    perform hear(p.yard_id, p.horse_id, new.sign, new.received_at)
    from pair p where p.yard_id = new.yard_id and p.id = new.pair_id;
    return null;
end $$;
create trigger hear after insert on reported_stop_sign for each row execute function hear_of_rider();
create function hear_of_practice() returns trigger language plpgsql set search_path = public as $$
begin
    insert into practice_stop_sign
    select p.yard_id, p.horse_id, p.id, new.id, u.sign, least(new.counted_at, new.received_at), new.received_at, new.author_id
    from assignment a
    join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
    cross join unnest(new.stop_signs) as u (sign)
    where a.yard_id = new.yard_id and a.id = new.assignment_id
    on conflict do nothing;
    perform hear(s.yard_id, s.horse_id, s.sign, s.received_at)
    from practice_stop_sign s
    where s.yard_id = new.yard_id and s.practice_id = new.id
    order by s.sign;
    return null;
end $$;
create trigger hear after insert on practice
    for each row when (new.stop_signs <> '{}') execute function hear_of_practice();
create function hear_of_answer() returns trigger language plpgsql set search_path = public as $$
begin
    perform hear(new.yard_id, new.horse_id, new.kind, new.answered_at);
    if new.kind = 'CLEARED' and (new.fastest is not null or new.minutes is not null) then
        perform hear(new.yard_id, new.horse_id, 'LIMITED', new.answered_at);
    end if;
    return null;
end $$;
create trigger hear after insert on pause_answer for each row execute function hear_of_answer();

-- Homework: what runs now, and what came in since the coach looked in last. The index before was of an expression, which leads nowhere
-- under row level security.
create index assignment_open on assignment (yard_id, pair_id) where ended_at is null;
drop index assignment_running;
create index practice_by_received on practice (yard_id, assignment_id, received_at);

select restore_wall();

grant select, insert, update on horse_heard to ${app_role};
grant select, insert on practice_stop_sign to ${app_role};
revoke all on function hear(uuid, uuid, text, timestamptz) from public;
grant execute on function hear(uuid, uuid, text, timestamptz) to ${app_role};
