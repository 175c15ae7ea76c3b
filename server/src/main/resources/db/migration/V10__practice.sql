-- Figures of common practice that a household set for itself; whatever is not stored is as shipped.
create table practice_figure (
  household_id uuid not null references household,
  figure text not null,
  value double precision not null,
  -- The words it was typed in, so that the same words come back.
  typed text not null,
  primary key (household_id, figure)
);
