package app.gradior.web.live;

import app.gradior.cook.CookEvent;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/**
 * Says what happened in a cook, each in a few words.
 *
 * @param stored finds an event of the cook, undone ones among them
 */
record EntryText(UnitFormat say, Function<UUID, Optional<CookEvent>> stored) implements CookEvent.Cases<String> {
    private static final String[] TASTES = {"far too little", "too little", "right", "too much", "far too much"};

    String of(CookEvent event) {
        return event.match(this);
    }

    private String about(UUID event) {
        return stored.apply(event).map(this::of).orElse("an entry");
    }

    @Override
    public String started(CookEvent.Started event) {
        return "put on";
    }

    @Override
    public String simmers(CookEvent.Simmers event) {
        return "it simmers";
    }

    @Override
    public String heatChanged(CookEvent.HeatChanged event) {
        return "heat to a " + Names.of(event.activity());
    }

    @Override
    public String lidChanged(CookEvent.LidChanged event) {
        String key = LidKeys.keyOf(event.lid());
        return "lid " + (key.equals("screen") ? "splatter screen" : key);
    }

    @Override
    public String heatSwitched(CookEvent.HeatSwitched event) {
        return event.on() ? "on the heat again" : "off the heat";
    }

    @Override
    public String added(CookEvent.Added event) {
        return "added "
                + (event.typed().isEmpty()
                        ? say.grams(event.mixture().mass())
                        : event.typed() + " (" + say.grams(event.mixture().mass()) + ")");
    }

    @Override
    public String blended(CookEvent.Blended event) {
        return "blended";
    }

    @Override
    public String strained(CookEvent.Strained event) {
        return "through a sieve";
    }

    @Override
    public String slurryPoured(CookEvent.SlurryPoured event) {
        return "slurry: " + say.grams(event.powder()) + " " + Names.of(event.starch()) + " in "
                + say.grams(event.water()) + " water";
    }

    @Override
    public String potChanged(CookEvent.PotChanged event) {
        return "into a pot of " + say.width(event.pot().rim().millimetres(), 0);
    }

    @Override
    public String stirred(CookEvent.Stirred event) {
        return "stirred";
    }

    @Override
    public String ticked(CookEvent.Ticked event) {
        return (event.done() ? "done: " : "not done: ") + event.step();
    }

    @Override
    public String timerStarted(CookEvent.TimerStarted event) {
        double minutes = event.time().toSeconds() / 60.0;
        String time = minutes % 1 == 0 ? say.minutes(minutes) : say.number(minutes, 1) + " min";
        return "timer: " + event.label() + ", " + time;
    }

    @Override
    public String timerStopped(CookEvent.TimerStopped event) {
        return "stopped: " + about(event.timer());
    }

    @Override
    public String wanted(CookEvent.Wanted event) {
        return "wanted on the table in "
                + say.minutes(Duration.between(event.at(), event.table()).toSeconds() / 60.0);
    }

    @Override
    public String tasted(CookEvent.Tasted event) {
        return event.flavour().name().toLowerCase(Locale.ROOT) + ": " + TASTES[event.level() + 2];
    }

    @Override
    public String jarred(CookEvent.Jarred event) {
        return event.count() + (event.count() == 1 ? " jar of " : " jars of ") + say.millilitres(event.jar())
                + ", " + say.depth(event.headspace().millimetres()) + " free"
                + (event.leftOver().millilitres() > 0.5 ? ", " + say.millilitres(event.leftOver()) + " left over" : "");
    }

    @Override
    public String finished(CookEvent.Finished event) {
        return "taken off"
                + event.yield().map(m -> ", " + say.grams(m)).orElse("")
                + event.look().map(l -> "; " + Names.of(l)).orElse("");
    }

    @Override
    public String undone(CookEvent.Undone event) {
        return "undone: " + about(event.event());
    }

    @Override
    public String confirmed(CookEvent.Confirmed event) {
        return "right as it is: " + about(event.reading());
    }

    @Override
    public String weighed(CookEvent.Weighed event) {
        return say.grams(event.net()) + " weighed";
    }

    @Override
    public String dipped(CookEvent.Dipped event) {
        return say.depth(event.depth().millimetres()) + " deep";
    }

    @Override
    public String jugged(CookEvent.Jugged event) {
        return say.millilitres(event.volume()) + " in the jug";
    }

    @Override
    public String spoonLooked(CookEvent.SpoonLooked event) {
        return "spoon: " + Names.of(event.look());
    }

    @Override
    public String plateSpreadRead(CookEvent.PlateSpreadRead event) {
        return "spread to " + say.width(event.diameter().millimetres(), 1);
    }

    @Override
    public String temperatureRead(CookEvent.TemperatureRead event) {
        return say.degrees(event.temperature().degrees()) + " read";
    }
}
