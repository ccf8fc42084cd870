-- What it was for and how thick it was to be, as its plan had it: a cook that stops at a weight has it from nowhere else.
alter table cook
  add column use_for varchar(10) null,
  add column served_c double null,
  add column wanted_low double null,
  add column wanted_high double null,
  add column cooked_by varchar(80) null;

-- What a batch tells beyond the model, without anything that was learnt before it, and the climb that is drawn of it.
alter table batch_summary
  add column sauce_version int null,
  add column use_for varchar(10) null,
  add column stove_grade double null,
  add column warm_grade double null,
  add column cold_grade double null,
  add column wanted_low double null,
  add column wanted_high double null,
  add column wanted_cold boolean not null default false,
  add column z_pace double null,
  add column final_grade double null,
  add column structure double null,
  add column thickeners varchar(600) null,
  add column verdict tinyint null,
  add column judged_next_day boolean not null default false,
  add column pot_id uuid null,
  add key batch_summary_of_pot (kitchen_id, pot_id, finished_at);
update batch_summary s join cook c on c.id = s.cook_id set s.sauce_version = c.sauce_version, s.pot_id = c.pot_id;

create table batch_reading (
  cook_id uuid not null,
  n smallint not null,
  kitchen_id uuid not null,
  kind varchar(10) not null,
  y double not null,
  v double not null,
  z double not null,
  primary key (cook_id, n),
  constraint batch_reading_cook foreign key (cook_id) references cook (id),
  constraint batch_reading_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- How a batch was, by each person, on its day and again on the next.
create table verdict (
  cook_id uuid not null,
  person varchar(80) not null,
  next_day boolean not null,
  kitchen_id uuid not null,
  sauce_id uuid not null,
  thickness tinyint not null,
  salt tinyint null,
  sharp tinyint null,
  sweet tinyint null,
  heat tinyint null,
  again varchar(10) null,
  words varchar(2000) not null default '',
  at datetime(6) not null,
  primary key (cook_id, person, next_day),
  constraint verdict_cook foreign key (cook_id) references cook (id),
  constraint verdict_kitchen foreign key (kitchen_id) references kitchen (id),
  key verdict_of_kitchen (kitchen_id, at),
  key verdict_of_sauce (kitchen_id, sauce_id, at)
);

create trigger verdict_insert before insert on verdict for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger verdict_update before update on verdict for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger verdict_delete before delete on verdict for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

-- From when on something is learnt afresh: a sauce, a person's wish for a use, a pot that is another one under its name.
create table learning_since (
  kitchen_id uuid not null,
  kind varchar(10) not null,
  subject varchar(120) not null,
  since datetime(6) not null,
  primary key (kitchen_id, kind, subject, since),
  constraint learning_since_kitchen foreign key (kitchen_id) references kitchen (id)
);

create trigger learning_since_insert before insert on learning_since for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger learning_since_delete before delete on learning_since for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;
