-- What one person did, without reading through whatever strangers tried under their name.
create index audit_entry_of_person on audit_entry (kitchen_id, person, what, at);
