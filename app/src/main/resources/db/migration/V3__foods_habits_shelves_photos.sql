alter table kitchen add column measures varchar(10) not null default 'US';

alter table sauce
  add column archived_at datetime(6) null,
  add column deleted_at datetime(6) null;

-- Foods of a kitchen's own, and its corrections of foods that ship with the product.
create table food (
  kitchen_id uuid not null,
  food_key varchar(80) not null,
  body mediumtext not null check (json_valid(body)),
  changed_at datetime(6) not null,
  primary key (kitchen_id, food_key),
  constraint food_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- What a vague measure of a food weighs in a kitchen.
create table habit_amount (
  kitchen_id uuid not null,
  measure varchar(40) not null,
  food_key varchar(80) not null,
  grams decimal(10, 3) not null,
  primary key (kitchen_id, measure, food_key),
  constraint habit_amount_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- Which food some words mean in a kitchen.
create table habit_food (
  kitchen_id uuid not null,
  words varchar(200) not null,
  food_key varchar(80) not null,
  primary key (kitchen_id, words),
  constraint habit_food_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table sauce_photo (
  sauce_id uuid not null primary key,
  kitchen_id uuid not null,
  jpeg mediumblob not null,
  stored_at datetime(6) not null,
  constraint sauce_photo_sauce foreign key (sauce_id) references sauce (id),
  constraint sauce_photo_kitchen foreign key (kitchen_id) references kitchen (id)
);
