-- What a household's table lacks of all that a plan may ask for; nothing stored means that nobody said yet.
create table missing_tool (
  household_id uuid not null references household,
  tool text not null,
  primary key (household_id, tool)
);

-- Kept from the panels' edges by a run, because the panels were measured with some tolerance.
alter table fit_run add column margin_mm double precision not null default 0;
