-- What was last said of an outline by the name of its layer or block, so that the next drawing need not ask again.
create table outline_tag (
  household_id uuid not null references household,
  outline text not null,
  name text not null,
  meaning text not null,
  allowance text not null,
  quantity int not null,
  turn int not null,
  pair boolean not null,
  cloth text not null,
  said_at timestamptz not null default now(),
  primary key (household_id, outline)
);
