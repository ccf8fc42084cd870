package app.gradior.web.keeping;

import app.gradior.keeping.Jar;
import app.gradior.keeping.JarEvent;
import app.gradior.keeping.Keeping;
import app.gradior.keeping.Place;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** What is said of jars and of how long they keep. */
@Component("shelfText")
public final class ShelfText {
    static final String TOO_MANY = "That is more than 60 jars at once: fill them in two goes.";
    static final String NOTHING_TO_UNDO = "There is nothing to undo there any more.";
    static final String NO_JAR = "Say at least for one jar how much goes in.";
    static final String MILLILITRES = "Give millilitres, more than zero and no more than the jar holds.";
    static final String TAKEN = "Give millilitres, more than zero and no more than is left.";
    static final String SIZE_NAME = "Give it a name, such as small jar.";
    static final String SIZE_ML = "Say how many millilitres it holds to the brim, 20 to 10 000.";
    static final String SIZE_HEIGHT = "Measure its height inside, 2 to 50 cm.";
    static final String SIZE_OWNED = "Say how many you have, 0 to 999.";
    static final String LABEL_TOO_SMALL = "A label of at least 25 by 15 mm holds the words: use fewer rows or columns.";
    static final String CALENDAR = "Gradior: jars to use up";
    static final String GUIDANCE = "Days are usual guidance for a fridge of 4 °C or less, not a promise. "
            + "Local rules come first. Off smell, mould, gas: throw it away untasted.";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private ShelfText() {}

    /** A day without its year. */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** The place in words, at the head of what stands there. */
    public static String place(Place place) {
        return switch (place) {
            case COUNTER -> "On the counter";
            case FRIDGE -> "In the fridge";
            case FREEZER -> "In the freezer";
        };
    }

    /** How a jar stands, in a few words. */
    static String state(JarRow jar, LocalDate today, Instant now) {
        if (jar.coolingSince() != null) {
            long left = Duration.ofHours(2)
                    .minus(Duration.between(jar.coolingSince(), now))
                    .toMinutes();
            return left > 0 ? left + " min left to cool" : "out for too long";
        }
        if (jar.place() == Place.COUNTER) {
            return "not for the counter";
        }
        if (jar.useBy() == null) {
            return "not known how long";
        }
        long days = ChronoUnit.DAYS.between(today, jar.useBy());
        String opened = jar.opened() ? ", opened" : "";
        if (jar.place() == Place.FREEZER) {
            return days < 0 ? "past its best" : "to " + day(jar.useBy()) + opened;
        }
        if (days < 0) {
            return "over its day" + opened;
        }
        return (days == 0 ? "use it today" : days == 1 ? "1 day" : days + " days") + opened;
    }

    /** How urgent that is: past, mind, fine. */
    static String level(JarRow jar, LocalDate today) {
        if (jar.coolingSince() != null || jar.place() == Place.COUNTER) {
            return "mind";
        }
        if (jar.useBy() == null) {
            return "mind";
        }
        long days = ChronoUnit.DAYS.between(today, jar.useBy());
        return days <= 0 && jar.place() == Place.FRIDGE || days < 0 ? "past" : days <= 3 ? "mind" : "fine";
    }

    /** What to use first, in one sentence; what wants it most comes first. */
    static String first(List<JarRow> jars, LocalDate today) {
        List<JarRow> urgent = jars.stream()
                .filter(jar -> jar.useBy() != null && jar.place() == Place.FRIDGE)
                .toList();
        if (urgent.isEmpty()) {
            return jars.isEmpty() ? "No jars yet." : "Nothing in the fridge wants using up.";
        }
        JarRow jar = urgent.get(0);
        long days = ChronoUnit.DAYS.between(today, jar.useBy());
        return days < 0
                ? jar.name() + " is over its day: when in doubt, throw it out."
                : days == 0
                        ? "Use up " + jar.name() + " today."
                        : "Use up " + jar.name() + " first, by " + day(jar.useBy()) + ".";
    }

