-- A run's clock starts with its work, not when it was asked for; one that kills its process is given up after three tries.
alter table fit_run add column begun_at timestamptz;
alter table fit_run add column attempts int not null default 0;
create index fit_run_household on fit_run (household_id) where status in ('waiting', 'running');

-- A sign-in name of any allowed length.
alter table spring_session alter column principal_name type text;
