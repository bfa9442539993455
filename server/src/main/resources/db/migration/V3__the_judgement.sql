-- Two more decisions: made harder within the rung, and re-opened. And a yard's own thresholds, on top of the standards.

alter table decision drop constraint decision_chosen_check, drop constraint decision_advised_check;
alter table decision
    add constraint decision_chosen_check
        check (chosen in ('MOVE_ON', 'STAY', 'STAY_HARDER', 'STEP_BACK', 'REOPEN', 'GET_HELP')),
    add constraint decision_advised_check
        check (advised in ('MOVE_ON', 'STAY', 'STAY_HARDER', 'STEP_BACK', 'REOPEN', 'GET_HELP'));

create table threshold_change (
    yard_id uuid not null references yard,
    book text not null,
    name text not null,
    value double precision not null,
    changed_by uuid not null,
    changed_at timestamptz not null,
    primary key (yard_id, book, name),
    foreign key (yard_id, changed_by) references person (yard_id, id)
);
alter table threshold_change enable row level security;
create policy yard_wall on threshold_change
    using (yard_id = current_setting('strophos.yard')::uuid)
    with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, update, delete on threshold_change to ${app_role};

-- What the rider did, as marked in a ride: position faults, aid habits, contact as felt. Part of the projection of the log.
create table ridden_factor (
    yard_id uuid not null,
    lesson_id uuid not null,
    ord integer not null,
    at timestamptz not null,
    factor text not null,
    primary key (yard_id, lesson_id, ord),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id)
);
alter table ridden_factor enable row level security;
create policy yard_wall on ridden_factor
    using (yard_id = current_setting('strophos.yard')::uuid)
    with check (yard_id = current_setting('strophos.yard')::uuid);
grant select, insert, update, delete on ridden_factor to ${app_role};
