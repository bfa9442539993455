-- What was put on watch, and whether it was seen again, lesson by lesson. Part of the projection of the log.
create table watch (
    yard_id uuid not null,
    lesson_id uuid not null,
    entry_id uuid not null,
    at timestamptz not null,
    is_sign boolean not null,
    name text not null,
    side text not null,
    weeks integer not null check (weeks between 1 and 26),
    primary key (yard_id, entry_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
create index watch_by_lesson on watch (yard_id, lesson_id);
alter table watch enable row level security;
create policy yard_wall on watch
    using (yard_id = current_setting('strophos.yard')::uuid)
    with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, update, delete on watch to ${app_role};

create table watch_tick (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    watch_id uuid not null,
    at timestamptz not null,
    is_seen boolean not null,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
create index watch_tick_by_watch on watch_tick (yard_id, watch_id);
alter table watch_tick enable row level security;
create policy yard_wall on watch_tick
    using (yard_id = current_setting('strophos.yard')::uuid)
    with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, update, delete on watch_tick to ${app_role};
