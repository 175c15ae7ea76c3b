-- What somebody of the household would like to have, for when the right cloth comes along.
create table wish (
  id uuid primary key,
  household_id uuid not null references household,
  draft text not null,
  wearer text not null,
  made_at timestamptz not null default now()
);
create unique index wish_once on wish (household_id, draft, lower(wearer));
