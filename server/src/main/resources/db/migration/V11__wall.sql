-- The wall between yards holds for the owner of the tables as well. It stands for two roles by name, the application's and the
-- owner's, and a transaction that forgot its yard fails loudly for both. Three ways lead past it, each with a name:
--   ${across_role}: owns the few functions that look across yards (sign-in, joining, the start); nobody can sign in as it;
--   lift_wall() and restore_wall(): for a migration, both within its one transaction;
--   a role with BYPASSRLS that dumps, which neither the application nor the migration has.
do $$
begin
    if not exists (select 1 from pg_roles where rolname = '${across_role}')
        or not pg_has_role(current_user, '${across_role}', 'MEMBER') then
        raise exception 'The role ${across_role} is missing, or % is no member of it. Run once as a superuser: create role ${across_role} nologin; grant ${across_role} to %;', current_user, current_user;
    end if;
end $$;

create function lift_wall() returns void language plpgsql set search_path = public as $$
declare t regclass;
begin
    for t in select a.attrelid::regclass from pg_attribute a join pg_class c on c.oid = a.attrelid
        where a.attname = 'yard_id' and not a.attisdropped and c.relkind in ('r', 'p') and c.relnamespace = 'public'::regnamespace loop
        execute format('alter table %s no force row level security', t);
    end loop;
end $$;
revoke all on function lift_wall() from public;

-- Also for tables that the migration made: each gets the same policy, so that none is forgotten.
create function restore_wall() returns void language plpgsql set search_path = public as $$
declare t regclass;
begin
    for t in select a.attrelid::regclass from pg_attribute a join pg_class c on c.oid = a.attrelid
        where a.attname = 'yard_id' and not a.attisdropped and c.relkind in ('r', 'p') and c.relnamespace = 'public'::regnamespace loop
        execute format('alter table %s enable row level security', t);
        execute format('alter table %s force row level security', t);
        execute format('drop policy if exists yard_wall on %s', t);
        execute format(
            'create policy yard_wall on %s to ${app_role}, %I using (yard_id = current_setting(''strophos.yard'')::uuid) with check (yard_id = current_setting(''strophos.yard'')::uuid)',
            t, current_user);
    end loop;
end $$;
revoke all on function restore_wall() from public;

select restore_wall();

-- What the functions across yards read, and nothing else; the owner is a member of their role, and sees no more by it.
grant usage on schema public to ${across_role};
grant select on account, person, yard, invitation, stale_lesson, lesson to ${across_role};
create policy across on person for select to ${across_role} using (current_user = '${across_role}');
create policy across on yard for select to ${across_role} using (current_user = '${across_role}');
create policy across on invitation for select to ${across_role} using (current_user = '${across_role}');
create policy across on stale_lesson for select to ${across_role} using (current_user = '${across_role}');
create policy across on lesson for select to ${across_role} using (current_user = '${across_role}');

grant create on schema public to ${across_role};
alter function sign_in(text) owner to ${across_role};
alter function invited(text, timestamptz) owner to ${across_role};
alter function stale_lessons() owner to ${across_role};
revoke create on schema public from ${across_role};

-- The serving process compares its own version with the schema's, and changes neither.
grant select on flyway_schema_history to ${app_role};
