package app.gradior.cook;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** Anything that happened in a cook. A cook is the fold of its events; nothing else is kept of it. */
public sealed interface CookEvent {
    /** Made by the client, so that sending twice is harmless. */
    UUID id();

    Instant at();

    /** Which of the kinds it is. */
    EventKind kind();

    /** What is to be said or done of its kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind: what has none for a new kind does not compile. */
    interface Cases<R> {
        R started(Started event);

        R simmers(Simmers event);

        R heatChanged(HeatChanged event);

        R lidChanged(LidChanged event);

        R heatSwitched(HeatSwitched event);

        R added(Added event);

        R blended(Blended event);

        R strained(Strained event);

        R undone(Undone event);

        R confirmed(Confirmed event);

        R finished(Finished event);

        R slurryPoured(SlurryPoured event);

        R potChanged(PotChanged event);

        R stirred(Stirred event);

        R ticked(Ticked event);

        R timerStarted(TimerStarted event);

        R wanted(Wanted event);

        R timerStopped(TimerStopped event);

        R tasted(Tasted event);

        R jarred(Jarred event);

        R weighed(Weighed event);

        R dipped(Dipped event);

        R jugged(Jugged event);

        R spoonLooked(SpoonLooked event);

        R plateSpreadRead(PlateSpreadRead event);

        R temperatureRead(TemperatureRead event);
    }

