-- How hard a lesson was for the horse, as its log says it last; null: it does not say. Part of the projection.
select lift_wall();
alter table ridden_lesson add column effort smallint check (effort between 0 and 10);

-- What the log says now, for the lessons that are there: the last word that was not taken back, as it was last mended.
update ridden_lesson r
set effort = said.horse
from (
    select distinct on (e.yard_id, e.lesson_id) e.yard_id, e.lesson_id,
        (coalesce(mended.payload, e.payload) ->> 'horse')::numeric::smallint as horse
    from entry e
    left join lateral (
        select a.payload -> 'payload' as payload
        from entry a
        where a.yard_id = e.yard_id and a.lesson_id = e.lesson_id and a.kind = 'amend' and a.payload ->> 'target' = e.id::text
        order by a.at_ms desc, a.seq desc
        limit 1) mended on true
    where e.kind = 'effort'
        and jsonb_typeof(coalesce(mended.payload, e.payload) -> 'horse') = 'number'
        and (coalesce(mended.payload, e.payload) ->> 'horse')::numeric in (0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10)
        and not exists (
            select 1 from entry v
            where v.yard_id = e.yard_id and v.lesson_id = e.lesson_id and v.kind = 'void' and v.payload ->> 'target' = e.id::text)
    order by e.yard_id, e.lesson_id, e.at_ms desc, e.seq desc) said
where said.yard_id = r.yard_id and said.lesson_id = r.lesson_id;
select restore_wall();
