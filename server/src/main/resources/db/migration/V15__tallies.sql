-- Tallies: a turn's answers counted afterwards are one row for so many asks, good ones and others; null for a single ask. No entry
-- written so far is one. And asks that the rider got wrong and knows it: they leave the horse's counts and are counted beside.
alter table ridden_exchange add column good integer;
alter table ridden_exchange add column others integer;
alter table ridden_exchange add constraint ridden_exchange_tally check ((good is null) = (others is null));
alter table lesson_count add column tallied integer[] not null default '{0,0,0,0,0,0,0,0}' check (cardinality(tallied) = 8);
alter table lesson_count add column slips integer not null default 0;
-- The one fault that has a key of its own while a lesson is ridden; null where none was chosen.
alter table plan add column latch jsonb;
