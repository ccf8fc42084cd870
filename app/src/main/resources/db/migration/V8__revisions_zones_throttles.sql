-- How often a cook's entries have changed: what is remembered of a cook is remembered for one revision, on every node.
alter table cook add column revision bigint not null default 0;

-- What was sent under an entry's id, as a hash: the same again is a resend, anything else is refused. Null for entries
-- stored before it was kept.
alter table cook_event add column content_hash char(64) null;

-- Dates and clock times are the kitchen's, wherever the device that shows them is.
alter table kitchen add column time_zone varchar(64) not null default 'UTC';

-- What was tried by one account name, address or device within a window of time; only a hash of who it was. No foreign
-- key, since what is tried may not exist.
create table attempt (
  key_hash char(64) not null primary key,
  tries int not null,
  window_ends_at datetime(6) not null,
  key attempt_of_window (window_ends_at)
);
