-- What a list of projects shows of each, written with every state; null where it was not made yet.
alter table project add column glance jsonb;
-- Nobody works on it for now.
alter table project add column set_aside_at timestamptz;
create index project_newest on project (household_id, updated_at desc) where deleted_at is null;
