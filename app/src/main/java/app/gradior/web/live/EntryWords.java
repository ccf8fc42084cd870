package app.gradior.web.live;

import app.gradior.cook.CookEvent;
import app.gradior.web.batch.CookEventCodec;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.Wording;
import java.time.Duration;
import java.util.Locale;

/** Says what happened in a cook, each in a few words. */
record EntryWords(Wording say) {
    private static final String[] TASTES = {"far too little", "too little", "right", "too much", "far too much"};

    String of(CookEvent event) {
        if (event instanceof CookEvent.Reading reading) {
            return reading(reading);
        }
        if (event instanceof CookEvent.HeatChanged heat) {
            return "heat to a " + heat.activity().label();
        }
        if (event instanceof CookEvent.LidChanged lid) {
            String key = LidKeys.keyOf(lid.lid());
            return "lid " + (key.equals("screen") ? "splatter screen" : key);
        }
        if (event instanceof CookEvent.HeatSwitched heat) {
            return heat.on() ? "on the heat again" : "off the heat";
        }
        if (event instanceof CookEvent.Simmers) {
            return "it simmers";
        }
        if (event instanceof CookEvent.Added added) {
            return "added "
                    + (added.typed().isEmpty()
                            ? say.grams(added.mixture().mass())
                            : added.typed() + " (" + say.grams(added.mixture().mass()) + ")");
        }
        if (event instanceof CookEvent.SlurryPoured slurry) {
            return "slurry: " + say.grams(slurry.powder()) + " "
                    + slurry.starch().label() + " in " + say.grams(slurry.water()) + " water";
        }
        if (event instanceof CookEvent.PotChanged pot) {
            return "into a pot of " + say.number(pot.pot().rim().centimetres(), 0) + " cm";
        }
        if (event instanceof CookEvent.Ticked tick) {
            return (tick.done() ? "done: " : "not done: ") + tick.step();
        }
        if (event instanceof CookEvent.TimerStarted timer) {
            return "timer: " + timer.label() + ", " + say.number(timer.time().toSeconds() / 60.0, 1) + " min";
        }
        if (event instanceof CookEvent.Wanted wanted) {
            return "wanted on the table in "
                    + say.minutes(Duration.between(wanted.at(), wanted.table()).toSeconds() / 60.0);
        }
        if (event instanceof CookEvent.Tasted taste) {
            return taste.flavour().name().toLowerCase(Locale.ROOT) + ": " + TASTES[taste.level() + 2];
        }
        if (event instanceof CookEvent.Jarred jarred) {
            return jarred.count() + (jarred.count() == 1 ? " jar of " : " jars of ") + say.millilitres(jarred.jar())
                    + ", " + Math.round(jarred.headspace().millimetres()) + " mm free"
                    + (jarred.leftOver().millilitres() > 0.5
                            ? ", " + say.millilitres(jarred.leftOver()) + " left over"
                            : "");
        }
        if (event instanceof CookEvent.Finished finished) {
            return "taken off"
                    + finished.yield().map(m -> ", " + say.grams(m)).orElse("")
                    + finished.look().map(l -> "; " + l.words()).orElse("");
        }
        return CookEventCodec.kind(event);
    }

    private String reading(CookEvent.Reading reading) {
        if (reading instanceof CookEvent.Weighed weighed) {
            return say.grams(weighed.net()) + " weighed";
        }
        if (reading instanceof CookEvent.Dipped dipped) {
            return Math.round(dipped.depth().millimetres()) + " mm deep";
        }
        if (reading instanceof CookEvent.Jugged jugged) {
            return say.millilitres(jugged.volume()) + " in the jug";
        }
        if (reading instanceof CookEvent.SpoonLooked spoon) {
            return "spoon: " + spoon.look().words();
        }
        if (reading instanceof CookEvent.PlateSpreadRead plate) {
            return "spread to " + say.number(plate.diameter().centimetres(), 1) + " cm";
        }
        return say.degrees(((CookEvent.TemperatureRead) reading).temperature().degrees()) + " read";
    }
}
