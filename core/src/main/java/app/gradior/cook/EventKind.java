package app.gradior.cook;

import java.util.Arrays;
import java.util.Optional;

/** The kinds of events, by the names they have in what is stored, sent and exported: these are never renamed. */
public enum EventKind {
    STARTED("started", CookEvent.Started.class),
    SIMMERS("simmers", CookEvent.Simmers.class),
    HEAT_CHANGED("heat", CookEvent.HeatChanged.class),
    LID_CHANGED("lid", CookEvent.LidChanged.class),
    HEAT_SWITCHED("on-heat", CookEvent.HeatSwitched.class),
    ADDED("added", CookEvent.Added.class),
    BLENDED("blended", CookEvent.Blended.class),
    STRAINED("strained", CookEvent.Strained.class),
    UNDONE("undone", CookEvent.Undone.class),
    CONFIRMED("confirmed", CookEvent.Confirmed.class),
    FINISHED("finished", CookEvent.Finished.class),
    SLURRY_POURED("slurry", CookEvent.SlurryPoured.class),
    POT_CHANGED("pot", CookEvent.PotChanged.class),
    STIRRED("stirred", CookEvent.Stirred.class),
    TICKED("ticked", CookEvent.Ticked.class),
    TIMER_STARTED("timer", CookEvent.TimerStarted.class),
    WANTED("wanted", CookEvent.Wanted.class),
    TIMER_STOPPED("timer-stopped", CookEvent.TimerStopped.class),
    TASTED("tasted", CookEvent.Tasted.class),
    JARRED("jarred", CookEvent.Jarred.class),
    WEIGHED("weighed", CookEvent.Weighed.class),
    DIPPED("dipped", CookEvent.Dipped.class),
    JUGGED("jugged", CookEvent.Jugged.class),
    SPOON_LOOKED("spoon", CookEvent.SpoonLooked.class),
    PLATE_SPREAD_READ("plate", CookEvent.PlateSpreadRead.class),
    TEMPERATURE_READ("temperature", CookEvent.TemperatureRead.class);

    private final String key;
    private final Class<? extends CookEvent> type;

    EventKind(String key, Class<? extends CookEvent> type) {
        this.key = key;
        this.type = type;
    }

    public String key() {
        return key;
    }

    public Class<? extends CookEvent> type() {
        return type;
    }

    public static Optional<EventKind> ofKey(String key) {
        return Arrays.stream(values()).filter(kind -> kind.key.equals(key)).findFirst();
    }
}
