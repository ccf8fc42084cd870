package app.gradior.practice;

import app.gradior.food.StarchKind;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Attempt.Step;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * How somebody would do it who knows the truth of the pot: brought up fast, boiled as hard as it bears, stirred in time,
 * taken off at the moment.
 *
 * @param pan the pan it is done in
 * @param steps what is done when
 * @param end the pot just taken off
 */
public record BestWalk(int pan, List<Step> steps, SimulatedPot end) {
    /** Seconds between two looks of one who sees all. */
    private static final double EVERY = 4;

    /** It is stirred at this part of the time in which it would begin to catch. */
    private static final double IN_TIME = 0.6;

    /** How near the limit of salt one goes. */
    private static final double SALT = 0.97;

    private static final double THIRD_S = 20;
    private static final double NEAR_AND_CLEAN = -12;
    private static final int HALVINGS = 24;
    private static final double MOST_WATER_KG = 2;
    private static final double MOST_POWDER = 0.12;
    private static final int[] DIALS = {9, 7, 5, 3};

    public BestWalk {
        steps = List.copyOf(steps);
    }

    /** The best of all pans and steps of the ring, for one of the pots. */
    public static BestWalk of(Exercise exercise, int pot, Truth truth) {
        Exercise.Station station = exercise.pots().get(pot);
        BestWalk best = null;
        double most = Double.NEGATIVE_INFINITY;
        double longest = Attempt.LONGEST_S;
        for (int pan = 0; pan < station.pans().size(); pan++) {
            for (int dial : DIALS) {
                BestWalk walk = new Walk(exercise, pot, station.begin(pan, truth), dial, longest).walked(pan);
                double worth = walk.worth(station);
                if (worth > most) {
                    best = walk;
                    most = worth;
                    // A gentler one that takes so much longer than one that is clean and near is not the best.
                    longest = worth > NEAR_AND_CLEAN ? 2 * walk.end().seconds() + 300 : longest;
                }
            }
        }
        return best;
    }

    /** Near and clean first, then soon. */
    private double worth(Exercise.Station station) {
        double off =
                Math.max(0, Math.abs(station.task().off(end)) - station.task().free())
                        / station.task().hopeless();
        double wrong = 0;
        for (Mishap mishap : Mishap.values()) {
            wrong += mishap.points() * end.wrong(mishap);
        }
        double late = station.within()
                .map(time -> Math.max(0, end.seconds() - time.toSeconds()) / 10)
                .orElse(0.0);
        return -100 * off - 2 * wrong - late - end.seconds() / 600;
    }

    /** One way through it. */
    private static final class Walk {
        private final int pot;
        private final Exercise.Station station;
        private final Optional<StarchKind> starch;
        private final int dial;
        private final List<Step> steps = new ArrayList<>();
        private final double longest;
        private SimulatedPot now;

        Walk(Exercise exercise, int pot, SimulatedPot begun, int dial, double longest) {
            this.pot = pot;
            this.station = exercise.pots().get(pot);
            this.starch = exercise.starch();
            this.dial = dial;
            this.longest = longest;
            this.now = begun;
        }

        BestWalk walked(int pan) {
            if (off() > station.task().free()) {
                thinned();
            } else {
                broughtUp();
                boiledDown();
                if (starch.isPresent() && off() < 0) {
                    thickened();
                }
            }
            act(new Act.Off());
            return new BestWalk(pan, steps, now);
        }

        private double off() {
            return station.task().off(now);
        }

        private void act(Act act) {
            steps.add(new Step(now.seconds(), pot, new Deed.Did(act)));
            now = now.after(act);
        }

        private void pause(double seconds) {
            now = now.at(now.seconds() + seconds);
            if (now.activity().isPresent() && now.sinceStirred() > IN_TIME * now.stirEvery()) {
                act(new Act.Stir());
            }
        }

        private void broughtUp() {
            act(new Act.Heat(SimulatedPot.MAX_DIAL));
            while (!now.activity().equals(SimulatedPot.activityOf(dial)) && now.seconds() < longest) {
                if (now.activity().isPresent()
                        && now.activity()
                                        .get()
                                        .compareTo(SimulatedPot.activityOf(dial).orElseThrow())
                                >= 0) {
                    break;
                }
                pause(EVERY);
            }
            act(new Act.Heat(dial));
        }

        private boolean saltyEnough() {
            return station.saltAtMost()
                    .filter(most -> now.saltShare().value() >= SALT * most.value())
                    .isPresent();
        }

        private void boiledDown() {
            boolean reduces = starch.isEmpty() || station.saltAtMost().isPresent();
            while (reduces && off() < 0 && !saltyEnough() && now.seconds() < longest) {
                pause(EVERY);
            }
        }

        /** As much powder as brings it there, in thirds, cooked out. */
        private void thickened() {
            StarchKind kind = starch.orElseThrow();
            double most = MOST_POWDER * now.mixture().mass().kilograms();
            double kilograms = root(most, kg -> station.task().off(cookedOut(poured(now, kind, kg), kind)));
            for (int third = 0; third < 3; third++) {
                act(new Act.Slurry(kind, Mass.ofKilograms(kilograms / 3)));
                act(new Act.Stir());
                pause(THIRD_S);
            }
            double until = now.seconds() + 60.0 * kind.cookOutMinutes() + EVERY;
            while (now.seconds() < until) {
                pause(EVERY);
            }
        }

        private static SimulatedPot poured(SimulatedPot pot, StarchKind kind, double kilograms) {
            SimulatedPot then = pot;
            for (int third = 0; third < 3; third++) {
                then = then.after(new Act.Slurry(kind, Mass.ofKilograms(kilograms / 3)))
                        .after(new Act.Stir());
                then = then.at(then.seconds() + THIRD_S);
            }
            return then;
        }

        private static SimulatedPot cookedOut(SimulatedPot pot, StarchKind kind) {
            return pot.at(pot.seconds() + 60.0 * kind.cookOutMinutes() + EVERY);
        }

        /** As much water as brings it back. */
        private void thinned() {
            double kilograms =
                    root(MOST_WATER_KG, kg -> -station.task().off(now.after(new Act.Water(Mass.ofKilograms(kg)))));
            act(new Act.Water(Mass.ofKilograms(kilograms)));
            act(new Act.Stir());
            if (now.wrong(Mishap.SPLIT) > 0) {
                act(new Act.Blend());
            }
        }

        /** Where something that rises comes to zero. */
        private static double root(double most, DoubleFunction<Double> rising) {
            double low = 0;
            double high = most;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                if (rising.apply(middle) < 0) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return (low + high) / 2;
        }
    }
}
