-- What was chosen, and what it came to then: a plan is not reckoned anew when the kitchen learns more.
create table plan (
  id uuid not null primary key,
  kitchen_id uuid not null,
  sauce_id uuid not null,
  sauce_version int not null,
  pot_id uuid not null,
  ring_id uuid null,
  route varchar(30) not null,
  chosen mediumtext not null check (json_valid(chosen)),
  came mediumtext not null check (json_valid(came)),
  kept_at datetime(6) not null,
  constraint plan_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint plan_version foreign key (sauce_id, sauce_version) references sauce_version (sauce_id, number),
  constraint plan_pot foreign key (pot_id) references pot (id),
  constraint plan_ring foreign key (ring_id) references ring (id),
  key plan_of_sauce (kitchen_id, sauce_id, kept_at)
);

alter table cook
  add column plan_id uuid null,
  add constraint cook_plan foreign key (plan_id) references plan (id);
