-- Whoever watches a run, at whatever instance, hears that it changed; nobody need ask again and again.
create function tell_of_fit_run() returns trigger language plpgsql as $$
begin
  perform pg_notify('fit_run', new.project_id::text);
  return null;
end $$;

create trigger fit_run_told after insert or update on fit_run for each row execute function tell_of_fit_run();
