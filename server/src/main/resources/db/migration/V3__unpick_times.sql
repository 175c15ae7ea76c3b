-- What unpicking really took; the household's own minutes a metre of each stitch come from it.
create table unpick_time (
  household_id uuid not null references household,
  project_id uuid not null references project on delete cascade,
  join_id text not null,
  stitch text not null,
  row_metres double precision not null,
  minutes double precision not null,
  primary key (project_id, join_id)
);
create index unpick_time_household on unpick_time (household_id);
