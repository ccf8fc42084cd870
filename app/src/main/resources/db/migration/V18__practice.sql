-- Practice: somebody at a pot that is not there. What was done, and how well; nothing of it is a batch.
create table practice_run (
  id uuid not null primary key,
  kitchen_id uuid not null,
  person varchar(80) not null,
  exercise varchar(400) not null check (json_valid(exercise)),
  lesson varchar(40) not null,
  seed bigint not null,
  steps mediumtext not null check (json_valid(steps)),
  clock_s double not null default 0,
  begun_at datetime(6) not null,
  ended_at datetime(6) null,
  points double null,
  constraint practice_run_kitchen foreign key (kitchen_id) references kitchen (id),
  key practice_run_of_person (kitchen_id, person, lesson, points),
  key practice_run_of_kitchen (kitchen_id, ended_at)
);

-- How thick somebody thought it was, beside how thick it was: grades.
create table practice_guess (
  id uuid not null primary key,
  seq bigint not null auto_increment,
  kitchen_id uuid not null,
  practice_run_id uuid not null,
  person varchar(80) not null,
  guessed double not null,
  truth double not null,
  at datetime(6) not null,
  constraint practice_guess_kitchen foreign key (kitchen_id) references kitchen (id),
  constraint practice_guess_run foreign key (practice_run_id) references practice_run (id),
  unique key practice_guess_seq (seq),
  key practice_guess_of_person (kitchen_id, person, seq)
);

-- Whose spoon readings in real cooks count as much as practice says that their eye tells.
create table eye (
  kitchen_id uuid not null,
  person varchar(80) not null,
  weighs boolean not null,
  primary key (kitchen_id, person),
  constraint eye_kitchen foreign key (kitchen_id) references kitchen (id)
);
