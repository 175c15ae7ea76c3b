-- Keepers that were left over, with their measures, waiting for another garment.
create table stash_keeper (
  id uuid primary key,
  household_id uuid not null references household,
  name text not null,
  kind text not null,
  length_mm double precision not null,
  depth_mm double precision not null,
  count int not null,
  cloth text not null,
  origin text not null,
  created_at timestamptz not null default now(),
  deleted_at timestamptz
);
create index stash_keeper_household on stash_keeper (household_id) where deleted_at is null;
