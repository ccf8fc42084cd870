-- Fills the demo kitchen that was opened last for ./gradior bench growth: copies of its latest finished batch, of a sauce,
-- of a pot and of a jar, until there are @batches, @sauces, @pots and @jars of them.
set @kitchen = (select id from kitchen where guest = 'DEMO' order by created_at desc limit 1);
set @batch = (select id from cook where kitchen_id = @kitchen and finished_at is not null order by finished_at desc limit 1);
set @sauce = (select s.id from sauce s where s.kitchen_id = @kitchen order by s.changed_at limit 1);
set @pot = (select id from pot where kitchen_id = @kitchen order by name limit 1);

create temporary table grown (id uuid not null primary key, n int not null);

insert into grown
select uuid(), seq from seq_1_to_20000
where seq <= @batches - (select count(*) from cook where kitchen_id = @kitchen and finished_at is not null);
insert into cook (id, kitchen_id, sauce_id, sauce_version, pot_id, ring_id, sauce_name, pot_name, started_at, finished_at,
  plan_id, revision)
select g.id, c.kitchen_id, c.sauce_id, c.sauce_version, c.pot_id, c.ring_id, c.sauce_name, c.pot_name, c.started_at,
  c.finished_at + interval g.n microsecond, c.plan_id, c.revision
from cook c join grown g where c.id = @batch;
insert into cook_event (id, kitchen_id, cook_id, kind, at, stored_at, body, content_hash)
select e.id, e.kitchen_id, g.id, e.kind, e.at, e.stored_at, e.body, e.content_hash
from cook_event e join grown g where e.cook_id = @batch order by g.n, e.seq;
insert into batch_summary (cook_id, kitchen_id, model, finished_at, activity, forecast_low, forecast_middle, forecast_high,
  took_minutes, aimed_grams, yield_grams, look, learnt_ln_k, learnt_log_sd, sauce_id, sauce_version, pot_id, use_for,
  stove_grade, warm_grade, cold_grade, wanted_low, wanted_high, wanted_cold, z_pace, final_grade, structure, thickeners)
select g.id, s.kitchen_id, s.model, s.finished_at + interval g.n microsecond, s.activity, s.forecast_low, s.forecast_middle,
  s.forecast_high, s.took_minutes, s.aimed_grams, s.yield_grams, s.look, s.learnt_ln_k, s.learnt_log_sd, s.sauce_id,
  s.sauce_version, s.pot_id, s.use_for, s.stove_grade, s.warm_grade, s.cold_grade, s.wanted_low, s.wanted_high,
  s.wanted_cold, s.z_pace, s.final_grade, s.structure, s.thickeners
from batch_summary s join grown g where s.cook_id = @batch;
insert into batch_reading (cook_id, n, kitchen_id, kind, y, v, z)
select g.id, r.n, r.kitchen_id, r.kind, r.y, r.v, r.z from batch_reading r join grown g where r.cook_id = @batch;

delete from grown;
insert into grown
select uuid(), seq from seq_1_to_20000
where seq <= @sauces - (select count(*) from sauce where kitchen_id = @kitchen);
insert into sauce (id, kitchen_id, name, latest_version, created_at, changed_at)
select g.id, s.kitchen_id, concat(s.name, ' ', g.n), 1, s.created_at, s.changed_at - interval g.n minute
from sauce s join grown g where s.id = @sauce;
insert into sauce_version (sauce_id, number, kitchen_id, name, text, saved_at)
select g.id, 1, v.kitchen_id, concat(v.name, ' ', g.n), v.text, v.saved_at
from sauce_version v join grown g where v.sauce_id = @sauce and v.number = 1;

delete from grown;
insert into grown
select uuid(), seq from seq_1_to_20000
where seq <= @pots - (select count(*) from pot where kitchen_id = @kitchen);
insert into pot (id, kitchen_id, name, base_mm, rim_mm, wall_mm, material, tare_g, created_at, lid)
select g.id, p.kitchen_id, concat(p.name, ' ', g.n), p.base_mm, p.rim_mm, p.wall_mm, p.material, p.tare_g, p.created_at, p.lid
from pot p join grown g where p.id = @pot;

delete from grown;
insert into grown
select uuid(), seq from seq_1_to_20000
where seq <= @jars - (select count(*) from jar where kitchen_id = @kitchen and gone is null);
set @jar = (select id from jar where kitchen_id = @kitchen and gone is null and place = 'FRIDGE' order by number desc limit 1);
set @last = (select max(number) from jar where kitchen_id = @kitchen);
insert into jar (id, kitchen_id, number, code, cook_id, sauce_id, name, colour, made_at, size_id, brim_ml, height_mm, wide,
  gram_per_ml, rules, manners, allergens, allergens_known, honey, alcohol_g, revision, place, left_ml, opened_at, gone,
  gone_at, use_by, thawed, cooling_since, stood_out)
select g.id, j.kitchen_id, @last + g.n, substring(md5(g.id), 1, 12), j.cook_id, j.sauce_id, j.name, j.colour, j.made_at,
  j.size_id, j.brim_ml, j.height_mm, j.wide, j.gram_per_ml, j.rules, j.manners, j.allergens, j.allergens_known, j.honey,
  j.alcohol_g, j.revision, j.place, j.left_ml, j.opened_at, j.gone, j.gone_at, j.use_by, j.thawed, j.cooling_since,
  j.stood_out
from jar j join grown g where j.id = @jar;
insert into jar_event (id, kitchen_id, jar_id, kind, at, stored_at, person, body)
select uuid(), e.kitchen_id, g.id, e.kind, e.at, e.stored_at, e.person, e.body
from jar_event e join grown g where e.jar_id = @jar order by g.n, e.seq;
update jar_number set last = (select max(number) from jar where kitchen_id = @kitchen) where kitchen_id = @kitchen;
