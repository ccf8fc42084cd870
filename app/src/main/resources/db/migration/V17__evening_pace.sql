-- What was begun and done last in a kitchen, over all its evenings: how long handwork takes there.
alter table evening_event add key evening_event_of_kitchen (kitchen_id, kind, seq);
