-- What a household asks its stash: the latest question of each, worked on in the background by whichever instance is free.
create table idea_search (
  household_id uuid primary key references household,
  number integer not null,
  ask jsonb not null,
  state text not null check (state in ('WORKING', 'STOPPED', 'DONE')),
  -- Pairs are looked for once all single things are tried.
  paired boolean not null default false,
  asked_at timestamptz not null default now()
);
-- One thing, or two together, tried for a draft and a wearer; what was found out is kept until a figure of it is another.
create table idea (
  id uuid primary key,
  household_id uuid not null references household,
  thing_id uuid not null references stash_thing on delete cascade,
  other_id uuid references stash_thing on delete cascade,
  draft text not null,
  wearer text not null,
  -- What it was tried with: things, measures, draft, figures of practice.
  basis uuid not null,
  search integer not null,
  state text not null check (state in ('WAITING', 'LIKELY', 'REFUSED', 'LAID')),
  place integer not null,
  attempts integer not null default 0,
  leased_until timestamptz,
  sentence text not null default '',
  cloth_mm2 double precision not null default 0,
  wanted_mm2 double precision not null default 0,
  lying integer not null default 0,
  wanted integer not null default 0,
  worth double precision not null default 0,
  opening text not null default 'ALL' check (opening in ('ALL', 'LEAST')),
  layout jsonb,
  unique nulls not distinct (household_id, thing_id, other_id, draft, wearer)
);
create index idea_next on idea (household_id, search, state, place);
create index idea_of_thing on idea (thing_id);
create index idea_of_other on idea (other_id);
