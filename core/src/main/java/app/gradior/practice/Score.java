package app.gradior.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How well it was done, of 100.
 *
 * @param target for what it came to, of {@value #TARGET}
 * @param yield for how much there is, of {@value #YIELD}
 * @param time of {@value #TIME}
 * @param looks of {@value #LOOKS}
 * @param clean for what did not go wrong, of {@value #CLEAN}
 * @param off how far it is from what was wanted, by pot, in its task's unit
 * @param wrong what went wrong, and how far
 */
public record Score(
        double target,
        double yield,
        double time,
        double looks,
        double clean,
        List<Double> off,
        Map<Mishap, Double> wrong) {
    static final double TARGET = 55;
    static final double YIELD = 10;
    static final double TIME = 10;
    static final double LOOKS = 10;
    static final double CLEAN = 15;

    /** A pass. */
    public static final double PASS = 60;

    private static final double FREE_YIELD = 0.04;
    private static final double HOPELESS_YIELD = 0.30;
    private static final double FREE_TIME = 1.2;
    private static final double FREE_SECONDS = 60;
    private static final double HOPELESS_TIME = 2.4;
    private static final double A_LOOK = 2;
    private static final double ANYWAY = 0.1;
    private static final double FREE_GUESS = 0.25;
    private static final double HOPELESS_GUESS = 1.5;

    public Score {
        off = List.copyOf(off);
        wrong = Map.copyOf(wrong);
    }

    public double points() {
        return target + yield + time + looks + clean;
    }

    public boolean passed() {
        return points() >= PASS;
    }

    /** @throws IllegalArgumentException if it is not over yet */
    public static Score of(Attempt attempt, List<BestWalk> best) {
        if (!attempt.over()) {
            throw new IllegalArgumentException("not over yet");
        }
        if (attempt.exercise().guesses() > 0) {
            return ofGuesses(attempt);
        }
        int pots = attempt.exercise().pots().size();
        double target = 0;
        double yield = 0;
        double time = 0;
        Map<Mishap, Double> wrong = new EnumMap<>(Mishap.class);
        List<Double> off = new ArrayList<>();
        for (int pot = 0; pot < pots; pot++) {
            Exercise.Station station = attempt.exercise().pots().get(pot);
            double end = attempt.ended(pot).orElseThrow();
            SimulatedPot now = attempt.pot(pot, end);
            Task task = station.task();
            off.add(task.off(now));
            target += TARGET * part(Math.abs(off.get(pot)), task.free(), task.hopeless());
            double grams = now.mixture().mass().grams();
            double there = best.get(pot).end().mixture().mass().grams();
            yield += YIELD * part(Math.abs(Math.log(grams / there)), FREE_YIELD, HOPELESS_YIELD);
            double shortest = Math.max(FREE_SECONDS, best.get(pot).end().seconds());
            time += TIME * part(end - FREE_SECONDS, FREE_TIME * shortest, HOPELESS_TIME * shortest);
            for (Mishap mishap : Mishap.values()) {
                double how = wrong(station, now, end, mishap);
                if (how > 0) {
                    wrong.merge(mishap, how, Math::max);
                }
            }
        }
        double lost = wrong.entrySet().stream()
                .mapToDouble(e -> e.getKey().points() * e.getValue())
                .sum();
        double looks = Math.max(
                0,
                LOOKS
                        - A_LOOK
                                * Math.max(
                                        0, attempt.looks() - attempt.exercise().looks()));
        // Who comes nowhere near gets nothing for having been quick, sparing and clean about it.
        double near = target / pots / TARGET;
        double earned = ANYWAY + (1 - ANYWAY) * near;
        return new Score(
                target / pots,
                earned * yield / pots,
                earned * time / pots,
                earned * looks,
                Math.max(0, earned * CLEAN - lost),
                off,
                wrong);
    }

    /** How near the guesses came; one that was not made counts as far off. */
    private static Score ofGuesses(Attempt attempt) {
        List<Double> off = attempt.guesses().stream()
                .map(guess -> guess.guessed() - guess.truth())
                .toList();
        double near = off.stream()
                        .limit(attempt.exercise().guesses())
                        .mapToDouble(error -> part(Math.abs(error), FREE_GUESS, HOPELESS_GUESS))
                        .sum()
                / attempt.exercise().guesses();
        return new Score(TARGET * near, YIELD * near, TIME * near, LOOKS * near, CLEAN * near, off, Map.of());
    }

    private static double wrong(Exercise.Station station, SimulatedPot pot, double end, Mishap mishap) {
        return switch (mishap) {
            case TOO_SALTY ->
                station.saltAtMost()
                        .map(most -> Math.max(0, Math.min(1, (pot.saltShare().value() / most.value() - 1) / 0.3)))
                        .orElse(0.0);
            case TOO_LATE ->
                station.within()
                        .map(time -> Math.max(0, Math.min(1, (end - time.toSeconds()) / 240)))
                        .orElse(0.0);
            default -> pot.wrong(mishap);
        };
    }

    /** All to a bound, nothing from another on, straight between. */
    private static double part(double how, double free, double hopeless) {
        return Math.max(0, Math.min(1, (hopeless - how) / (hopeless - free)));
    }
}
