-- Which side of the horse was worked, where the exercise leaves it open and the segment says it. Nothing written so far says it: that
-- is not known, and counts for no side. Which side the others work follows from the exercise and the rein, which stays as it was.
alter table ridden_exchange add column side text not null default 'NONE';
alter table ridden_observed add column side text not null default 'NONE';
