package app.gradior.cook;

import app.gradior.food.Mixture;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** The walk from what is believed now to the target, with its doubt. */
final class Projection {
    private static final int PATH_POINTS = 24;

    private final Estimate present;
    private final Evaporation evaporation;
    private final Target target;
    private final Mixture start;
    private final boolean onHeat;
    private final double heatingUpMinutes;
    private final BoilDown boil;
    private final Optional<BoilDown.Moment> moment;

    Projection(
            Estimate present,
            Evaporation evaporation,
            Target target,
            Mixture start,
            boolean onHeat,
            double heatingUpMinutes) {
        this.present = present;
        this.evaporation = evaporation;
        this.target = target;
        this.start = start;
        this.onHeat = onHeat;
        this.heatingUpMinutes = heatingUpMinutes;
        this.boil = boil(present.thickness());
        this.moment = onHeat || reachedAlready() ? boil.until(shortfall(boil)) : Optional.empty();
    }

    private boolean reachedAlready() {
        return shortfall(boil).applyAsDouble(boil.start()) <= 0;
    }

    private BoilDown boil(ThicknessFactor thickness) {
        return new BoilDown(present.mixture(), evaporation, thickness, present.k());
    }

    private ToDoubleFunction<Mixture> shortfall(BoilDown to) {
        return target.shortfall(start, to.evaporation(), to.thickness());
    }

    Optional<Interval> minutesLeft() {
        return moment.map(m -> {
            double minutes = m.after().toMillis() / 60_000.0;
            return Interval.logNormal(minutes, Math.min(1, logSd(minutes))).plus(heatingUpMinutes);
        });
    }

    Optional<Snapshot> atTarget() {
        return moment.map(m -> Snapshot.of(m.mixture(), evaporation, present.thickness()));
    }

    /**
     * Spread of the logarithm of the time left. In ln t = ln τ(W, θ) − ln k, with τ the time at k = 1, the derivatives
     * are 1/(τ·u(W)), −1 and ∂ln τ/∂ln θ; the walk of ln k on the way adds a third of its variance at the end.
     */
    private double logSd(double minutes) {
        if (minutes <= 0) {
            return 0;
        }
        double unitSeconds = minutes * 60 * present.k();
        Evaporation.Pace pace = evaporation.pace(present.mixture(), present.thickness());
        double loss = pace.loss().kilogramsPerSecond();
        double byWater = loss == 0 ? 0 : 1 / (unitSeconds * loss);
        double byThickness = target.isThickness() ? byThickness(minutes) : -slowedOnTheWay(pace);
        double variance = present.covariance().variance(new Covariance.Gradient(byWater, -1, byThickness));
        return Math.sqrt(variance + ReadingFilter.LN_K_WALK_VARIANCE_PER_S * minutes * 60 / 3);
    }

    /** How the loss answers to thickness on the way to the target: the mean of its two ends. */
    private double slowedOnTheWay(Evaporation.Pace now) {
        double then = moment.map(
                        m -> evaporation.pace(m.mixture(), present.thickness()).perLnThickness())
                .orElse(now.perLnThickness());
        return (now.perLnThickness() + then) / 2;
    }

    private double byThickness(double minutes) {
        double step = 0.05;
        double ln = present.lnThickness();
        BoilDown thicker = boil(ThicknessFactor.ofLogarithm(ln + step));
        return thicker.until(shortfall(thicker))
                .map(m -> Math.log(Math.max(0.01, m.after().toMillis() / 60_000.0) / minutes) / step)
                .orElse(0.0);
    }

    /**
     * Weight ahead, to a fifth past the target, or an hour where there is none. W' = −k·u(W, θ) has the sensitivities
     * ∂W/∂W₀ = u(W)/u(W₀), ∂W/∂ln k = −k·u(W)·t and ∂W/∂ln θ = −k·u(W)·∫∂ln u/∂ln θ dt.
     */
    List<Forecast.PathPoint> path() {
        double span = moment.map(m -> m.after().toMillis() / 60_000.0 * 1.2 + 1).orElse(60.0);
        double max = BoilDown.HORIZON.toMinutes();
        double minutes = Math.min(max, span);
        Duration end = Duration.ofMillis(Math.round(minutes * 60_000));
        List<BoilDown.Sample> samples = onHeat ? boil.samples(end, PATH_POINTS) : List.of();
        List<Forecast.PathPoint> path = new ArrayList<>();
        double slowed = 0;
        for (int i = 0; i < samples.size(); i++) {
            BoilDown.Sample sample = samples.get(i);
            if (i > 0) {
                BoilDown.Sample before = samples.get(i - 1);
                slowed +=
                        (sample.seconds() - before.seconds()) * (sample.perLnThickness() + before.perLnThickness()) / 2;
            }
            double first = samples.get(0).loss().kilogramsPerSecond();
            double loss = sample.loss().kilogramsPerSecond();
            double seconds = sample.seconds();
            double variance = present.covariance()
                    .variance(new Covariance.Gradient(first == 0 ? 1 : loss / first, -loss * seconds, -loss * slowed));
            double walked = loss * loss * seconds * seconds * ReadingFilter.LN_K_WALK_VARIANCE_PER_S * seconds / 3;
            double sd = 1000 * Math.sqrt(Math.max(0, variance + walked));
            path.add(new Forecast.PathPoint(
                    seconds / 60 + heatingUpMinutes,
                    Interval.normal(sample.mixture().mass().grams(), sd),
                    Thickness.grade(
                                    sample.mixture(),
                                    evaporation.stoveTemperature(sample.mixture()),
                                    present.thickness())
                            .value()));
        }
        return path;
    }
}
