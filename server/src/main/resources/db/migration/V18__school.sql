-- The coach changes the school by which a pair is taught.
grant update (school) on pair to ${app_role};
