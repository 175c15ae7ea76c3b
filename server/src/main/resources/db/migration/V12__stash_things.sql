-- Everything that lies in a stash, whatever it is: one row a thing, its document in the open format handdown-thing/1.
create table stash_thing (
  id uuid primary key,
  household_id uuid not null references household,
  kind text not null check (kind in ('SOURCE', 'LENGTH', 'PANEL', 'REMNANT', 'KEEPER', 'NOTION')),
  -- With the kind's letter the code on its bag.
  number int not null,
  name text not null,
  place text not null default '',
  cloth text not null default '',
  weave text not null default '',
  missed text not null default 'SOME',
  washed boolean not null default false,
  -- How much of it there is: mm of what is cut off by length, else pieces.
  amount double precision not null,
  -- The box of its largest sheet along and across the grain, mm; 0 for what is no cloth.
  widest_mm double precision not null default 0,
  longest_mm double precision not null default 0,
  document jsonb not null,
  -- The project that it came out of, where the program saw it come.
  from_project uuid references project on delete set null,
  version bigint not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  unique (household_id, kind, number)
);
create index stash_thing_from on stash_thing (from_project) where from_project is not null;
create index stash_thing_household on stash_thing (household_id, kind, number) where deleted_at is null;

-- What a thing was before each of its last changes, for undo.
create table stash_thing_state (
  thing_id uuid not null references stash_thing on delete cascade,
  household_id uuid not null references household,
  seq bigint not null,
  document jsonb not null,
  made_at timestamptz not null default now(),
  primary key (thing_id, seq)
);

create table stash_photo (
  id uuid primary key,
  thing_id uuid not null references stash_thing on delete cascade,
  household_id uuid not null references household,
  picture bytea not null,
  width int not null,
  height int not null,
  taken_at timestamptz not null default now()
);
create index stash_photo_thing on stash_photo (thing_id, taken_at);

-- What a project was promised of a thing. A wish binds nothing; what binds is never more than there is, whoever asks at the same time.
create table stash_hold (
  id uuid primary key default gen_random_uuid(),
  thing_id uuid not null references stash_thing on delete cascade,
  -- Null once the project is gone for good: what it used up stays used up.
  project_id uuid references project on delete set null,
  household_id uuid not null references household,
  hold text not null check (hold in ('WISHED', 'RESERVED', 'AT_WORK', 'USED')),
  amount double precision not null check (amount > 0),
  made_at timestamptz not null default now(),
  unique (thing_id, project_id)
);
create index stash_hold_project on stash_hold (project_id);

create function stash_hold_fits() returns trigger language plpgsql as $$
declare
  there double precision;
  promised double precision;
begin
  if new.project_id is null then
    return new;
  end if;
  -- Whoever else promises of the same thing waits here.
  select amount into there from stash_thing
    where id = new.thing_id and household_id = new.household_id and deleted_at is null for update;
  if there is null then
    raise exception 'the thing is gone' using errcode = 'HD404';
  end if;
  if not exists (select 1 from project where id = new.project_id and household_id = new.household_id) then
    raise exception 'no such project' using errcode = 'HD404';
  end if;
  if new.hold <> 'WISHED' then
    select coalesce(sum(amount), 0) into promised from stash_hold
      where thing_id = new.thing_id and project_id is distinct from new.project_id and hold <> 'WISHED';
    if promised + new.amount > there + 0.01 then
      raise exception 'promised twice' using errcode = 'HD409';
    end if;
  end if;
  return new;
end $$;
create trigger stash_hold_fits before insert or update on stash_hold for each row execute function stash_hold_fits();

create function stash_thing_keeps_its_word() returns trigger language plpgsql as $$
declare
  there double precision := 0;
begin
  if new.amount < old.amount or (new.deleted_at is not null and old.deleted_at is null) then
    if new.deleted_at is null then
      there := new.amount + 0.01;
    end if;
    if (select coalesce(sum(amount), 0) from stash_hold where thing_id = new.id and hold <> 'WISHED') > there then
      raise exception 'promised' using errcode = 'HD409';
    end if;
  end if;
  return new;
