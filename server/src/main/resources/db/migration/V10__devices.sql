-- A device belongs to one person of a yard: whoever first wrote on it anything but a clock. Nobody else writes on it.
create table device (
    yard_id uuid not null,
    id uuid not null,
    person_id uuid not null,
    first_seen_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);
insert into device (yard_id, id, person_id, first_seen_at)
select distinct on (yard_id, device_id) yard_id, device_id, author_id, received_at
from entry
order by yard_id, device_id, (kind = 'clock'), received_at, arrival;

alter table device enable row level security;
create policy yard_wall on device
    using (yard_id = current_setting('strophos.yard')::uuid) with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert on device to ${app_role};

-- What was sent again is known by the digest of its canonical form; where none is stored, by its values.
alter table entry add column digest text check (digest ~ '^[0-9a-f]{64}$');
-- Who brought an entry in from a file, where somebody did.
alter table entry add column imported_by uuid;
alter table entry add foreign key (yard_id, imported_by) references person (yard_id, id);

-- Lessons whose projection is to be made anew, because what is read from their log has changed: the serving process does it as it starts.
create table stale_lesson (
    yard_id uuid not null,
    lesson_id uuid not null,
    primary key (yard_id, lesson_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
alter table stale_lesson enable row level security;
create policy yard_wall on stale_lesson
    using (yard_id = current_setting('strophos.yard')::uuid) with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, delete on stale_lesson to ${app_role};

-- A clock that somebody wrote for another's device moves nothing any longer, and is marked. A time more than a day after its arrival, or
-- before 2000, is not believed: its entry stands where it arrived.
update entry e set kept_odd = true
from device d
where e.kind = 'clock' and d.yard_id = e.yard_id and d.id = e.device_id and d.person_id <> e.author_id;
insert into stale_lesson (yard_id, lesson_id)
select distinct e.yard_id, e.lesson_id
from entry e
where e.kind = 'clock' and (
        e.kept_odd
        or case when jsonb_typeof(e.payload -> 'offsetMs') = 'number'
            then abs((e.payload ->> 'offsetMs')::numeric) > 43200000 else false end)
    or e.at_ms < 946684800000
    or e.at_ms > extract(epoch from e.received_at) * 1000 + 43200000;

create function stale_lessons() returns table (yard_id uuid, lesson_id uuid, coach_id uuid)
language sql stable security definer set search_path = public as $$
    select s.yard_id, s.lesson_id, l.coach_id
    from stale_lesson s
    join lesson l on l.yard_id = s.yard_id and l.id = s.lesson_id
$$;
revoke all on function stale_lessons() from public;
grant execute on function stale_lessons() to ${app_role};
