-- What a coach says a pair can do already, without a record; the latest word on a rung counts. Never changed, only added to.
create table rung_placing (
    yard_id uuid not null,
    id uuid not null,
    pair_id uuid not null,
    rung text not null check (length(rung) between 5 and 140),
    known boolean not null,
    placed_by uuid not null,
    placed_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, pair_id) references pair (yard_id, id),
    foreign key (yard_id, placed_by) references person (yard_id, id)
);
create index rung_placing_by_pair on rung_placing (yard_id, pair_id, placed_at);
select restore_wall();
grant select, insert on rung_placing to ${app_role};
