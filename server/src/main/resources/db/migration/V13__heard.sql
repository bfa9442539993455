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
    perform hear(p.yard_id, p.horse_id, u.sign, new.received_at)
    from assignment a
    join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
    cross join unnest(new.stop_signs) as u (sign)
    where a.yard_id = new.yard_id and a.id = new.assignment_id
    order by u.sign;
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

-- Homework: what came in since the coach looked in last.
create index practice_by_received on practice (yard_id, assignment_id, received_at);

select restore_wall();

grant select, insert, update on horse_heard to ${app_role};
revoke all on function hear(uuid, uuid, text, timestamptz) from public;
grant execute on function hear(uuid, uuid, text, timestamptz) to ${app_role};
