-- What colour a thing's cloth is, read off its document: a source keeps its cloth inside its source.
alter table stash_thing add column colour text not null generated always as (
  coalesce(document #>> '{cloth,colour}', document #>> '{source,cloth,colour}', '')) stored;