end $$;
create trigger stash_thing_keeps_its_word before update on stash_thing
  for each row execute function stash_thing_keeps_its_word();

-- A project that is thrown away lets go of what it was promised; taken back it has its wishes, and asks again.
create function project_lets_go() returns trigger language plpgsql as $$
begin
  if new.deleted_at is not null and old.deleted_at is null then
    update stash_hold set hold = 'WISHED' where project_id = new.id and hold in ('RESERVED', 'AT_WORK');
  end if;
  return new;
end $$;
create trigger project_lets_go after update on project for each row execute function project_lets_go();

-- What lay in the stash before there were things.
insert into stash_thing (id, household_id, kind, number, name, cloth, weave, missed, amount, document, created_at, deleted_at)
select id, household_id, 'SOURCE', row_number() over (partition by household_id order by position, created_at, id),
  coalesce(document->>'name', 'a source'), coalesce(document->'cloth'->>'name', ''),
  upper(coalesce(document->'cloth'->>'weave', '')), upper(coalesce(document->>'missed', 'some')), 1,
  jsonb_build_object('format', 'handdown-thing/1', 'kind', 'source', 'name', coalesce(document->>'name', 'a source'),
    'source', document - 'format', 'place', '', 'washed', false, 'descent', ''),
  created_at, deleted_at
from stash_source;

-- A remnant knew its cloth by name only: what the name does not tell is told as untested, to be looked at again.
insert into stash_thing (id, household_id, kind, number, name, cloth, weave, amount, document, created_at, deleted_at)
select id, household_id, 'REMNANT', row_number() over (partition by household_id order by created_at, id),
  left('remnant of ' || cloth, 80), cloth, 'PLAIN', 1,
  jsonb_build_object('format', 'handdown-thing/1', 'kind', 'remnant', 'name', left('remnant of ' || cloth, 80),
    'cloth', jsonb_build_object('name', case when cloth = '' then 'cloth' else cloth end, 'weave', 'plain',
      'colour', '#9a8f7c', 'thicknessMm', 1, 'heat', 'one_dot'),
    'flat', document, 'place', '', 'washed', false, 'note', '', 'cost', '', 'missed', 'some', 'descent', origin),
  created_at, deleted_at
from stash_remnant;

insert into stash_thing (id, household_id, kind, number, name, cloth, amount, document, created_at, deleted_at)
select id, household_id, 'KEEPER', row_number() over (partition by household_id order by created_at, id),
  left(name, 80), cloth,
  case when word = 'buttons' then greatest(count, 1)
    when word in ('hem', 'selvedge', 'binding', 'fringe', 'fold', 'waistband', 'rib', 'tape', 'seam_strip', 'wrong_side', 'axis')
      then greatest(length_mm, 1)
    else 1 end,
  jsonb_build_object('format', 'handdown-thing/1', 'kind', 'keeper', 'name', left(name, 80), 'keeper', word,
    'lengthMm', case when word = 'buttons' then 0 else greatest(length_mm, 1) end, 'stretch', 0, 'depthMm', depth_mm,
    'count', case when word = 'buttons' then greatest(count, 1) else count end, 'diameterMm', 0,
    'clothName', cloth, 'condition', 'sound', 'place', '', 'washed', false, 'note', '', 'cost', '', 'missed', 'some',
    'descent', origin),
  created_at, deleted_at
from (
  select *, case kind when 'bound edge' then 'binding' when 'set of buttons' then 'buttons'
    when 'seam strip' then 'seam_strip' when 'inside worth showing' then 'wrong_side'
    when 'centre seam as axis' then 'axis' else kind end as word
  from stash_keeper
) keepers;

drop table stash_source;
drop table stash_remnant;
drop table stash_keeper;
