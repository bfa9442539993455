-- A session ends at once, in every server process, with what it stood for: the account, the person, the role. Whoever changes one
-- of these, by whatever means, ends the sessions; whoever ends a session says so, so that its streams end as well.
create function end_sessions_of_person() returns trigger
language plpgsql security definer set search_path = public as $$
begin
    delete from spring_session where principal_name = old.id::text;
    return null;
end $$;
revoke all on function end_sessions_of_person() from public;
create trigger person_ends_sessions after delete or update of role, account_id, id, yard_id on person
    for each row execute function end_sessions_of_person();

create function tell_session_ended() returns trigger
language plpgsql as $$
begin
    -- its digest: the id itself opens the door until it is gone everywhere
    perform pg_notify('strophos_live', 'ended ' || encode(sha256(convert_to(rtrim(old.session_id), 'UTF8')), 'hex'));
    return null;
end $$;
create trigger session_tells_its_end after delete on spring_session
    for each row execute function tell_session_ended();

-- A browser in which somebody signed in before: guesses made elsewhere do not make that person wait there. Only the digest of what
-- the browser keeps is stored.
create table known_browser (
    token_hash text not null check (token_hash ~ '^[0-9a-f]{64}$'),
    sign_in_name text not null,
    seen_at timestamptz not null,
    primary key (token_hash, sign_in_name)
);
create index known_browser_by_age on known_browser (seen_at);
grant select, insert, update, delete on known_browser to ${app_role};

-- An account that is removed takes its sessions with it, and is removed from its person.
alter table person drop constraint person_account_id_fkey;
alter table person add constraint person_account_id_fkey foreign key (account_id) references account on delete set null;

-- Failures count by name and place: an address, or a known browser.
alter table sign_in_attempt add column place text;
update sign_in_attempt set place = address;
alter table sign_in_attempt alter column place set not null;
drop index sign_in_attempt_by_name;
create index sign_in_attempt_by_name on sign_in_attempt (sign_in_name, place, failed_at);
