-- An evening: what is to be ready, who cooks, when it is served; the schedule that was found for it, and what happened.
create table evening (
  id uuid not null primary key,
  kitchen_id uuid not null,
  name varchar(80) not null,
  served_at datetime(6) not null,
  body mediumtext not null check (json_valid(body)),
  revision bigint not null default 0,
  schedule mediumtext null check (json_valid(schedule)),
  schedule_of char(64) null,
  scheduled_at datetime(6) null,
  created_at datetime(6) not null,
  started_at datetime(6) null,
  finished_at datetime(6) null,
  constraint evening_kitchen foreign key (kitchen_id) references kitchen (id),
  key evening_of_kitchen (kitchen_id, served_at, id)
);

create table evening_event (
  id uuid not null primary key,
  seq bigint not null auto_increment,
  kitchen_id uuid not null,
  evening_id uuid not null,
  kind varchar(10) not null,
  at datetime(6) not null,
  stored_at datetime(6) not null,
  person varchar(80) null,
  body varchar(500) not null check (json_valid(body)),
  unique key evening_event_seq (seq),
  key evening_event_of_evening (evening_id, seq),
  constraint evening_event_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint evening_event_evening foreign key (evening_id) references evening (id)
);

-- Lines of other jobs that a kitchen has typed, to be taken again.
create table job_line (
  kitchen_id uuid not null,
  line varchar(200) not null,
  used_at datetime(6) not null,
  primary key (kitchen_id, line),
  constraint job_line_kitchen foreign key (kitchen_id) references kitchen (id)
);
