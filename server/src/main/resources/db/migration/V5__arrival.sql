-- In which order a lesson's entries arrived, counted from 1 under the lesson's lock: a device that follows a lesson asks
-- for what came after the last it has.
alter table entry add column arrival bigint;
update entry e set arrival = o.arrival
from (
    select yard_id, id,
        row_number() over (partition by yard_id, lesson_id order by received_at, at_ms, device_id, seq, id) as arrival
    from entry
) o
where o.yard_id = e.yard_id and o.id = e.id;
alter table entry alter column arrival set not null;
alter table entry add constraint entry_arrived_once unique (yard_id, lesson_id, arrival);
drop index entry_by_lesson;