    /** How long it keeps, with the reason. */
    public static String keeps(Keeping keeping) {
        int days = keeping.closedDays();
        String closed = days == 0
                ? "Use it on the day it is made: " + Names.of(keeping.reason()) + "."
                : "In the fridge " + days(days) + ": " + Names.of(keeping.reason()) + ".";
        String opened = days > 0 ? " Once opened " + days(keeping.openedDays()) + "." : "";
        String frozen = keeping.frozenMonths().isPresent()
                ? " Frozen " + keeping.frozenMonths().getAsInt()
                        + (keeping.frozenMonths().getAsInt() == 1 ? " month" : " months") + " for the best of it."
                : " Not for the freezer.";
        return closed + opened + frozen;
    }

    private static String days(int days) {
        return days == 0 ? "the same day" : days == 1 ? "1 day" : days + " days";
    }

    /** What is said once of a batch, where it applies. */
    public static List<String> cautions(Keeping keeping, UnitFormat say) {
        List<String> said = new ArrayList<>();
        said.add(
                keeping.rules().stream().anyMatch(rule -> rule.neverUnchilled())
                        ? "Not for the shelf by home means: no canning of this. Store it cold."
                        : "Not for the shelf: canning wants a tested recipe of a food-safety authority, for this very product.");
        if (keeping.honey()) {
            said.add("Honey: not for children under one year.");
        }
        if (keeping.alcohol().grams() >= 0.5) {
            said.add("Some alcohol is left: about " + say.grams(keeping.alcohol()) + " in the batch.");
        }
        return said;
    }

    /** What is in it that some people fall ill from. */
    public static String contains(Keeping keeping) {
        String named = keeping.contains().stream()
                .map(Names::of)
                .sorted()
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        return named.isEmpty()
                ? keeping.allergensKnown() ? "no allergen known" : "not known"
                : named + (keeping.allergensKnown() ? "" : ", and perhaps more: not all is known");
    }

    static String refusal(Jar.Refusal why) {
        return switch (why) {
            case GONE -> "This jar is gone: undo that first.";
            case FROZEN_ONCE -> "It was frozen once: it is not to be frozen again.";
            case NOT_TO_BE_FROZEN -> "This one is not for the freezer: it would split, or nothing is known of it.";
            case STILL_FROZEN -> "It is still frozen: put it into the fridge first.";
            case TAKES_MORE_THAN_IS_IN -> TAKEN;
            case PAST_ITS_DAY -> "It is over its day: freezing does not bring it back.";
        };
    }

    /** A way of cooling, and how far it is followed. */
    static String cooling(String way, String to) {
        return way + ", to " + to;
    }

    /** What happened, in a few words. */
    public static String happened(JarEvent event, UnitFormat say) {
        if (event instanceof JarEvent.Filled filled) {
            return "filled with " + say.millilitres(filled.volume());
        }
        if (event instanceof JarEvent.Moved moved) {
            return switch (moved.to()) {
                case FREEZER -> "frozen";
                case FRIDGE -> "into the fridge";
                case COUNTER -> "onto the counter";
            };
        }
        if (event instanceof JarEvent.Taken taken) {
            return say.millilitres(taken.volume()) + " taken";
        }
        if (event instanceof JarEvent.Gone gone) {
            return Names.of(gone.way());
        }
        return event instanceof JarEvent.Opened ? "opened" : "undone";
    }

    static String millimetres(long min, long max) {
        return "Give millimetres from " + min + " to " + max + ".";
    }

    static String whole(int max) {
        return "Give a whole number from 1 to " + max + ".";
    }

    /** That another device was at the jar too. */
    static String meanwhile(List<String> others) {
        return "Kept. Meanwhile somebody else noted: " + String.join(", ", others) + ". Both are kept.";
    }

    static String useUp(String name, int number) {
        return "Use up: " + name + ", jar " + number;
    }

    static String judge(String name) {
        return "How is the " + name + " today?";
    }

    static String thaw(String name, int number) {
        return "Thaw or use: " + name + ", jar " + number;
    }
}
