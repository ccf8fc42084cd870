package app.gradior.cook;

import app.gradior.cook.CookEvent.Started;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Snapshot;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.MassFlow;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A pot with its sauce as it is believed to be after some event, and how that goes on by itself.
 *
 * @param simmerSeen whether somebody has said that it simmers
 * @param simmersFrom when it simmered, or is thought to
 * @param at the moment of the estimate
 */
record PotState(
        Started started,
        Conditions conditions,
        Evaporation evaporation,
        boolean onHeat,
        boolean simmerSeen,
        Instant simmersFrom,
        Instant at,
        Estimate estimate) {
    /** What measured ingredients are trusted to before the pot is weighed, as a share of their weight. */
    static final double FILLING_LOG_SD = 0.015;

    /** How far the time of heating up may be off, as a share of it, while nobody has said that it simmers. */
    private static final double HEAT_UP_SD_SHARE = 0.4;

    /**
     * The pot as it goes on.
     *
     * @param events all that count, in the order of their times: what says when it simmered may come late
     */
    static PotState of(Started started, List<CookEvent> events) {
        Evaporation evaporation = new Evaporation(started.conditions());
        Mixture mixture = started.mixture();
        Optional<Instant> seen = events.stream()
                .filter(event -> event.kind() == EventKind.SIMMERS)
                .map(CookEvent::at)
                .findFirst();
        Instant simmersFrom = seen.orElseGet(() -> started.at()
                .plus(evaporation.heatUp(mixture, started.temperature()).orElse(BoilDown.HORIZON)));
        Knowledge knowledge = started.knowledge();
        Estimate estimate = new Estimate(
                mixture.cookedAt(evaporation.stoveTemperature(mixture)),
                mixture.mass(Component.WATER).kilograms(),
                Math.log(knowledge.k()),
                Math.log(knowledge.thickness().value()),
                Covariance.ofSds(
                        FILLING_LOG_SD * mixture.mass().kilograms(),
                        knowledge.logSdOfK(),
                        knowledge.logSdOfThickness()));
        return new PotState(
                started,
                started.conditions(),
                evaporation,
                true,
                seen.isPresent(),
                simmersFrom,
                started.at(),
                estimate);
    }

    PotState with(Conditions now) {
        return new PotState(started, now, new Evaporation(now), onHeat, simmerSeen, simmersFrom, at, estimate);
    }

    PotState with(Estimate other) {
        return new PotState(started, conditions, evaporation, onHeat, simmerSeen, simmersFrom, at, other);
    }

    PotState onHeat(boolean on) {
        return new PotState(started, conditions, evaporation, on, simmerSeen, simmersFrom, at, estimate);
    }

    /** With what is believed at a moment; an earlier one turns no clock back. */
    PotState at(Instant moment, Estimate then) {
        return new PotState(
                started,
                conditions,
                evaporation,
                onHeat,
                simmerSeen,
                simmersFrom,
                moment.isAfter(at) ? moment : at,
                then);
    }

    PotState carriedOnTo(Instant moment) {
        return at(moment, estimateAt(moment));
    }

    Celsius stove() {
        return evaporation.stoveTemperature(estimate.mixture());
    }

    boolean simmering(Instant moment) {
        return onHeat && !moment.isBefore(simmersFrom);
    }

    /** The estimate carried on to a moment, by evaporation alone; the present one if that is past. */
    Estimate estimateAt(Instant moment) {
        double seconds = secondsOfSimmerUntil(moment);
        return seconds <= 0
                ? estimate
                : ReadingFilter.predict(startedToSimmer(moment), Optional.of(evaporation), seconds);
    }

    double secondsOfSimmerUntil(Instant moment) {
        Instant from = at.isBefore(simmersFrom) ? simmersFrom : at;
        return onHeat ? Duration.between(from, moment).toNanos() / 1e9 : 0;
    }

    /**
     * The present estimate; if it comes to the simmer on the way to a moment and nobody has said when, with the doubt about
     * what it may have lost by then.
     */
    Estimate startedToSimmer(Instant moment) {
        if (simmerSeen || !onHeat || !at.isBefore(simmersFrom) || !moment.isAfter(simmersFrom)) {
            return estimate;
        }
        double heatUp = Duration.between(started.at(), simmersFrom).toMillis() / 1e3;
        double sd = HEAT_UP_SD_SHARE * heatUp * estimate.k() * estimate.unitLoss(evaporation);
        return estimate.with(estimate.covariance().plusSds(sd, 0, 0));
    }

    /** What is to be expected from a moment on, as it is going now. */
    Forecast forecast(Instant now) {
        Estimate present = estimateAt(now);
        Mixture mixture = present.mixture();
        ThicknessFactor thickness = present.thickness();
        Evaporation.Pace pace = evaporation.pace(mixture, thickness);
        Snapshot current = Snapshot.of(mixture, pace, evaporation, thickness);
        Duration heatingUp = onHeat && simmersFrom.isAfter(now) ? Duration.between(now, simmersFrom) : Duration.ZERO;
        Projection ahead = new Projection(
                present, evaporation, started.target(), started.mixture(), onHeat, heatingUp.toMillis() / 60_000.0);
        return new Forecast(
                now,
                current,
                present.grams(),
                grade(present, current),
                simmering(now)
                        ? new MassFlow(present.k() * pace.loss().kilogramsPerSecond() * mixture.lossPerWater())
                        : new MassFlow(0),
                heatingUp,
                ahead.minutesLeft(),
                ahead.atTarget(),
                new Forecast.Path(ahead::path));
    }

    private Interval grade(Estimate present, Snapshot current) {
        double water = present.water();
        double step = Math.max(1e-6, present.covariance().waterSd());
        double thicker = Thickness.grade(
                        present.mixtureWith(Math.max(water * 0.01, water - step)), current.stove(), present.thickness())
                .value();
        double other = Thickness.grade(
                        present.mixture(),
                        current.stove(),
                        ThicknessFactor.ofLogarithm(
                                present.lnThickness() + present.covariance().lnThicknessSd()))
                .value();
        double middle = current.atStove().value();
        return Interval.normal(middle, Math.hypot(thicker - middle, other - middle));
    }
}
