package app.gradior.practice;

import app.gradior.food.Allergen;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Slurry;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Retention;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.Thickness;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A pot that is not there: the model forward, with a truth of its own, and what goes wrong in pots. It goes in steps of
 * {@value #STEP_S} s; the same setup and the same acts at the same times give the same pot, on every machine.
 *
 * <p>The rules beside the model, all estimates:
 *
 * <ul>
 *   <li>Heat: the dial's part of the ring's useful power warms it, {@value #COOLING} W/(m² K) of its surface cool it.
 *   <li>Catching: at a simmer and above, from grade {@value #CATCHES_FROM} on, it begins to catch when it was not stirred for
 *       {@code 480 s·8^(−clamp((grade − 4.5)/2.5))/heat}, heat being the bubbles' vapour against a simmer's, and has caught
 *       all over at twice that. Stirring starts anew and takes a tenth of what had caught into the sauce's colour.
 *   <li>Foam: dh/dt = U − h/Σ, U the vapour in m/s, Σ = 3.5 s·foaming·clamp((6.5 − grade)/1.5). Over the rim, half a percent
 *       of the sauce leaves each second.
 *   <li>Lumps: slurry that nobody stirs in is half lumps after {@value #LUMPS_TO} s, none within {@value #LUMPS_FROM} s. What
 *       is not stirred in does not thicken until then.
 *   <li>Splitting: fat over {@value #FAT_SPLITS} of the volume; egg over {@value #EGG_CURDLES} °C; milk with more than
 *       {@value #SOUR} of acid and too little fat to bear it ({@value #FAT_BEARS}), at more than a simmer for
 *       {@value #CURDLES_S} s.
 * </ul>
 */
public final class SimulatedPot implements Cloneable {
    /** The highest step of the ring. */
    public static final int MAX_DIAL = 9;

    /** Seconds of a step. */
    static final double STEP_S = 4;

    static final double COOLING = 30;
    static final double CATCHES_FROM = 3;
    static final double LUMPS_FROM = 15;
    static final double LUMPS_TO = 45;
    static final double FAT_SPLITS = 0.70;
    static final double EGG_CURDLES = 85;
    static final double SOUR = 0.004;
    static final double FAT_BEARS = 0.18;
    static final double CURDLES_S = 60;

    /** A lid keeps as much of the heat in. */
    private static final double UNDER_A_LID = 0.4;

    private static final double STEAM_DENSITY = 0.60;
    private static final double SIMMER_FLUX = 8;
    private static final double SPILLED_PER_S = 0.005;
    private static final double MOST_LUMPS = 0.5;

    /** It moves as an activity does from so little under its temperature on. */
    private static final double AS_GOOD_AS = 0.5;

    /** Nothing steams to speak of below this. */
    private static final double COLDEST_STEAM = 60;

    /** What is drier than this boils no more. */
    private static final double DRY = 0.02;

    /** What is begun with. */
    public record Setup(Mixture mixture, Celsius temperature, Conditions conditions, Truth truth, Foaming foaming) {}

    /** How readily it foams, 0 to 1. */
    public record Foaming(double value) {
        /** By its protein, its starch and its milk (estimate): stock hardly, cream readily. */
        public static Foaming of(Mixture mixture) {
            double protein = mixture.protein().kilograms() / mixture.mass().kilograms();
            double starch = mixture.share(Component.STARCH).value();
            double sugar = mixture.sugarShare().value();
            double milk = mixture.allergens().contains(Allergen.MILK) ? 0.3 : 0;
            return new Foaming(Math.min(0.8, 0.04 + milk + 5 * protein + 3 * starch + 0.1 * sugar));
        }
    }

    /** Slurry that lies where it was poured. */
    private record Lying(StarchKind starch, Mass powder, double since) {}

    private final Setup setup;
    private double seconds;
    private Mixture mixture;
    private double degrees;
    private int dial;
    private Lid lid;
    private Conditions base;
    private Activity kept;
    private boolean off;
    private double boiled;
    private double stirredAt;
    private double boiledAt;
    private double browning;
    private double scorched;
    private double foam;
    private double spilled;
    private double lumps;
    private double starchMinutes = Double.POSITIVE_INFINITY;
    private StarchKind starch;
    private double sour;
    private double split;
    private double highest;
    private List<Lying> lying = List.of();
    private Evaporation.Pace pace;
    private Activity shows;

    private SimulatedPot(Setup setup) {
        this.setup = setup;
        this.mixture = setup.mixture();
        this.degrees = setup.temperature().degrees();
        this.lid = setup.conditions().lid();
        this.base = setup.conditions();
        this.highest = level();
        this.stirredAt = 0;
        look();
    }

    /** All that it holds are values: a copy of the fields is another pot. */
    private SimulatedPot copy() {
        try {
            return (SimulatedPot) clone();
        } catch (CloneNotSupportedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A pot as it is begun with: off the heat. */
    public static SimulatedPot of(Setup setup) {
        return new SimulatedPot(setup);
    }

    /**
     * The pot at a later moment, if nobody does anything.
     *
     * @param to seconds since it began; one that is past changes nothing
     */
    public SimulatedPot at(double to) {
        SimulatedPot then = copy();
        while (then.seconds + STEP_S <= to + 1e-9) {
            then.step();
        }
        return then;
    }

    /** The pot just after an act. */
    public SimulatedPot after(Act act) {
        SimulatedPot then = copy();
        then.take(act);
        return then;
    }

    private void take(Act act) {
        if (off) {
            return;
        }
        if (act instanceof Act.Heat heat) {
            dial = heat.dial();
            kept = null;
        } else if (act instanceof Act.Keep keep) {
            dial = MAX_DIAL;
            kept = keep.activity();
        } else if (act instanceof Act.Arrive) {
            degrees = Math.max(degrees, top());
        } else if (act instanceof Act.Cover cover) {
            lid = cover.lid();
        } else if (act instanceof Act.Move move) {
            base = base.with(move.pot());
            highest = level();
        } else if (act instanceof Act.Strain strain) {
            mixture = mixture.strained(strain.solidsHeld(), strain.liquidHeld());
        } else if (act instanceof Act.Add add) {
            warm(
                    mixture.plus(add.mixture()),
                    setup.conditions().room().temperature().degrees());
        } else if (act instanceof Act.Stir) {
            stir();
        } else if (act instanceof Act.Water water) {
            Mixture more = mixture.wateredTo(mixture.mass(Component.WATER).plus(water.mass()));
            warm(more, Celsius.ROOM.degrees());
        } else if (act instanceof Act.Slurry slurry) {
            pour(slurry);
        } else if (act instanceof Act.Blend) {
            mixture = mixture.blended();
            mixIn();
            lumps = 0;
            mend();
            stirredAt = seconds;
        } else if (act instanceof Act.Off) {
            mixIn();
            dial = 0;
            kept = null;
            off = true;
        }
        look();
    }

    /** Takes more in, which is as warm as it was. */
    private void warm(Mixture with, double at) {
        double before = mixture.mass().kilograms();
        double more = with.mass().kilograms() - before;
        degrees = (degrees * before + at * more) / (before + more);
        mixture = with;
        highest = Math.max(highest, level());
    }

    private void stir() {
        double caught = caught();
        browning = Math.min(1, browning + 0.1 * caught);
        scorched = Math.max(scorched, caught);
        stirredAt = seconds;
        mixIn();
    }

    private void pour(Act.Slurry slurry) {
        warm(mixture.wateredTo(mixture.mass(Component.WATER).plus(slurry.water())), Celsius.ROOM.degrees());
        List<Lying> more = new ArrayList<>(lying);
        more.add(new Lying(slurry.starch(), slurry.powder(), seconds));
        lying = List.copyOf(more);
    }

    /** What lies where it was poured goes in, less what has become lumps. */
    private void mixIn() {
        for (Lying slurry : lying) {
            boolean hot = slurry.starch().swollenAt(Celsius.of(degrees)) > 0;
            double share =
                    hot ? MOST_LUMPS * clamp((seconds - slurry.since() - LUMPS_FROM) / (LUMPS_TO - LUMPS_FROM)) : 0;
            lumps = Math.max(lumps, share / MOST_LUMPS);
            mixture = mixture.plus(
                            Slurry.powder(slurry.starch()).of(slurry.powder().times(1 - share)))
                    .cookedAt(Celsius.of(degrees));
            starch = slurry.starch();
            starchMinutes = 0;
        }
        lying = List.of();
    }

    /** Fat that came out is taken up again where there is water for it. */
    private void mend() {
        if (ChoiOkos.fatVolumeFraction(mixture) < FAT_SPLITS - 0.05 && sour < CURDLES_S && !curdlesByEgg()) {
            split = 0;
        }
    }

    private boolean curdlesByEgg() {
        return mixture.allergens().contains(Allergen.EGG) && degrees > EGG_CURDLES;
    }

    private Conditions conditions(Activity activity) {
        return base.with(activity).with(lid);
    }

    /** What a step of the dial keeps up, if the ring can. */
    static Optional<Activity> activityOf(int dial) {
        return switch (dial) {
            case 0 -> Optional.empty();
            case 1, 2 -> Optional.of(Activity.STEAMING);
            case 3 -> Optional.of(Activity.BARE_SIMMER);
            case 4, 5 -> Optional.of(Activity.SIMMER);
            case 6, 7 -> Optional.of(Activity.LIVELY_SIMMER);
            default -> Optional.of(Activity.ROLLING_BOIL);
        };
    }

    private Optional<Activity> wanted() {
        return kept == null ? activityOf(dial) : Optional.of(kept);
    }

    /** As hot as it gets on the ring as it stands, °C; as it is where the ring is off. */
    private double top() {
        return wanted().map(activity -> boils() - activity.belowBoiling()).orElse(degrees);
    }

    /** Where it boils, °C. */
    private double boils() {
        return new Evaporation(conditions(Activity.ROLLING_BOIL))
                        .stoveTemperature(mixture)
                        .degrees()
                + Activity.ROLLING_BOIL.belowBoiling();
    }

    /** What the surface shows at its temperature, and how it flows and steams so. */
    private void look() {
        Activity most = off ? null : wanted().orElse(null);
        Activity seen = null;
        if (most != null && degrees > COLDEST_STEAM) {
            double boils = boils();
            for (Activity activity : Activity.values()) {
                boolean hot = degrees >= boils - activity.belowBoiling() - AS_GOOD_AS;
                seen = hot && activity.compareTo(most) <= 0 ? activity : seen;
            }
        }
        shows = seen;
        // Where nothing moves, how it flows is asked at the temperature it has.
        pace = new Evaporation(conditions(seen == null ? Activity.STEAMING : seen))
                .pace(mixture, setup.truth().thickness());
    }

    private double surface() {
        return base.pot().surfaceOf(volume());
    }

    private Volume volume() {
        return ChoiOkos.volume(mixture, Celsius.of(degrees));
    }

    private void step() {
        seconds += STEP_S;
        heat();
        look();
        if (shows != null) {
            boil();
        }
        foam();
        goWrong();
        if (!lying.isEmpty() && seconds - lying.get(0).since() > LUMPS_TO + LUMPS_FROM) {
            mixIn();
        }
    }

    private void heat() {
        double capacity = mixture.mass().kilograms()
                * ChoiOkos.specificHeat(mixture, Celsius.of(degrees)).joulesPerKilogramKelvin();
        double room = setup.conditions().room().temperature().degrees();
        double lost = COOLING * (lid == Lid.ON ? UNDER_A_LID : 1) * surface() * (degrees - room);
        double power = setup.conditions().ring().useful().watts() * dial / MAX_DIAL;
        double top = wanted().isPresent() ? top() : room;
        double then = degrees + (power - lost) * STEP_S / capacity;
        if (degrees > top) {
            // Turned down: it cools to what the ring keeps.
            degrees = Math.max(top, degrees - lost * STEP_S / capacity);
        } else {
            degrees = Math.min(top, then);
        }
        if (degrees > 55) {
            mixture = mixture.cookedAt(Celsius.of(degrees));
        }
    }

    private void boil() {
        double water = mixture.mass(Component.WATER).kilograms();
        boolean dry = water < DRY * mixture.mass().kilograms();
        boiled += STEP_S;
        boiledAt = seconds;
        if (dry) {
            scorched = Math.min(1, scorched + STEP_S / 60);
            return;
        }
        double loss = setup.truth().k() * pace.loss().kilogramsPerSecond() * STEP_S;
        Evaporation evaporation = new Evaporation(conditions(shows));
        mixture = mixture.evaporatedTo(Share.of(Math.max(0.5, 1 - loss / water)), evaporation.ethanolExponent())
                .boiledFor(STEP_S / 60);
        mixture = mixture.withEthanolAtMost(
                setup.mixture().mass(Component.ETHANOL).times(Retention.ofAlcohol(boiled / 60)));
        starchMinutes += STEP_S / 60;
    }

    private double vapour() {
        return shows == null ? 0 : setup.truth().k() * flux(shows) / (1 + viscosity()) / 3600 / STEAM_DENSITY;
    }

    /** kg/(m² h) that leave as bubbles. */
    private static double flux(Activity activity) {
        return activity.bubbleFlux() * 3600;
    }

    private double viscosity() {
        return pace.flow().apparent().pascalSeconds();
    }

    private void foam() {
        double stands = 3.5 * setup.foaming().value() * clamp((6.5 - grade()) / 1.5);
        double most = vapour() * stands;
        foam = stands > STEP_S ? foam + (vapour() - foam / stands) * STEP_S : most;
        if (shows != null && level() + foam > wall()) {
            mixture = mixture.times(1 - SPILLED_PER_S * STEP_S);
            spilled += STEP_S;
        }
    }

    private void goWrong() {
        double fat = mixture.share(Component.FAT).value();
        boolean rough = shows != null && shows.compareTo(Activity.SIMMER) > 0;
        boolean milk = mixture.allergens().contains(Allergen.MILK);
        if (milk && rough && fat < FAT_BEARS && mixture.acidShare().value() > SOUR) {
            sour += STEP_S;
        }
        if (ChoiOkos.fatVolumeFraction(mixture) > FAT_SPLITS || curdlesByEgg() || sour > CURDLES_S) {
            split = 1;
        }
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(1, value));
    }

    private double wall() {
        return base.pot().wall().metres();
    }

    private double level() {
        return base.pot().depthOf(volume()).metres();
    }

    // What can be seen, and what is true.

    public double seconds() {
        return seconds;
    }

    public Mixture mixture() {
        return mixture;
    }

    public Celsius temperature() {
        return Celsius.of(degrees);
    }

    public int dial() {
        return dial;
    }

    /** The pot, the ring and the room, as it moves now and as it is covered. */
    public Conditions conditions() {
        return conditions(shows == null ? Activity.STEAMING : shows);
    }

    public boolean lidOn() {
        return lid == Lid.ON;
    }

    public boolean isOff() {
        return off;
    }

    /** How the surface moves; empty where it does not. */
    public Optional<Activity> activity() {
        return Optional.ofNullable(shows);
    }

    /** How it flows as hot as it is. */
    public Rheology flow() {
        return shows == null
                ? Thickness.of(mixture, Celsius.of(degrees), setup.truth().thickness())
                : pace.flow();
    }

    /** How it flows as warm as something else. */
    public Rheology flowAt(Celsius temperature) {
        return Thickness.of(mixture, temperature, setup.truth().thickness());
    }

    /** As thick as it is in the pot. */
    public double grade() {
        return flow().grade().value();
    }

    /** Water vapour that leaves, kg/(m² h). */
    public double flux() {
        return shows == null ? 0 : setup.truth().k() * pace.loss().kilogramsPerSecond() / surface() * 3600;
    }

    /** How much of the base has caught since it was last stirred, 0 to 1. */
    public double caught() {
        if (shows == null || shows.compareTo(Activity.SIMMER) < 0 || grade() < CATCHES_FROM) {
            return 0;
        }
        return clamp((seconds - stirredAt) / stirEvery() - 1);
    }

    /** Seconds after which it begins to catch. */
    public double stirEvery() {
        double heat = shows == null ? 0 : flux(shows) / SIMMER_FLUX;
        return 480 * Math.pow(8, -clamp((grade() - 4.5) / 2.5)) / Math.max(heat, 0.05);
    }

    public double sinceStirred() {
        return seconds - stirredAt;
    }

    /** Seconds since a bubble was last seen. */
    public double still() {
        return shows == null || shows.compareTo(Activity.BARE_SIMMER) < 0 ? seconds - boiledAt : 0;
    }

    public double levelMillimetres() {
        return level() * 1000;
    }

    /** The highest it stood: where the dried ring is. */
    public double ringMillimetres() {
        return highest * 1000;
    }

    public double foamMillimetres() {
        return foam * 1000;
    }

    /** Salt, by weight. */
    public Share saltShare() {
        return mixture.share(Component.SALT);
    }

    public double browning() {
        return browning;
    }

    public Setup setup() {
        return setup;
    }

    /** How far something went wrong, 0 to 1: as the sauce is, if it were taken off now. */
    public double wrong(Mishap mishap) {
        return switch (mishap) {
            case CAUGHT -> Math.max(scorched, caught());
            case BOILED_OVER -> clamp(spilled / 10);
            case LUMPS -> lumps;
            case RAW_STARCH -> starch == null || lying.isEmpty() && starchMinutes >= starch.cookOutMinutes() ? 0 : 1;
            case SPLIT -> split;
            case TOO_SALTY, TOO_LATE -> 0;
        };
    }
}
