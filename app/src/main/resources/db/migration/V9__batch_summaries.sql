-- What lists and learning ask of a finished batch, so that its entries need not be folded for them. Written in the
-- transaction that ends a cook or changes a finished one; ./gradior rebuild makes them all anew.
create table batch_summary (
  cook_id uuid not null primary key,
  kitchen_id uuid not null,
  model smallint not null,
  finished_at datetime(6) not null,
  activity varchar(20) not null,
  forecast_low double null,
  forecast_middle double null,
  forecast_high double null,
  took_minutes double not null,
  aimed_grams double null,
  yield_grams double null,
  look varchar(20) null,
  learnt_ln_k double null,
  learnt_log_sd double null,
  constraint batch_summary_cook foreign key (cook_id) references cook (id),
  constraint batch_summary_kitchen foreign key (kitchen_id) references kitchen (id),
  key batch_summary_of_kitchen (kitchen_id, finished_at, cook_id)
);

-- What a batch tells of its pot is remembered until this counts it as changed.
create trigger batch_summary_insert before insert on batch_summary for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger batch_summary_update before update on batch_summary for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger batch_summary_delete before delete on batch_summary for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

-- Lists of sauces are read page by page, the ones changed last first.
alter table sauce add key sauce_latest (kitchen_id, changed_at, id);
