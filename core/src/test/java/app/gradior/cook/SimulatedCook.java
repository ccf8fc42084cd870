package app.gradior.cook;

import app.gradior.Mixtures;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** A pot whose true evaporation is known, and a scale that errs as kitchen scales do. */
public final class SimulatedCook {
    public static final Instant START = Instant.parse("2026-11-24T17:00:00Z");
    static final Pot CASSEROLE =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.ENAMEL, Mass.ofGrams(2100));
    static final Conditions SIMMER = new Conditions(CASSEROLE, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
    public static final Mixture SAUCE = Mixtures.of("blackcurrants", 400)
            .plus(Mixtures.of("chicken-stock", 300))
            .plus(Mixtures.of("light-brown-sugar", 75));

    public final List<CookEvent> events = new ArrayList<>();
    private final BoilDown truth;
    private final Random random;
    private final Instant simmers;

    public SimulatedCook(double k, Random random, Target target) {
        this(SAUCE, k, 0, random, target);
    }

    public SimulatedCook(Mixture sauce, double k, double fillingLogError, Random random, Target target) {
        this.random = random;
        // The recipe says one weight; what went in is off by a little.
        Mixture filled = sauce.times(Math.exp(fillingLogError));
        this.truth = new BoilDown(filled, new Evaporation(SIMMER), ThicknessFactor.ONE, k);
        this.simmers = START.plus(Duration.ofMinutes(6));
        events.add(new CookEvent.Started(id(), START, sauce, Celsius.ROOM, SIMMER, target, Knowledge.NONE));
        events.add(new CookEvent.Simmers(id(), simmers));
    }

    public static UUID id() {
        return UUID.randomUUID();
    }

    public Instant minute(double minutes) {
        return simmers.plus(Duration.ofMillis(Math.round(minutes * 60_000)));
    }

    public double trueGrams(double minutes) {
        return truth.after(Duration.ofMillis(Math.round(minutes * 60_000)))
                .mass()
                .grams();
    }

    BoilDown truth() {
        return truth;
    }

    public SimulatedCook weighAt(double minutes) {
        double grams = trueGrams(minutes);
        double noise = random.nextGaussian() * Math.max(2, 0.005 * grams);
        return showing(minutes, grams + noise);
    }

    public SimulatedCook showing(double minutes, double grams) {
        events.add(new CookEvent.Weighed(id(), minute(minutes), Mass.ofGrams(grams + 2100), Mass.ofGrams(2100)));
        return this;
    }

    public Cook cook() {
        return Cook.of(events);
    }
}
