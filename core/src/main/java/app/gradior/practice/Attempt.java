package app.gradior.practice;

import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.thickness.Grade;
import app.gradior.thickness.PlateSpread;
import app.gradior.thickness.SpoonCoat;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * Somebody at an exercise: what was done when. The pots follow from it and the seed alone.
 *
 * @param pan which of its pans each pot's sauce is in
 * @param seed of its truth and of its readings
 * @param steps in the order of their times
 */
public record Attempt(Exercise exercise, List<Integer> pan, long seed, List<Step> steps) {
    /** Nobody practises longer than this, in the pot's own seconds. */
    public static final double LONGEST_S = 4 * 3600;

    private static final double PLATE_LOG_SD = 0.02;
    private static final double SPOON_SD = 0.08;
    private static final double SCALE_SD = 1.5;
    private static final double PROBE_SD = 0.3;

    /** Seeds one after another would draw alike: multiplied so, they do not. */
    private static final long SCATTER = 0x9E3779B97F4A7C15L;

    /** The plate stands in the cold. */
    public static final Celsius PLATE = Celsius.of(20);

    /**
     * Something that was done.
     *
     * @param seconds when, by the pot's own clock
     * @param pot to which pot
     */
    public record Step(double seconds, int pot, Deed deed) {}

    /** An act, a look or a guess. */
    public sealed interface Deed {
        record Did(Act act) implements Deed {}

        record Looked(Instrument instrument) implements Deed {}

        /** How thick one thinks it is, as hot as it is. */
        record Guessed(double grade) implements Deed {}
    }

    public Attempt {
        pan = List.copyOf(pan);
        steps = List.copyOf(steps);
    }

    /** One that begins. */
    public static Attempt of(Exercise exercise, List<Integer> pan, long seed) {
        return new Attempt(exercise, pan, seed, List.of());
    }

    public Attempt with(Step step) {
        List<Step> more = new ArrayList<>(steps);
        more.add(step);
        return new Attempt(exercise, pan, seed, more);
    }

    /** What nobody knows of a pot. */
    public Truth truth(int pot) {
        return Truth.of(seed * Exercise.MAX_POTS + pot);
    }

    /** A pot before anything was done. */
    public SimulatedPot begun(int pot) {
        return exercise.pots().get(pot).begin(pan.get(pot), truth(pot));
    }

    /**
     * A pot at a moment.
     *
     * @param seconds by its own clock
     */
    public SimulatedPot pot(int pot, double seconds) {
        return walk(pot, List.of(seconds)).get(0);
    }

    /**
     * A pot at several moments, in one walk.
     *
     * @param seconds by its own clock, rising
     */
    public List<SimulatedPot> walk(int pot, List<Double> seconds) {
        List<Step> acts = steps.stream()
                .filter(step -> step.pot() == pot && step.deed() instanceof Deed.Did)
                .toList();
        List<SimulatedPot> seen = new ArrayList<>();
        SimulatedPot now = begun(pot);
        int next = 0;
        for (double moment : seconds) {
            while (next < acts.size() && acts.get(next).seconds() <= moment) {
                now = now.at(acts.get(next).seconds())
                        .after(((Deed.Did) acts.get(next).deed()).act());
                next++;
            }
            now = now.at(Math.min(moment, LONGEST_S));
            seen.add(now);
        }
        return seen;
    }

    /** Whether all pots were taken off. */
    public boolean over() {
        for (int pot = 0; pot < exercise.pots().size(); pot++) {
            if (ended(pot).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** When a pot was taken off. */
    public OptionalDouble ended(int pot) {
        return steps.stream()
                .filter(step ->
                        step.pot() == pot && step.deed() instanceof Deed.Did did && did.act() instanceof Act.Off)
                .mapToDouble(Step::seconds)
                .findFirst();
    }

    /**
     * A guess and how thick it was.
     *
     * @param guessed grade, as hot as the pot
     */
    public record Guess(double seconds, int pot, double guessed, double truth) {}

    /** What was thought, beside what was so, in their order. */
    public List<Guess> guesses() {
        return steps.stream()
                .filter(step -> step.deed() instanceof Deed.Guessed)
                .map(step -> new Guess(
                        step.seconds(),
                        step.pot(),
                        ((Deed.Guessed) step.deed()).grade(),
                        pot(step.pot(), step.seconds()).grade()))
                .toList();
    }

    /** How often somebody said how thick it is. */
    public int asked() {
        return (int) steps.stream()
                .filter(step -> step.deed() instanceof Deed.Guessed)
                .count();
    }

    /** How often somebody looked. */
    public long looks() {
        return steps.stream().filter(step -> step.deed() instanceof Deed.Looked).count();
    }

    /**
     * What an instrument shows.
     *
     * @param value a grade, mm, g or °C by the instrument
     * @param look how the spoon looks
     */
    public record Reading(Instrument instrument, double value, SpoonCoat look) {}

    /** What is read off at one of the steps; the same each time it is asked. */
    public Reading reading(int step) {
        Step at = steps.get(step);
        Instrument instrument = ((Deed.Looked) at.deed()).instrument();
        SimulatedPot pot = pot(at.pot(), at.seconds());
        double error = new Random((seed * 7919 + step) * SCATTER).nextGaussian();
        Grade grade = Grade.of(pot.grade() + SPOON_SD * error);
        return switch (instrument) {
            case SPOON -> new Reading(instrument, grade.value(), SpoonCoat.of(grade));
            case PLATE ->
                new Reading(
                        instrument,
                        plate(pot).millimetres() * Math.exp(PLATE_LOG_SD * error),
                        SpoonCoat.of(pot.flowAt(PLATE).grade()));
            case SCALE -> new Reading(instrument, pot.mixture().mass().grams() + SCALE_SD * error, SpoonCoat.of(grade));
            case PROBE -> new Reading(instrument, pot.temperature().degrees() + PROBE_SD * error, SpoonCoat.of(grade));
        };
    }

    private static Length plate(SimulatedPot pot) {
        return PlateSpread.diameter(pot.flowAt(PLATE), ChoiOkos.density(pot.mixture(), PLATE));
    }
}
