-- What was observed on a rung beside its asks: stretches kept, named faults, frights. Part of the projection of the log.
create table ridden_observed (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    entry_id uuid not null,
    exercise text not null,
    gait text not null,
    place text not null,
    rein text not null,
    kind text not null check (kind in ('HELD', 'FAULT', 'FRIGHT')),
    name text,
    unit text,
    amount integer,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    check ((kind = 'HELD') = (unit is not null and amount is not null)),
    check ((kind = 'FAULT') = (name is not null))
);
alter table ridden_observed enable row level security;
create policy yard_wall on ridden_observed
    using (yard_id = current_setting('strophos.yard')::uuid)
    with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, update, delete on ridden_observed to ${app_role};
