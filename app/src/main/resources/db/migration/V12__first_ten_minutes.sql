-- A pot that was told by its usual size and not measured yet: its minutes are less sure, and its weight is not known.
alter table pot add column measured boolean not null default true;

-- A kitchen that nobody has an account for: to try something out, or a copy of the demo. It is gone when its day is over.
alter table kitchen
  add column guest varchar(10) null,
  add column ends_at datetime(6) null,
  add key kitchen_ends (ends_at);

-- So that a list of sauces can say of each when it was made last and how it came out.
alter table batch_summary
  add column sauce_id uuid null,
  add key batch_summary_of_sauce (kitchen_id, sauce_id, finished_at);
update batch_summary s join cook c on c.id = s.cook_id set s.sauce_id = c.sauce_id;
