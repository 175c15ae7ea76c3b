-- Photos that panels were traced from; they stay as what lies behind the drawing.
create table panel_photo (
  id uuid primary key,
  household_id uuid not null references household,
  project_id uuid not null references project on delete cascade,
  picture bytea not null,
  width integer not null,
  height integer not null,
  sheet text not null,
  sheet_width_mm double precision not null,
  sheet_height_mm double precision not null,
  corners text not null,
  taken_at timestamptz not null default now()
);
create index panel_photo_project on panel_photo (household_id, project_id);
