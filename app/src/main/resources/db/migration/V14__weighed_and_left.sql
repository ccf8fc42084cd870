-- What a kitchen weighed of a measure that books give only about: a medium onion, a dash.
create table weighing (
  id uuid not null primary key,
  kitchen_id uuid not null,
  measure varchar(40) not null,
  food_key varchar(80) not null,
  book_g double not null,
  grown boolean not null,
  grams double not null,
  count double not null,
  at datetime(6) not null,
  excluded_at datetime(6) null,
  constraint weighing_kitchen foreign key (kitchen_id) references kitchen (id),
  key weighing_of_kitchen (kitchen_id, measure, food_key, at)
);

create trigger weighing_insert before insert on weighing for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger weighing_update before update on weighing for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger weighing_delete before delete on weighing for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

-- What was to be left when it is thick enough, with its range, and how far off that was; how high the kitchen was.
alter table batch_summary
  add column left_low double null,
  add column left_high double null,
  add column z_left double null,
  add column altitude_m double null;
