package app.gradior.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Plans a reduction: the one place where a sauce, a way of cooking it and a target become minutes and a yield.
 *
 * @param knowledge what is known of this pot and this sauce
 */
public record Planner(Mixture sauce, Conditions conditions, Knowledge knowledge) {
    /** The share of water at which a sauce counts as dry for asking how thick it could get. */
    private static final Share NEARLY_DRY = Share.of(0.02);

    /** @throws IllegalArgumentException if there is no sauce to plan */
    public Planner {
        if (sauce.isEmpty()) {
            throw new IllegalArgumentException("there is nothing in the pot to plan with");
        }
    }

    /** What a plan comes to: a plan, or why there is none. */
    public sealed interface Outcome {
        record Reached(Plan plan) implements Outcome {}

        record Missed(OutOfReach why) implements Outcome {}
    }

    /** The way to a target by reducing alone. */
    public Outcome reduceTo(Target target) {
        Evaporation evaporation = new Evaporation(conditions);
        BoilDown boil = boilDown(evaporation, knowledge.thickness());
        Optional<OutOfReach> before = missedBefore(target, boil);
        if (before.isPresent()) {
            return new Outcome.Missed(before.get());
        }
        Optional<BoilDown.Moment> moment = boil.until(shortfall(target, boil));
        if (moment.isEmpty()) {
            return new Outcome.Missed(missedAfter(target, boil));
        }
        return new Outcome.Reached(plan(target, boil, moment.get()));
    }

    private BoilDown boilDown(Evaporation evaporation, ThicknessFactor thickness) {
        return new BoilDown(sauce, evaporation, thickness, knowledge.k());
    }

    private static ToDoubleFunction<Mixture> shortfall(Target target, BoilDown boil) {
        return target.shortfall(boil.start(), boil.evaporation(), boil.thickness());
    }

    private Plan plan(Target target, BoilDown boil, BoilDown.Moment moment) {
        ThicknessFactor thickness = knowledge.thickness();
        Evaporation evaporation = boil.evaporation();
        Snapshot from = Snapshot.of(boil.start(), evaporation, thickness);
        Snapshot at = Snapshot.of(moment.mixture(), evaporation, thickness);
        boolean limited = evaporation.pace(boil.start(), thickness).limitedByPower();
        return new Plan(
                target,
                conditions,
                Snapshot.of(sauce, evaporation, thickness),
                from,
                at,
                evaporation.heatUp(sauce, Celsius.ROOM),
                minutes(target, moment, evaporation),
                yieldGrams(target, moment, evaporation),
                Caution.of(from, at, conditions, limited));
    }

    /**
     * The minutes as a log-normal range: the spread of k, and for a thickness target what the spread of the sauce's own
     * thickness makes of the time.
     */
    private Interval minutes(Target target, BoilDown.Moment moment, Evaporation evaporation) {
        double minutes = minutes(moment.after());
        double sd = knowledge.logSdOfK();
        if (target.isThickness() && minutes > 0) {
            double shorter =
                    Math.max(minutes * 0.1, minutesWith(target, evaporation, +1).orElse(minutes));
            double longer = minutesWith(target, evaporation, -1).orElse(minutes * 3);
            sd = Math.hypot(sd, Math.log(Math.max(longer, shorter) / shorter) / 2);
        }
        return Interval.logNormal(minutes, sd);
    }

    private Interval yieldGrams(Target target, BoilDown.Moment moment, Evaporation evaporation) {
        double grams = moment.mixture().mass().grams();
        if (!target.isThickness()) {
            return new Interval(grams, grams, grams);
        }
        double start = sauce.mass().grams();
        double max = Math.max(
                grams, massWith(target, evaporation, +1).map(Mass::grams).orElse(start));
        double min = Math.min(
                grams,
                massWith(target, evaporation, -1)
                        .map(Mass::grams)
                        .orElse(sauce.dry().grams()));
        return new Interval(
                Math.max(0, grams - Interval.Z_80 * (grams - min)),
                grams,
                Math.min(start, grams + Interval.Z_80 * (max - grams)));
    }

    private Optional<Double> minutesWith(Target target, Evaporation evaporation, int sds) {
        return momentWith(target, evaporation, sds).map(m -> minutes(m.after()));
    }

    private Optional<Mass> massWith(Target target, Evaporation evaporation, int sds) {
        return momentWith(target, evaporation, sds).map(m -> m.mixture().mass());
    }

    /** The moment if the sauce were thicker or thinner than thought by so many standard deviations. */
    private Optional<BoilDown.Moment> momentWith(Target target, Evaporation evaporation, int sds) {
        double ln = Math.log(knowledge.thickness().value()) + sds * knowledge.logSdOfThickness();
        BoilDown boil = boilDown(evaporation, ThicknessFactor.ofLogarithm(ln));
        return boil.until(shortfall(target, boil));
    }

    private static double minutes(Duration duration) {
        return duration.toMillis() / 60_000.0;
    }

    private Optional<OutOfReach> missedBefore(Target target, BoilDown boil) {
        double missing = shortfall(target, boil).applyAsDouble(boil.start());
        if (target instanceof Target.Weight weight
                && weight.mass().compareTo(boil.start().dry()) < 0) {
            return Optional.of(new OutOfReach.LessThanIsDry(boil.start().dry()));
        }
        if (missing >= -1e-9) {
            return Optional.empty();
        }
        Optional<Double> times = target.timesOf(boil.start());
        if (times.isPresent()) {
            return Optional.of(new OutOfReach.MoreThanThereIs(
                    boil.start().mass(), ChoiOkos.volume(boil.start(), Celsius.ROOM), times.get()));
        }
        return Optional.of(new OutOfReach.ThickerAlready(grade(target, boil.start()), waterBack(target, boil)));
    }

    private Grade grade(Target target, Mixture mixture) {
        return Thickness.grade(mixture, judgedAt(target, mixture), knowledge.thickness());
    }

    private Celsius judgedAt(Target target, Mixture mixture) {
        if (target instanceof Target.AtStoveGrade) {
            return new Evaporation(conditions).stoveTemperature(mixture);
        }
        return target.gradeServed().map(Target.AtGrade::served).orElse(Celsius.SERVED_WARM);
    }

    private Optional<Mass> waterBack(Target target, BoilDown boil) {
        return target.gradeServed()
                .flatMap(wanted -> ThinBack.water(boil.start(), wanted.grade(), wanted.served(), knowledge.thickness()))
                .map(ThinBack::liquid);
    }

    private OutOfReach missedAfter(Target target, BoilDown boil) {
        Mixture dry = boil.at(NEARLY_DRY);
        boolean thickEnoughDry = shortfall(target, boil).applyAsDouble(dry) <= 0;
        if (thickEnoughDry) {
            return new OutOfReach.TooSlow();
        }
        return target.isThickness()
                ? new OutOfReach.NeverSoThick(grade(target, dry), dry.mass())
                : new OutOfReach.LessThanIsDry(boil.start().dry());
    }
}
