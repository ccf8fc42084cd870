-- A recipe that a sauce was made of, as it was published.
create table sauce_origin (
  sauce_id uuid not null primary key,
  kitchen_id uuid not null,
  source varchar(500),
  published mediumtext not null,
  stored_at datetime(6) not null,
  constraint sauce_origin_sauce foreign key (sauce_id) references sauce (id),
  constraint sauce_origin_kitchen foreign key (kitchen_id) references kitchen (id)
);
