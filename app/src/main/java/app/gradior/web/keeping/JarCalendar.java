package app.gradior.web.keeping;

import app.gradior.keeping.Place;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** The dates of a kitchen's jars as a calendar: what to use up, what to thaw, what to judge on the next day. */
final class JarCalendar {
    /** On the morning of the day. */
    private static final Duration REMINDS_AT = Duration.ofHours(9);

    private static final LocalTime JUDGED_AT = LocalTime.of(18, 0);
    private static final Duration TO_JUDGE = Duration.ofMinutes(10);
    private static final Duration JUDGED_FOR = Duration.ofDays(3);

    private JarCalendar() {}

    /**
     * @param jars that are here
     * @param zone of the kitchen, whose days and evenings count
     */
    static String of(List<JarRow> jars, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Gradior//jars//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", ShelfText.CALENDAR));
        Set<UUID> judged = new HashSet<>();
        for (JarRow jar : jars) {
            if (jar.useBy() != null) {
                calendar.add(useBy(jar, now));
            }
            boolean fresh = Duration.between(jar.madeAt(), now).compareTo(JUDGED_FOR) < 0;
            if (fresh && judged.add(jar.cookId())) {
                calendar.add(judge(jar, zone, now));
            }
        }
        return calendar.toString();
    }

    private static VEvent useBy(JarRow jar, Instant now) {
        String words = jar.place() == Place.FREEZER
                ? ShelfText.thaw(jar.name(), jar.number())
                : ShelfText.useUp(jar.name(), jar.number());
        VEvent event = new VEvent((LocalDate) jar.useBy(), words);
        return reminding(event, jar.id() + "-use-by", jar.revision(), REMINDS_AT, words, now);
    }

    private static VEvent judge(JarRow jar, ZoneId zone, Instant now) {
        Instant at = jar.madeAt()
                .atZone(zone)
                .toLocalDate()
                .plusDays(1)
                .atTime(JUDGED_AT)
                .atZone(zone)
                .toInstant();
        String words = ShelfText.judge(jar.name());
        VEvent event = new VEvent(at, TO_JUDGE, words);
        return reminding(event, jar.cookId() + "-next-day", 1, Duration.ZERO, words, now);
    }

    /** The same id and a higher sequence each time: a calendar that read it before changes it and adds none. */
    private static VEvent reminding(VEvent event, String uid, int revision, Duration after, String words, Instant now) {
        event.add(new Uid(uid + "@gradior"));
        event.add(new Sequence(revision));
        event.replace(new DtStamp(now));
        VAlarm alarm = new VAlarm(after);
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(words));
        event.add(alarm);
        return event;
    }
}