    /** The pot went on the ring with this in it. */
    record Started(
            UUID id,
            Instant at,
            Mixture mixture,
            Celsius temperature,
            Conditions conditions,
            Target target,
            Knowledge knowledge)
            implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.STARTED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.started(this);
        }
    }

    /** It has come to its activity; until told so, the time of heating up is an estimate. */
    record Simmers(UUID id, Instant at) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.SIMMERS;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.simmers(this);
        }
    }

    record HeatChanged(UUID id, Instant at, Activity activity) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.HEAT_CHANGED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.heatChanged(this);
        }
    }

    record LidChanged(UUID id, Instant at, Lid lid) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.LID_CHANGED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.lidChanged(this);
        }
    }

    /** Off the heat, or on it again. */
    record HeatSwitched(UUID id, Instant at, boolean on) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.HEAT_SWITCHED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.heatSwitched(this);
        }
    }

    /**
     * Something went in.
     *
     * @param typed the line it was said in; empty if it was not said in one
     */
    record Added(UUID id, Instant at, Mixture mixture, String typed) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.ADDED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.added(this);
        }

        public Added {
            typed = typed == null ? "" : typed;
        }

        public Added(UUID id, Instant at, Mixture mixture) {
            this(id, at, mixture, "");
        }
    }

    record Blended(UUID id, Instant at) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.BLENDED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.blended(this);
        }
    }

    /** Some of a slurry went in, at the boil. */
    record SlurryPoured(UUID id, Instant at, StarchKind starch, Mass powder, Mass water) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.SLURRY_POURED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.slurryPoured(this);
        }

        /** @throws IllegalArgumentException if there is no starch in it */
        public SlurryPoured {
            if (powder.kilograms() <= 0) {
                throw new IllegalArgumentException("a slurry needs starch but has " + powder.grams() + " g");
            }
        }
    }

    /** It was poured into another pot, of which something may have stayed behind in the first. */
    record PotChanged(UUID id, Instant at, Pot pot) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.POT_CHANGED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.potChanged(this);
        }
    }

    /** It was stirred and the base scraped. */
    record Stirred(UUID id, Instant at) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.STIRRED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.stirred(this);
        }
    }

    /** A step of the plan was done, or was not after all. */
    record Ticked(UUID id, Instant at, String step, boolean done) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.TICKED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.ticked(this);
        }
    }

    /**
     * A timer was set going.
     *
     * @param label what it is for, to be read when it rings
     */
    record TimerStarted(UUID id, Instant at, String label, Duration time) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.TIMER_STARTED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.timerStarted(this);
        }

        private static final Duration LONGEST = Duration.ofHours(24);

        /** @throws IllegalArgumentException if the time is not over zero or more than a day */
        public TimerStarted {
            if (time.isNegative() || time.isZero() || time.compareTo(LONGEST) > 0) {
                throw new IllegalArgumentException("a timer runs from 1 s to 24 h but was set to " + time);
            }
        }

        public Instant rings() {
            return at.plus(time);
        }
    }

    /** It is wanted on the table at this moment. */
    record Wanted(UUID id, Instant at, Instant table) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.WANTED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.wanted(this);
        }
    }

    /** A timer was stopped, whether it had rung or not. */
    record TimerStopped(UUID id, Instant at, UUID timer) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.TIMER_STOPPED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.timerStopped(this);
        }
    }

    /**
     * How it tastes.
     *
     * @param level from −2, far too little, over 0, right, to 2, far too much
     */
    record Tasted(UUID id, Instant at, Flavour flavour, int level) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.TASTED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.tasted(this);
        }

        /** @throws IllegalArgumentException if the level is not from −2 to 2 */
        public Tasted {
            if (level < -2 || level > 2) {
                throw new IllegalArgumentException("a taste goes from -2 to 2 but was " + level);
            }
        }
    }

    /** What a tongue tells. */
    enum Flavour {
        SALT,
        SHARP,
        SWEET,
        HOT
    }

    /**
     * It was filled into jars.
     *
     * @param jar what one of them was filled with
     * @param count 1 to 200
     * @param headspace left free under the rim
     * @param leftOver what did not go into jars
     */
    record Jarred(UUID id, Instant at, Volume jar, int count, Length headspace, Volume leftOver) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.JARRED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.jarred(this);
        }

        /** @throws IllegalArgumentException if the count is not from 1 to 200 */
        public Jarred {
            if (count < 1 || count > 200) {
                throw new IllegalArgumentException("1 to 200 jars are filled but not " + count);
            }
        }
    }

    /** It went through a sieve, with these shares held back. */
    record Strained(UUID id, Instant at, Share solidsHeld, Share liquidHeld) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.STRAINED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.strained(this);
        }
    }

    /** An event that was none: taken back. */
    record Undone(UUID id, Instant at, UUID event) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.UNDONE;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.undone(this);
        }
    }

    /** A reading that looked wrong and is right. */
    record Confirmed(UUID id, Instant at, UUID reading) implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.CONFIRMED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.confirmed(this);
        }
    }

    /**
     * It came off the heat, with so much of it, looking so.
     *
     * @param label what is written on its jars; empty if nothing was
     */
    record Finished(UUID id, Instant at, Optional<Mass> yield, Optional<SpoonCoat> look, String label)
            implements CookEvent {
        @Override
        public EventKind kind() {
            return EventKind.FINISHED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.finished(this);
        }

        /** What was stored before labels were kept has none. */
        public Finished {
            label = label == null ? "" : label;
        }

        public Finished(UUID id, Instant at, Optional<Mass> yield, Optional<SpoonCoat> look) {
            this(id, at, yield, look, "");
        }
    }

    /** Something measured that tells of the state. */
    sealed interface Reading extends CookEvent {}

    /** The pot with the sauce on a scale, and what the pot weighs. */
    record Weighed(UUID id, Instant at, Mass potAndSauce, Mass tare) implements Reading {
        @Override
        public EventKind kind() {
            return EventKind.WEIGHED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.weighed(this);
        }

        /** @throws IllegalArgumentException if the pot weighs more than pot and sauce together */
        public Weighed {
            if (potAndSauce.compareTo(tare) < 0) {
                throw new IllegalArgumentException("pot and sauce (" + potAndSauce.grams()
                        + " g) must not weigh less than the pot (" + tare.grams() + " g)");
            }
        }

        public Mass net() {
            return potAndSauce.minus(tare);
        }
    }

    /** How deep it stands on a spoon handle or ruler. */
    record Dipped(UUID id, Instant at, Length depth) implements Reading {
        @Override
        public EventKind kind() {
            return EventKind.DIPPED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.dipped(this);
        }
    }

    /** All of it poured into a jug. */
    record Jugged(UUID id, Instant at, Volume volume) implements Reading {
        @Override
        public EventKind kind() {
            return EventKind.JUGGED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.jugged(this);
        }
    }

    /**
     * How it coats a spoon, at the stove unless a temperature is given.
     *
     * @param sd how well the eye tells that looked, in grades; empty for a usual eye
     */
    record SpoonLooked(UUID id, Instant at, SpoonCoat look, Optional<Celsius> temperature, Optional<Double> sd)
            implements Reading {
        /** Events of before there were trained eyes have none. */
        public SpoonLooked {
            sd = sd == null ? Optional.empty() : sd;
        }

        /** By a usual eye. */
        public SpoonLooked(UUID id, Instant at, SpoonCoat look, Optional<Celsius> temperature) {
            this(id, at, look, temperature, Optional.empty());
        }

        @Override
        public EventKind kind() {
            return EventKind.SPOON_LOOKED;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.spoonLooked(this);
        }
    }

    /** How far 15 ml spread on a plate in 30 s, at its temperature on the plate. */
    record PlateSpreadRead(UUID id, Instant at, Length diameter, Celsius temperature) implements Reading {
        @Override
        public EventKind kind() {
            return EventKind.PLATE_SPREAD_READ;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.plateSpreadRead(this);
        }
    }

    /** A thermometer in it; tells its Brix while it boils freely. */
    record TemperatureRead(UUID id, Instant at, Celsius temperature) implements Reading {
        @Override
        public EventKind kind() {
            return EventKind.TEMPERATURE_READ;
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.temperatureRead(this);
        }
    }
}
