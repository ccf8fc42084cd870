package app.gradior.sauce;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.OutOfReach;
import app.gradior.plan.Planner;
import app.gradior.plan.Roux;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sauce as operations in their order, run one after another in one pot.
 *
 * @param operations 1 to {@value #MAX_OPERATIONS}
 */
public record StagedSauce(List<Operation> operations) {
    private static final int MAX_OPERATIONS = 200;

    /** A sauce stops steaming visibly long before it can be finished with butter. */
    private static final double OFF_HEAT_K = 15;

    /** @throws IllegalArgumentException if there are none or too many operations */
    public StagedSauce {
        if (operations.isEmpty() || operations.size() > MAX_OPERATIONS) {
            throw new IllegalArgumentException(
                    "a sauce has 1 to " + MAX_OPERATIONS + " operations but this has " + operations.size());
        }
        operations = List.copyOf(operations);
    }

    /**
     * What came of a stage.
     *
     * @param after what is in the pot then
     * @param temperature how hot it is then
     * @param minutes how long it took, zero where it takes no time of its own
     * @param missed why it could not be done, if it could not: then the sauce is as it was before
     */
    public record Result(
            Operation operation, Mixture after, Celsius temperature, Interval minutes, Optional<OutOfReach> missed) {}

    /** Runs all operations; the state after each is given. */
    public List<Result> run(Conditions conditions, Knowledge knowledge) {
        Run run = new Run(conditions, knowledge);
        List<Result> results = new ArrayList<>();
        for (Operation operation : operations) {
            results.add(run.apply(operation));
        }
        return List.copyOf(results);
    }

    private static final class Run {
        private static final Interval NO_TIME = new Interval(0, 0, 0);

        private final Conditions conditions;
        private final Knowledge knowledge;
        private Mixture mixture = Mixture.EMPTY;
        private Celsius temperature = Celsius.ROOM;

        Run(Conditions conditions, Knowledge knowledge) {
            this.conditions = conditions;
            this.knowledge = knowledge;
        }

        Result apply(Operation operation) {
            if (operation instanceof Operation.Add add) {
                return added(operation, add.mixture());
            }
            if (operation instanceof Operation.Deglaze deglaze) {
                return added(operation, deglaze.liquid());
            }
            if (operation instanceof Operation.Season season) {
                return added(operation, season.mixture());
            }
            if (operation instanceof Operation.Sweat sweat) {
                return dried(operation, sweat.waterLost(), Activity.SIMMER);
            }
            if (operation instanceof Operation.Fry fry) {
                return dried(operation, fry.waterLost(), Activity.ROLLING_BOIL);
            }
            if (operation instanceof Operation.Reduce reduce) {
                return reduced(reduce);
            }
            if (operation instanceof Operation.SimmerFor simmer) {
                return simmered(simmer);
            }
            if (operation instanceof Operation.PourSlurry slurry) {
                return added(operation, slurry.slurry());
            }
            if (operation instanceof Operation.Thicken thicken) {
                return added(operation, Roux.cooked(thicken.foods(), thicken.browning()));
            }
            if (operation instanceof Operation.Blend) {
                mixture = mixture.blended();
                return done(operation, NO_TIME);
            }
            if (operation instanceof Operation.Strain strain) {
                mixture = mixture.strained(strain.solidsHeld(), strain.liquidHeld());
                return done(operation, NO_TIME);
            }
            if (operation instanceof Operation.StrainLeaving leaving) {
                return sieved(leaving);
            }
            if (operation instanceof Operation.FinishOffHeat finish) {
                temperature = temperature.minus(OFF_HEAT_K);
                mixture = mixture.plus(finish.mixture());
                return done(operation, NO_TIME);
            }
            Operation.Cool cool = (Operation.Cool) operation;
            temperature = cool.to().compareTo(temperature) < 0 ? cool.to() : temperature;
            return done(operation, NO_TIME);
        }

        private Result done(Operation operation, Interval minutes) {
            return new Result(operation, mixture, temperature, minutes, Optional.empty());
        }

        /** What goes into a hot pot is as hot soon after. */
        private Result added(Operation operation, Mixture more) {
            mixture = mixture.plus(more).cookedAt(temperature);
            return done(operation, NO_TIME);
        }

        private Result dried(Operation operation, Share waterLost, Activity activity) {
            if (mixture.isEmpty()) {
                return done(operation, NO_TIME);
            }
            Mass water = mixture.mass(Component.WATER).times(waterLost.rest().value());
            BoilDown boil = boil(activity);
            Optional<BoilDown.Moment> moment =
                    boil.until(m -> m.mass(Component.WATER).kilograms() - water.kilograms());
            if (moment.isEmpty()) {
                return new Result(operation, mixture, temperature, NO_TIME, Optional.of(new OutOfReach.TooSlow()));
            }
            // Softened, not yet fallen apart: the texture is that of before.
            mixture = mixture.evaporatedTo(waterLost.rest());
            temperature = boil.evaporation().stoveTemperature(mixture);
            return done(operation, time(moment.get().after().toMillis() / 60_000.0));
        }

        private Result reduced(Operation.Reduce reduce) {
            if (mixture.isEmpty()) {
                return done(reduce, NO_TIME);
            }
            Planner.Outcome outcome =
                    new Planner(mixture, said(reduce.activity(), reduce.lid()), knowledge).reduceTo(reduce.target());
            if (outcome instanceof Planner.Outcome.Missed missed) {
                return new Result(reduce, mixture, temperature, NO_TIME, Optional.of(missed.why()));
            }
            var plan = ((Planner.Outcome.Reached) outcome).plan();
            mixture = plan.at().mixture();
            temperature = plan.at().stove();
            return done(reduce, plan.minutes());
        }

        private Result sieved(Operation.StrainLeaving leaving) {
            Sieve sieve = Sieve.leaving(mixture, leaving.left());
            mixture = mixture.strained(sieve.solidsHeld(), sieve.liquidHeld());
            return done(leaving, NO_TIME);
        }

        private Result simmered(Operation.SimmerFor simmer) {
            if (mixture.isEmpty()) {
                return done(simmer, NO_TIME);
            }
            BoilDown boil = new BoilDown(
                    mixture,
                    new Evaporation(said(simmer.activity(), simmer.lid())),
                    knowledge.thickness(),
                    knowledge.k());
            mixture = boil.after(simmer.time());
            temperature = boil.evaporation().stoveTemperature(mixture);
            double minutes = simmer.time().toMillis() / 60_000.0;
            return done(simmer, new Interval(minutes, minutes, minutes));
        }

        /** The conditions, with what a step says of them itself. */
        private Conditions said(Optional<Activity> activity, Optional<Lid> lid) {
            return conditions.with(activity.orElse(conditions.activity())).with(lid.orElse(conditions.lid()));
        }

        private BoilDown boil(Activity activity) {
            return new BoilDown(
                    mixture, new Evaporation(conditions.with(activity)), knowledge.thickness(), knowledge.k());
        }

        private Interval time(double minutes) {
            return Interval.logNormal(minutes, knowledge.logSdOfK());
        }
    }
}
