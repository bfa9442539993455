-- What a coach settles for a pair where good teachers disagree; null is as its school has it.
alter table pair
    add column side_reins text check (side_reins in ('ALLOWED', 'NEVER')),
    add column leg text check (leg in ('NEAR', 'OFF')),
    add column slack_rein text check (slack_rein in ('GOAL', 'RELEASE', 'FAULT')),
    add column bit text check (bit in ('BITLESS', 'SNAFFLE', 'LEVERAGE')),
    add column landing_lead text check (landing_lead in ('LEFT_ALONE', 'CHANGED')),
    add column canter_from text check (canter_from in ('TROT', 'WALK')),
    add column strand_order text check (strand_order in ('FEET_FIRST', 'HEAD_FIRST', 'JAW_FIRST')),
    add column settings_version integer not null default 0 check (settings_version >= 0);
grant update (side_reins, leg, slack_rein, bit, landing_lead, canter_from, strand_order, settings_version) on pair to ${app_role};

-- The school a lesson borrows; null: its pair's.
alter table lesson
    add column borrowed_school text
        check (borrowed_school in ('CLASSICAL', 'PRESSURE_AND_RELEASE', 'REWARD_BASED', 'FORWARD_SEAT', 'GAITED'));
