package app.gradior.practice;

import app.gradior.food.StarchKind;
import app.gradior.pot.Activity;
import app.gradior.practice.Attempt.Deed;
import app.gradior.practice.Attempt.Step;
import app.gradior.thickness.SpoonCoat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;

/** People at a practice pot: one who knows the truth, one who goes by the clock alone, one who does what the lesson says. */
final class Players {
    private static final Map<Exercise, List<BestWalk>> AS_THOUGHT = new ConcurrentHashMap<>();

    private Players() {}

    static List<BestWalk> best(Exercise exercise, long seed) {
        return IntStream.range(0, exercise.pots().size())
                .mapToObj(pot -> BestWalk.of(exercise, pot, truth(seed, pot)))
                .toList();
    }

    private static Truth truth(long seed, int pot) {
        return Truth.of(seed * Exercise.MAX_POTS + pot);
    }

    private static Attempt attempt(Exercise exercise, List<Integer> pans, long seed, List<Step> steps) {
        List<Step> sorted = new ArrayList<>(steps);
        sorted.sort(Comparator.comparingDouble(Step::seconds));
        return new Attempt(exercise, pans, seed, sorted);
    }

    /** Knows the truth. */
    static Attempt perfect(Exercise exercise, List<BestWalk> walks, long seed) {
        return attempt(
                exercise,
                walks.stream().map(BestWalk::pan).toList(),
                seed,
                walks.stream().flatMap(walk -> walk.steps().stream()).toList());
    }

    /** Does what would be right if every pot were as the model has it, and never looks. */
    static Attempt byTheClock(Exercise exercise, long seed) {
        List<BestWalk> walks = AS_THOUGHT.computeIfAbsent(
                exercise,
                e -> IntStream.range(0, e.pots().size())
                        .mapToObj(pot -> BestWalk.of(e, pot, Truth.AS_THOUGHT))
                        .toList());
        return attempt(
                exercise,
                walks.stream().map(BestWalk::pan).toList(),
                seed,
                walks.stream().flatMap(walk -> walk.steps().stream()).toList());
    }

    /** Looks and does as the lesson says. */
    static Attempt advised(Exercise exercise, Advice advice, long seed) {
        List<Integer> pans =
                exercise.pots().stream().map(station -> advice.pan()).toList();
        Attempt all = Attempt.of(exercise, pans, seed);
        for (int pot = 0; pot < exercise.pots().size(); pot++) {
            all = new Advised(all, pot, advice).played();
        }
        return attempt(exercise, pans, seed, all.steps());
    }

    private static final class Advised {
        private static final double LONGEST = 7200;
        private Attempt attempt;
        private final int pot;
        private final Advice advice;
        private double at;
        private SimulatedPot now;
        private double nextLook;

        Advised(Attempt attempt, int pot, Advice advice) {
            this.attempt = attempt;
            this.pot = pot;
            this.advice = advice;
            this.now = attempt.begun(pot);
        }

        private void deed(Deed deed) {
            attempt = attempt.with(new Step(at, pot, deed));
        }

        private void act(Act act) {
            deed(new Deed.Did(act));
            now = now.at(at).after(act);
        }

        private SimulatedPot now() {
            now = now.at(at);
            return now;
        }

        private Attempt.Reading look(Instrument instrument) {
            deed(new Deed.Looked(instrument));
            return attempt.reading(attempt.steps().size() - 1);
        }

        Attempt played() {
            if (advice.dial() > 0) {
                act(new Act.Heat(9));
                while (now().activity().filter(a -> a.compareTo(wanted()) >= 0).isEmpty() && at < LONGEST) {
                    at += 10;
                }
                act(new Act.Heat(advice.dial()));
            }
            if (advice.sign() instanceof Advice.Sign.Slurry slurry) {
                portions(new Act.Slurry(attempt.exercise().starch().orElseThrow(), slurry.portion()), slurry.look());
                double until = at
                        + 60.0
                                * attempt.exercise()
                                        .starch()
                                        .map(StarchKind::cookOutMinutes)
                                        .orElse(0)
                        + 10;
                while (at < until) {
                    pause(20);
                }
            } else if (advice.sign() instanceof Advice.Sign.Water water) {
                portions(new Act.Water(water.portion()), water.look());
            } else {
                double from = now().levelMillimetres();
                while (!shows(from) && at < LONGEST) {
                    pause(20);
                }
            }
            act(new Act.Off());
            return attempt;
        }

        private Activity wanted() {
            return SimulatedPot.activityOf(advice.dial()).orElseThrow();
        }

        private void pause(double seconds) {
            at += seconds;
            if (now().sinceStirred() >= advice.stirEvery()) {
                act(new Act.Stir());
            }
        }

        private void portions(Act portion, SpoonCoat look) {
            boolean thins = portion instanceof Act.Water;
            for (int i = 0; i < 30; i++) {
                SpoonCoat seen = look(Instrument.SPOON).look();
                if (thins ? seen.compareTo(look) <= 0 : seen.compareTo(look) >= 0) {
                    return;
                }
                act(portion);
                act(new Act.Stir());
                at += 30;
            }
        }

        /** One does not look each time, but more often the nearer it comes: by the bubbles. */
        private boolean shows(double level) {
            SimulatedPot now = now();
            if (advice.sign() instanceof Advice.Sign.Level sign) {
                return now.levelMillimetres() <= sign.part() * level;
            }
            if (at < nextLook) {
                return false;
            }
            double grade = now.grade();
            double close = advice.sign() instanceof Advice.Sign.Spoon spoon
                    ? spoon.look().from()
                    : 4;
            nextLook = at + (grade < close - 1 ? 60 : 30);
            if (grade < close - 1.5 && !(advice.sign() instanceof Advice.Sign.Hot)) {
                return false;
            }
            if (advice.sign() instanceof Advice.Sign.Spoon spoon) {
                return look(Instrument.SPOON).look().compareTo(spoon.look()) >= 0;
            }
            if (advice.sign() instanceof Advice.Sign.Plate plate) {
                return look(Instrument.PLATE).value() <= plate.diameter().millimetres();
            }
            return look(Instrument.PROBE).value() >= ((Advice.Sign.Hot) advice.sign()).degrees();
        }
    }
}
