create table kitchen (
  id uuid not null primary key,
  name varchar(80) not null,
  altitude_m smallint not null default 0,
  created_at datetime(6) not null
);

create table account (
  id uuid not null primary key,
  kitchen_id uuid not null,
  sign_in_name varchar(80) not null,
  password_hash varchar(200) not null,
  created_at datetime(6) not null,
  constraint account_sign_in_name unique (sign_in_name),
  constraint account_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table pot (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(80) not null,
  base_mm decimal(6, 1) not null,
  rim_mm decimal(6, 1) not null,
  wall_mm decimal(6, 1) not null,
  material varchar(20) not null,
  tare_g decimal(8, 1) not null,
  created_at datetime(6) not null,
  constraint pot_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table sauce (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(120) not null,
  latest_version int not null,
  created_at datetime(6) not null,
  changed_at datetime(6) not null,
  constraint sauce_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table sauce_version (
  sauce_id uuid not null,
  number int not null,
  kitchen_id uuid not null,
  name varchar(120) not null,
  text mediumtext not null,
  saved_at datetime(6) not null,
  primary key (sauce_id, number),
  constraint sauce_version_sauce foreign key (sauce_id) references sauce (id),
  constraint sauce_version_kitchen foreign key (kitchen_id) references kitchen (id)
);

-- A cook is its events; this row only says that it exists and what it is called.
create table cook (
  id uuid not null primary key,
  kitchen_id uuid not null,
  sauce_id uuid not null,
  sauce_version int not null,
  pot_id uuid not null,
  sauce_name varchar(120) not null,
  pot_name varchar(80) not null,
  started_at datetime(6) not null,
  finished_at datetime(6) null,
  constraint cook_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint cook_version foreign key (sauce_id, sauce_version) references sauce_version (sauce_id, number),
  constraint cook_pot foreign key (pot_id) references pot (id),
  key cook_of_kitchen (kitchen_id, finished_at, started_at)
);

create table cook_event (
  id uuid not null,
  seq bigint not null auto_increment,
  kitchen_id uuid not null,
  cook_id uuid not null,
  kind varchar(30) not null,
  at datetime(6) not null,
  stored_at datetime(6) not null,
  body mediumtext not null check (json_valid(body)),
  primary key (cook_id, id),
  constraint cook_event_seq unique (seq),
  constraint cook_event_cook foreign key (cook_id) references cook (id),
  constraint cook_event_kitchen foreign key (kitchen_id) references kitchen (id),
  key cook_event_of_cook (cook_id, seq)
);
