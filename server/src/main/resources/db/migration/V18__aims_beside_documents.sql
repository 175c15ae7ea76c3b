-- Who is known from projects alone is asked for at every list of people: the aim is read without the whole document behind it.
alter table project_state add column aim jsonb generated always as (document -> 'aim') stored;
