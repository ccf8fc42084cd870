package app.gradior.practice;

import app.gradior.cook.CarryOver;
import app.gradior.food.Mixture;
import app.gradior.plan.Goal;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;

/** What a pot is to come to. */
public sealed interface Task {
    /** How far a sauce that is taken off now will be from it, in the task's own unit; below 0 where it is not there yet. */
    double off(SimulatedPot pot);

    /** Off by no more than this nobody minds. */
    double free();

    /** Off by this nothing is left of the points. */
    double hopeless();

    /** The temperature at which it is judged. */
    Celsius served(SimulatedPot pot);

    /** A sauce as it will be: steam leaves it as it cools down to where it is judged. */
    default Mixture served(SimulatedPot pot, Celsius at) {
        Mixture now = pot.mixture();
        Mass lost = CarryOver.of(now, pot.temperature(), at);
        return lost.kilograms() == 0 ? now : now.evaporatedTo(now.mass().minus(lost));
    }

    /** As thick as wanted when it is eaten. */
    record Thick(Goal goal) implements Task {
        @Override
        public double off(SimulatedPot pot) {
            ThicknessFactor thickness = pot.setup().truth().thickness();
            return Thickness.grade(served(pot, goal.served()), goal.served(), thickness)
                            .value()
                    - goal.aim().value();
        }

        @Override
        public double free() {
            return 0.12;
        }

        @Override
        public double hopeless() {
            return 0.65;
        }

        @Override
        public Celsius served(SimulatedPot pot) {
            return goal.served();
        }
    }

    /** Boiled down to a part of what went in, by weight, in the pot. */
    record Part(Share left) implements Task {
        @Override
        public double off(SimulatedPot pot) {
            double wanted = left.value() * pot.setup().mixture().mass().kilograms();
            return 1 - pot.mixture().mass().kilograms() / wanted;
        }

        @Override
        public double free() {
            return 0.03;
        }

        @Override
        public double hopeless() {
            return 0.16;
        }

        @Override
        public Celsius served(SimulatedPot pot) {
            return pot.temperature();
        }
    }

    /** As sweet as a syrup that keeps, hot: degrees Brix. */
    record Sweet(Share brix) implements Task {
        @Override
        public double off(SimulatedPot pot) {
            return pot.mixture().brix().percent() - brix.percent();
        }

        @Override
        public double free() {
            return 0.7;
        }

        @Override
        public double hopeless() {
            return 5;
        }

        @Override
        public Celsius served(SimulatedPot pot) {
            return pot.temperature();
        }
    }
}
