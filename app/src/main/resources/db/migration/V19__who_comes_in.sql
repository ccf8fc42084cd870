-- Who came in, and what was taken out: for those of the kitchen to look at, ninety days back.
create table audit_entry (
  id uuid not null primary key,
  seq bigint not null auto_increment,
  kitchen_id uuid not null,
  at datetime(6) not null,
  person varchar(80) not null,
  what varchar(30) not null,
  address varchar(45) not null,
  constraint audit_entry_kitchen foreign key (kitchen_id) references kitchen (id),
  unique key audit_entry_seq (seq),
  key audit_entry_of_kitchen (kitchen_id, at)
);

-- What a person's own programs prove themselves with; of the token itself only its hash is kept.
create table api_token (
  id uuid not null primary key,
  kitchen_id uuid not null,
  person varchar(80) not null,
  name varchar(60) not null,
  token_hash char(64) not null,
  scope varchar(20) not null,
  created_at datetime(6) not null,
  ends_at datetime(6) not null,
  used_at datetime(6) null,
  constraint api_token_kitchen foreign key (kitchen_id) references kitchen (id),
  unique key api_token_hash (token_hash),
  key api_token_of_person (kitchen_id, person, created_at)
);
