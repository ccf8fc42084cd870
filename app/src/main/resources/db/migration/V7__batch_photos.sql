create table cook_photo (
  cook_id uuid not null primary key,
  kitchen_id uuid not null,
  jpeg mediumblob not null,
  stored_at datetime(6) not null,
  constraint cook_photo_cook foreign key (cook_id) references cook (id),
  constraint cook_photo_kitchen foreign key (kitchen_id) references kitchen (id)
);
