-- Runs that lay, and runs that find out what would help, how large and how little.
alter table fit_run add column kind text not null default 'lay' check (kind in ('lay', 'remedies', 'largest', 'length'));
-- What was asked for, and what was found so far.
alter table fit_run add column ask jsonb not null default '{}';
alter table fit_run add column answer jsonb;

-- Cloth left over by a lay, with its outline, waiting for another garment.
create table stash_remnant (
  id uuid primary key,
  household_id uuid not null references household,
  cloth text not null,
  origin text not null,
  document jsonb not null,
  created_at timestamptz not null default now(),
  deleted_at timestamptz
);
create index stash_remnant_household on stash_remnant (household_id) where deleted_at is null;
