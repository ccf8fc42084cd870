alter table kitchen
  add column units varchar(8) not null default 'METRIC',
  add column temperature varchar(10) not null default 'CELSIUS',
  add column hood boolean not null default false,
  add column room_c decimal(4, 1) not null default 20;

alter table pot add column lid boolean not null default true;

create table ring (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(40) not null,
  kind varchar(12) not null,
  watts smallint unsigned not null,
  size_mm smallint not null,
  x_mm smallint not null,
  y_mm smallint not null,
  dial varchar(120) not null,
  removed_at datetime(6) null,
  constraint ring_kitchen foreign key (kitchen_id) references kitchen (id)
);

insert into ring (id, kitchen_id, name, kind, watts, size_mm, x_mm, y_mm, dial)
select uuid(), k.id, r.name, 'CERAMIC', r.watts, r.size, r.x, r.y, '1-9'
from kitchen k cross join (
  select 'front left' as name, 2000 as watts, 180 as size, 170 as x, 275 as y
  union all select 'back left', 1200, 145, 170, 100
  union all select 'back right', 1800, 180, 430, 100
  union all select 'front right', 2200, 210, 430, 275) r;

alter table cook
  add column ring_id uuid null,
  add column struck_at datetime(6) null,
  add constraint cook_ring foreign key (ring_id) references ring (id);

-- A boil-off test, from the first weighing to the last; what is not there yet is null.
create table boil_off (
  id uuid not null primary key,
  kitchen_id uuid not null,
  pot_id uuid not null,
  ring_id uuid not null,
  activity varchar(20) not null,
  dial_mark varchar(20) null,
  hood boolean not null,
  before_g decimal(8, 1) not null,
  begun_at datetime(6) not null,
  started_at datetime(6) null,
  ended_at datetime(6) null,
  after_g decimal(8, 1) null,
  k double null,
  log_sd double null,
  struck_at datetime(6) null,
  constraint boil_off_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint boil_off_pot foreign key (pot_id) references pot (id),
  constraint boil_off_ring foreign key (ring_id) references ring (id)
);

-- Only the hash of a token is kept: the link itself is shown once.
create table invitation (
  id uuid not null primary key,
  kitchen_id uuid not null,
  token_hash char(64) not null,
  created_at datetime(6) not null,
  expires_at datetime(6) not null,
  used_at datetime(6) null,
  constraint invitation_token unique (token_hash),
  constraint invitation_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table device (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(60) not null,
  kind varchar(10) not null,
  token_hash char(64) not null,
  created_at datetime(6) not null,
  removed_at datetime(6) null,
  constraint device_kitchen foreign key (kitchen_id) references kitchen (id)
);

create table device_value (
  seq bigint not null auto_increment primary key,
  kitchen_id uuid not null,
  device_id uuid not null,
  value double not null,
  at datetime(6) not null,
  received_at datetime(6) not null,
  constraint device_value_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint device_value_device foreign key (device_id) references device (id),
  key device_value_latest (device_id, at)
);
