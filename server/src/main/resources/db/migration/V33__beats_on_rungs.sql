-- The feet's landings that were marked on a clip are observed on the rung that was ridden then: how far the fore foot of one side landed
-- behind its hind foot, with the ends of its 95 % interval, in thousandths of the stride.
alter table ridden_observed
    drop constraint ridden_observed_kind_check,
    add column feet text,
    add column lag_share integer,
    add column lag_low integer,
    add column lag_high integer,
    add constraint ridden_observed_kind_check check (kind in ('HELD', 'FAULT', 'FRIGHT', 'IN_BAND', 'SOFT_AGAIN', 'BEATS')),
    add constraint ridden_observed_beats check (
        case when kind = 'BEATS'
            then feet in ('LEFT', 'RIGHT') and feet is not null
                and lag_share is not null and lag_low is not null and lag_high is not null
            else num_nonnulls(feet, lag_share, lag_low, lag_high) = 0
        end);

-- Lessons whose landings were marked are counted anew.
select lift_wall();
insert into stale_lesson
select distinct e.yard_id, e.lesson_id from entry e where e.kind = 'footfalls'
on conflict do nothing;
select restore_wall();

-- A process of the version before folds without what was marked; so long as one runs, the lesson is folded once more by this version.
alter function folded_without_sensor() rename to folded_without_measure;
drop trigger folded_without_sensor on ridden_observed;
create trigger folded_without_measure after delete on ridden_observed
    for each row when (old.kind in ('IN_BAND', 'SOFT_AGAIN', 'BEATS')) execute function folded_without_measure();
