-- Whom a household makes things for; a project keeps a copy of the measures that it was drafted from.
create table wearer (
  id uuid primary key,
  household_id uuid not null references household,
  name text not null,
  -- Names they had before: projects that were begun then are still theirs.
  formerly text[] not null default '{}',
  unit text not null,
  -- Put in by hand: such a one stays when the last project that knew them goes.
  entered boolean not null,
  created_at timestamptz not null default now(),
  deleted_at timestamptz
);
create unique index wearer_name on wearer (household_id, lower(name)) where deleted_at is null;

-- One measure as it was read on a day. What a project was told is here too, for as long as that project says it.
create table wearer_reading (
  id uuid primary key default gen_random_uuid(),
  wearer_id uuid not null references wearer on delete cascade,
  household_id uuid not null references household,
  measure text not null,
  mm double precision not null check (mm > 0),
  typed text not null,
  again_mm double precision,
  origin text not null,
  taken_on date not null,
  taken_by text not null default '',
  project_id uuid references project on delete set null,
  made_at timestamptz not null default clock_timestamp(),
  deleted_at timestamptz
);
create index wearer_reading_wearer on wearer_reading (wearer_id, taken_on desc);
create index wearer_reading_project on wearer_reading (project_id) where project_id is not null;
