create table household (
  id uuid primary key,
  name text not null,
  created_at timestamptz not null default now()
);

create table app_user (
  id uuid primary key,
  household_id uuid not null references household,
  login text not null unique,
  name text not null,
  password_hash text not null,
  created_at timestamptz not null default now()
);

-- The settled stations are one document in the open project format; what follows from them is computed, never stored.
create table project (
  id uuid primary key,
  household_id uuid not null references household,
  name text not null,
  version bigint not null,
  current_seq bigint not null,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz
);
create index project_household on project (household_id) where deleted_at is null;

-- Every state a project was in, for undo and redo.
create table project_state (
  project_id uuid not null references project on delete cascade,
  household_id uuid not null references household,
  seq bigint not null,
  what text not null,
  document jsonb not null,
  made_at timestamptz not null default now(),
  primary key (project_id, seq)
);

create table stash_source (
  id uuid primary key,
  household_id uuid not null references household,
  position int not null,
  document jsonb not null,
  created_at timestamptz not null default now(),
  deleted_at timestamptz
);
create index stash_source_household on stash_source (household_id) where deleted_at is null;

-- One run of the fitter; its best lay so far is here for any instance to read.
create table fit_run (
  id uuid primary key,
  project_id uuid not null references project on delete cascade,
  household_id uuid not null references household,
  status text not null check (status in ('waiting', 'running', 'done', 'cancelled', 'failed')),
  seconds double precision not null,
  cancel_asked boolean not null default false,
  placed int not null default 0,
  wanted int not null default 0,
  utilisation double precision not null default 0,
  improvements int not null default 0,
  best jsonb,
  message text not null default '',
  started_at timestamptz not null default now(),
  updated_at timestamptz not null default now()
);
create index fit_run_project on fit_run (project_id, started_at desc);
-- One run at a time for a project.
create unique index fit_run_active on fit_run (project_id) where status in ('waiting', 'running');
