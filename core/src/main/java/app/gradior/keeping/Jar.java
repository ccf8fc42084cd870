package app.gradior.keeping;

import app.gradior.quantity.Volume;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A jar as its events make it.
 *
 * @param filled when it was
 * @param left what is in it
 * @param opened when it was first; empty while it is closed
 * @param gone how it went; empty while it is here
 * @param goneAt when it went
 * @param useBy the last day on which it is usually still good; empty where no day can be told: on the counter, or in a
 *     freezer for which nothing is known
 * @param thawed whether it was frozen once: it is not to be frozen again
 * @param cooling when it came off the heat, while it was not yet put into the cold
 * @param stoodOut whether it stood out for longer than it should
 */
public record Jar(
        Instant filled,
        Place place,
        Volume left,
        Optional<Instant> opened,
        Optional<JarEvent.Way> gone,
        Optional<Instant> goneAt,
        Optional<LocalDate> useBy,
        boolean thawed,
        Optional<Instant> cooling,
        boolean stoodOut) {

    /** Why an event can't be. */
    public enum Refusal {
        GONE,
        FROZEN_ONCE,
        NOT_TO_BE_FROZEN,
        STILL_FROZEN,
        TAKES_MORE_THAN_IS_IN,
        PAST_ITS_DAY
    }

    /**
     * Folds events in their order.
     *
     * @param made when its sauce came off the heat
     * @param keeping how long it keeps
     * @param zone whose days count
     * @throws IllegalArgumentException if the first event does not fill it
     */
    public static Jar of(Instant made, Keeping keeping, List<JarEvent> events, ZoneId zone) {
        Set<UUID> undone = undone(events);
        if (events.isEmpty() || !(events.get(0) instanceof JarEvent.Filled first)) {
            throw new IllegalArgumentException("a jar begins with being filled");
        }
        Fold fold = new Fold(made, keeping, zone, first);
        for (JarEvent event : events.subList(1, events.size())) {
            if (!undone.contains(event.id())) {
                fold.take(event);
            }
        }
        return fold.jar();
    }

    /** An undo that is itself undone takes nothing back. */
    private static Set<UUID> undone(List<JarEvent> events) {
        Set<UUID> undone = new HashSet<>();
        for (int i = events.size() - 1; i >= 0; i--) {
            if (events.get(i) instanceof JarEvent.Undone undo && !undone.contains(undo.id())) {
                undone.add(undo.event());
            }
        }
        return undone;
    }

    /** What must not happen to it; empty if this may. */
    public Optional<Refusal> refuses(JarEvent event, Keeping keeping, LocalDate today) {
        if (event instanceof JarEvent.Undone) {
            return Optional.empty();
        }
        if (gone.isPresent()) {
            return Optional.of(Refusal.GONE);
        }
        if (event instanceof JarEvent.Moved moved && moved.to() == Place.FREEZER) {
            if (thawed || place == Place.FREEZER) {
                return Optional.of(Refusal.FROZEN_ONCE);
            }
            if (keeping.frozenMonths().isEmpty()) {
                return Optional.of(Refusal.NOT_TO_BE_FROZEN);
            }
            if (useBy.filter(day -> day.isBefore(today)).isPresent()) {
                return Optional.of(Refusal.PAST_ITS_DAY);
            }
        }
        if (event instanceof JarEvent.Taken taken && taken.volume().compareTo(left.times(1.001)) > 0) {
            return Optional.of(Refusal.TAKES_MORE_THAN_IS_IN);
        }
        boolean opens = event instanceof JarEvent.Opened || event instanceof JarEvent.Taken;
        return opens && place == Place.FREEZER ? Optional.of(Refusal.STILL_FROZEN) : Optional.empty();
    }

    public boolean here() {
        return gone.isEmpty();
    }

    private static final class Fold {
        private final Keeping keeping;
        private final ZoneId zone;
        private final Instant filled;
        private Place place;
        private Volume left;
        private Optional<Instant> opened = Optional.empty();
        private Optional<JarEvent.Way> gone = Optional.empty();
        private Optional<Instant> goneAt = Optional.empty();
        private boolean thawed;
        private Optional<Instant> cooling = Optional.empty();
        private boolean stoodOut;

        /** The last day in the fridge, as far as it is known; what freezing stops. */
        private LocalDate inTheFridge;

        /** The last day in the freezer while it is in there. */
        private Optional<LocalDate> frozen = Optional.empty();

        /** Days in the fridge that it had left when it was frozen. */
        private long daysLeft;

        Fold(Instant made, Keeping keeping, ZoneId zone, JarEvent.Filled first) {
            this.keeping = keeping;
            this.zone = zone;
            this.filled = first.at();
            this.left = first.volume();
            this.place = first.place();
            this.inTheFridge = day(made).plusDays(keeping.closedDays());
            if (place == Place.COUNTER) {
                cooling = Optional.of(made);
            } else if (place == Place.FREEZER) {
                freeze(first.at());
            }
        }

        private LocalDate day(Instant at) {
            return at.atZone(zone).toLocalDate();
        }

        void take(JarEvent event) {
            if (event instanceof JarEvent.Moved moved) {
                move(moved);
            } else if (event instanceof JarEvent.Opened) {
                open(event.at());
            } else if (event instanceof JarEvent.Taken taken) {
                open(event.at());
                left = Volume.ofMillilitres(
                        Math.max(0, left.millilitres() - taken.volume().millilitres()));
            } else if (event instanceof JarEvent.Gone went) {
                gone = Optional.of(went.way());
                goneAt = Optional.of(went.at());
            }
        }

        private void move(JarEvent.Moved moved) {
            if (place == Place.FREEZER && moved.to() != Place.FREEZER) {
                thaw(moved.at());
            } else if (place != Place.FREEZER && moved.to() == Place.FREEZER) {
                freeze(moved.at());
            }
            place = moved.to();
            stoodOut |= place != Place.COUNTER
                    && cooling.filter(
                                    since -> Duration.between(since, moved.at()).compareTo(Cooling.FIRST) > 0)
                            .isPresent();
            cooling = place == Place.COUNTER ? cooling : Optional.empty();
        }

        private void freeze(Instant at) {
            daysLeft = Math.max(0, ChronoUnit.DAYS.between(day(at), inTheFridge));
            frozen = keeping.frozenMonths().isPresent()
                    ? Optional.of(day(at).plusMonths(keeping.frozenMonths().getAsInt()))
                    : Optional.empty();
        }

        /** Two days, or what it had left before: freezing stops the clock and does not turn it back. */
        private void thaw(Instant at) {
            LocalDate thawedUntil = day(at).plusDays(Math.min(keeping.thawedDays(), daysLeft));
            inTheFridge = frozen.filter(day -> day.isBefore(thawedUntil)).orElse(thawedUntil);
            frozen = Optional.empty();
            thawed = true;
        }

        private void open(Instant at) {
            if (opened.isEmpty()) {
                opened = Optional.of(at);
                LocalDate once = day(at).plusDays(keeping.openedDays());
                inTheFridge = once.isBefore(inTheFridge) ? once : inTheFridge;
            }
        }

        Jar jar() {
            Optional<LocalDate> useBy = switch (place) {
                case COUNTER -> Optional.empty();
                case FREEZER -> frozen;
                case FRIDGE -> Optional.of(inTheFridge);
            };
            return new Jar(filled, place, left, opened, gone, goneAt, useBy, thawed, cooling, stoodOut);
        }
    }
}
