-- What sensors measured on a rung is observed there like what was seen: the time in the pair's band, and how soon a rein that was over it
-- was back (null where it was not by the stretch's end).
alter table ridden_observed
    drop constraint ridden_observed_kind_check,
    add column inside_ms integer,
    add column measured_ms integer,
    add column after_ms integer,
    add constraint ridden_observed_kind_check check (kind in ('HELD', 'FAULT', 'FRIGHT', 'IN_BAND', 'SOFT_AGAIN')),
    add constraint ridden_observed_in_band check ((kind = 'IN_BAND') = (inside_ms is not null and measured_ms is not null)),
    add constraint ridden_observed_soft_again check (kind = 'SOFT_AGAIN' or after_ms is null);
alter table lesson_count add column measured integer not null default 0;

-- Lessons that were measured are counted anew.
select lift_wall();
insert into stale_lesson
select distinct r.yard_id, r.lesson_id from recording r
where r.whole_at is not null and r.away_at is null
    and exists (select 1 from contact_band b join lesson l on l.yard_id = b.yard_id and l.pair_id = b.pair_id
        where l.yard_id = r.yard_id and l.id = r.lesson_id)
on conflict do nothing;
select restore_wall();

-- A process of the version before folds without what was measured; so long as one runs, the lesson is folded once more by this version.
create function folded_without_sensor() returns trigger
language plpgsql set search_path = public as $$
begin
    insert into stale_lesson values (old.yard_id, old.lesson_id) on conflict do nothing;
    return old;
end $$;
create trigger folded_without_sensor after delete on ridden_observed
    for each row when (old.kind in ('IN_BAND', 'SOFT_AGAIN')) execute function folded_without_sensor();
