-- What a household thinks in where no project and no person says: the stash, the stall, and what is begun.
alter table household
  add column unit text not null default 'CM'
    constraint household_unit check (unit in ('MM', 'CM', 'M', 'INCH', 'FOOT', 'YARD'));
