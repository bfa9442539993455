-- Lessons that are ridden together share a group; each keeps its own log.
alter table lesson add column group_id uuid;
create index lesson_group on lesson (yard_id, group_id) where group_id is not null;
grant update (group_id) on lesson to ${app_role};

-- Ground and weather as a lesson's log says them, of each what was noted last; null: not said. Part of the projection.
select lift_wall();
alter table ridden_lesson
    add column footing text check (footing in ('GOOD', 'DEEP', 'HARD', 'SLIPPERY', 'FROZEN')),
    add column temperature_c smallint check (temperature_c between -40 and 60),
    add column humidity_pct smallint check (humidity_pct between 0 and 100);

-- What the logs say that are there: all that was noted and not taken back, as it was last mended, in the order of its time.
with noted as (
    select e.yard_id, e.lesson_id, e.at_ms, e.seq, coalesce(mended.payload, e.payload) as said
    from entry e
    left join lateral (
        select a.payload -> 'payload' as payload
        from entry a
        where a.yard_id = e.yard_id and a.lesson_id = e.lesson_id and a.kind = 'amend' and a.payload ->> 'target' = e.id::text
        order by a.at_ms desc, a.seq desc
        limit 1) mended on true
    where e.kind = 'conditions'
        and not exists (
            select 1 from entry v
            where v.yard_id = e.yard_id and v.lesson_id = e.lesson_id and v.kind = 'void' and v.payload ->> 'target' = e.id::text)
),
whole as (
    select n.*,
        case when jsonb_typeof(said -> 'temperatureC') = 'number' then (said ->> 'temperatureC')::numeric end as celsius,
        case when jsonb_typeof(said -> 'humidityPct') = 'number' then (said ->> 'humidityPct')::numeric end as percent
    from noted n
),
valid as (
    select * from whole
    where coalesce(said ->> 'footing', 'GOOD') in ('GOOD', 'DEEP', 'HARD', 'SLIPPERY', 'FROZEN')
        and coalesce(jsonb_typeof(said -> 'footing'), 'string') in ('string', 'null')
        and coalesce(jsonb_typeof(said -> 'temperatureC'), 'null') in ('number', 'null')
        and coalesce(jsonb_typeof(said -> 'humidityPct'), 'null') in ('number', 'null')
        and coalesce(celsius between -40 and 60 and celsius = trunc(celsius), true)
        and coalesce(percent between 0 and 100 and percent = trunc(percent), true)
)
update ridden_lesson r
set footing = last.footing, temperature_c = last.celsius, humidity_pct = last.percent
from (
    select yard_id, lesson_id,
        (array_agg(said ->> 'footing' order by at_ms desc, seq desc) filter (where said ->> 'footing' is not null))[1] as footing,
        (array_agg(celsius order by at_ms desc, seq desc) filter (where celsius is not null))[1]::smallint as celsius,
        (array_agg(percent order by at_ms desc, seq desc) filter (where percent is not null))[1]::smallint as percent
    from valid
    group by yard_id, lesson_id) last
where last.yard_id = r.yard_id and last.lesson_id = r.lesson_id;
select restore_wall();
