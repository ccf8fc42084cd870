-- Names that say what is meant: a source may be excluded from what is learnt, and a plan has a result.
drop trigger cook_update;
alter table cook rename column struck_at to excluded_at;
alter table boil_off rename column struck_at to excluded_at;
alter table plan rename column came to result;
delimiter //
create trigger cook_update before update on cook for each row
begin
  if not (new.finished_at <=> old.finished_at and new.excluded_at <=> old.excluded_at) then
    update kitchen_change set changes = changes + 1 where kitchen_id = new.kitchen_id;
  end if;
end//
delimiter ;
