-- A telephone's clock may say anything. A report is kept as it was written, and counts from when it came in where its own time is
-- not believed: more than a day after it came, or more than a year before (common practice, no source).
alter table practice add column counted_at timestamptz;
update practice
set counted_at = case
    when started_at between received_at - interval '366 days' and received_at + interval '1 day' then started_at
    else received_at
end;
alter table practice alter column counted_at set not null;
create index practice_by_counted on practice (yard_id, assignment_id, counted_at);
drop index practice_by_assignment;

create or replace view stop_sign with (security_invoker = true) as
select s.yard_id, p.horse_id, p.id as pair_id, s.said_by as id, s.sign, s.side,
    -- seen when it came in, where the clock that wrote it is not believed
    case when s.at > e.received_at + interval '1 day' then e.received_at else s.at end as at,
    e.received_at, s.author_id, s.lesson_id as occasion_id, 'LESSON' as source
from ridden_stop_sign s
join lesson l on l.yard_id = s.yard_id and l.id = s.lesson_id
join pair p on p.yard_id = l.yard_id and p.id = l.pair_id
join entry e on e.yard_id = s.yard_id and e.id = s.said_by
where not exists (select 1 from stop_sign_settled x where x.yard_id = s.yard_id and x.sign_id = s.entry_id)
union all
select r.yard_id, p.horse_id, p.id, r.id, r.sign, r.side, r.at, r.received_at, r.author_id, r.id, 'PRACTICE'
from reported_stop_sign r
join pair p on p.yard_id = r.yard_id and p.id = r.pair_id
where r.taken_back_at is null
union all
select pr.yard_id, p.horse_id, p.id, pr.id, u.sign, 'NONE', least(pr.counted_at, pr.received_at), pr.received_at,
    pr.author_id, pr.id, 'REPORT'
from practice pr
join assignment a on a.yard_id = pr.yard_id and a.id = pr.assignment_id
join pair p on p.yard_id = a.yard_id and p.id = a.pair_id
cross join unnest(pr.stop_signs) as u (sign)
where pr.stop_signs <> '{}'
    and not exists (select 1 from stop_sign_settled x where x.yard_id = pr.yard_id and x.sign_id = pr.id);
