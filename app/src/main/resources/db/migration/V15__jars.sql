-- Kinds of jars that a kitchen owns.
create table jar_size (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(40) not null,
  brim_ml double not null,
  height_mm double not null,
  wide boolean not null,
  owned int not null,
  removed_at datetime(6) null,
  constraint jar_size_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- The last number a kitchen gave to a jar: none is given twice, whatever becomes of the jar.
create table jar_number (
  kitchen_id uuid not null primary key,
  last int not null,
  constraint jar_number_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- A jar: what it is filled with and how long that keeps, and what its events make of it, which lists ask for.
create table jar (
  id uuid not null primary key,
  kitchen_id uuid not null,
  number int not null,
  code varchar(12) not null,
  cook_id uuid not null,
  sauce_id uuid not null,
  name varchar(120) not null,
  colour varchar(9) not null,
  made_at datetime(6) not null,
  size_id uuid null,
  brim_ml double not null,
  height_mm double not null,
  wide boolean not null,
  gram_per_ml double not null,
  rules varchar(300) not null,
  manners varchar(300) not null,
  allergens varchar(300) not null,
  allergens_known boolean not null,
  honey boolean not null,
  alcohol_g double not null,
  revision int not null default 0,
  place varchar(10) not null,
  left_ml double not null,
  opened_at datetime(6) null,
  gone varchar(15) null,
  gone_at datetime(6) null,
  use_by date null,
  thawed boolean not null default false,
  cooling_since datetime(6) null,
  stood_out boolean not null default false,
  unique key jar_of_number (kitchen_id, number),
  unique key jar_of_code (code),
  key jar_here (kitchen_id, gone, use_by, number),
  key jar_totals (kitchen_id, gone, sauce_id, place, size_id, left_ml),
  constraint jar_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint jar_cook foreign key (cook_id) references cook (id)
);

create trigger jar_insert before insert on jar for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger jar_update before update on jar for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger jar_delete before delete on jar for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create table jar_event (
  id uuid not null primary key,
  seq bigint not null auto_increment,
  kitchen_id uuid not null,
  jar_id uuid not null,
  kind varchar(10) not null,
  at datetime(6) not null,
  stored_at datetime(6) not null,
  person varchar(80) null,
  body varchar(500) not null check (json_valid(body)),
  unique key jar_event_seq (seq),
  key jar_event_of_jar (jar_id, seq),
  constraint jar_event_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint jar_event_jar foreign key (jar_id) references jar (id)
);

-- Addresses under which a calendar reads a kitchen's dates: whoever has one needs no password, so it can be taken back.
create table calendar_address (
  token_hash char(64) not null primary key,
  kitchen_id uuid not null,
  person varchar(80) not null,
  created_at datetime(6) not null,
  constraint calendar_address_kitchen foreign key (kitchen_id) references kitchen (id)
);
