-- Whether stills of a minor may be kept, as the guardian said it; the latest word counts. Never changed, only added to; the same in form
-- as the word on voice notes, which says nothing about pictures.
create table picture_consent (
    yard_id uuid not null,
    id uuid not null,
    rider_id uuid not null,
    given boolean not null,
    said_by text not null check (length(said_by) between 1 and 80),
    recorded_by uuid not null,
    recorded_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, rider_id) references person (yard_id, id),
    foreign key (yard_id, recorded_by) references person (yard_id, id)
);
create index picture_consent_by_rider on picture_consent (yard_id, rider_id, recorded_at desc);
insert into changed_by_hand (relation, at_column) values ('picture_consent', 'recorded_at');
select restore_wall();
grant select, insert on picture_consent to ${app_role};
