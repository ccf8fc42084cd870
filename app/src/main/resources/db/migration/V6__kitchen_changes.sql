-- How often what plans are reckoned with has changed in a kitchen: whoever remembers something of a kitchen asks for this
-- one number instead of reading it all again. Triggers count, so that no statement can forget to; they come before the
-- change, so that the number is never behind what can be read. A table of its own without a foreign key: rows of a kitchen
-- take shared locks on its row, and two of them at once that wanted to count there would lock each other out.
create table kitchen_change (
  kitchen_id uuid not null primary key,
  changes bigint not null
);

insert into kitchen_change (kitchen_id, changes) select id, 1 from kitchen;

create trigger kitchen_opened after insert on kitchen for each row
  insert into kitchen_change (kitchen_id, changes) values (new.id, 1);

create trigger kitchen_updated before update on kitchen for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.id;

create trigger pot_insert before insert on pot for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger pot_update before update on pot for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger pot_delete before delete on pot for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger ring_insert before insert on ring for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger ring_update before update on ring for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger ring_delete before delete on ring for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger sauce_insert before insert on sauce for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger sauce_update before update on sauce for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger sauce_delete before delete on sauce for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger food_insert before insert on food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger food_update before update on food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger food_delete before delete on food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger habit_amount_insert before insert on habit_amount for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger habit_amount_update before update on habit_amount for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger habit_amount_delete before delete on habit_amount for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger habit_food_insert before insert on habit_food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger habit_food_update before update on habit_food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger habit_food_delete before delete on habit_food for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

create trigger boil_off_insert before insert on boil_off for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger boil_off_update before update on boil_off for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;

create trigger boil_off_delete before delete on boil_off for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;

-- Of a cook only its end and whether it is struck out tell of its pot; of its entries only those that come late, from a
-- device that was out of reach. The row that counts is not even locked by the others, so that cooks under way never wait
-- for each other.
delimiter //

create trigger cook_insert before insert on cook for each row
begin
  if new.finished_at is not null then
    update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;
  end if;
end//

create trigger cook_update before update on cook for each row
begin
  if not (new.finished_at <=> old.finished_at and new.struck_at <=> old.struck_at) then
    update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;
  end if;
end//

create trigger cook_event_insert before insert on cook_event for each row
begin
  if exists (select 1 from cook c where c.id = new.cook_id and c.finished_at is not null) then
    update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;
  end if;
end//

delimiter ;

create trigger cook_delete before delete on cook for each row
  update kitchen_change set changes = changes + 1 where kitchen_id = old.kitchen_id;
