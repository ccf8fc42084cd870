package app.gradior.learning;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Planner;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Use;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.thickness.PlateSpread;
import app.gradior.thickness.Rheology;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.Thickness;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * What the readings of a finished batch say beyond the model, without anything that was learnt before it: of its pot, of its
 * thickness. Stored as it is, and fitted with all others as often as is wanted.
 *
 * @param pace what its weights say of ln k; empty if nothing
 * @param seen what its looks and plates say of thickness
 * @param finalGrade the model's grade as it is eaten, without what was learnt of its thickness
 * @param structure the part of its thickness at the table that a factor of its own acts on, 0 to 1
 * @param thickeners what thickens it, of what was put on: as a plan of its sauce can tell it too
 * @param left what was left of it against what was to be; empty where no thickness decided that, or it was not weighed
 */
public record BatchEvidence(
        Optional<Pace> pace,
        List<Seen> seen,
        double finalGrade,
        double structure,
        Thickeners thickeners,
        Optional<Left> left) {
    /**
     * What weights say of ln k.
     *
     * @param logSd of it, over 0
     * @param z how far that is from what was forecast as it began, in the standard deviations claimed
     */
    public record Pace(double lnK, double logSd, double z) {}

    /**
     * What a look or a plate says.
     *
     * @param y grades beyond the model
     * @param v variance of that, over 0
     * @param z as of {@link Pace}
     */
    public record Seen(ThicknessKnowledge.Kind kind, double y, double v, double z) {}

    /**
     * What was to be left once it is thick enough.
     *
     * @param grams with the range that was given
     * @param z how far what was left is from that, in the standard deviations claimed: over 0 more was left
     */
    public record Left(Interval grams, double z) {}

    private static final double SCALE_SD_G = 3;
    private static final double YIELD_SD_G = 5;
    private static final double JUG_SD_SHARE = 0.04;
    private static final double DIP_SD_MM = 2;
    private static final double SHAPE_VARIANCE = 0.03 * 0.03;

    /** What went in may be off by so much where it was not weighed. */
    private static final double FILLING_SD_SHARE = 0.02;

    /** A weight this soon after it was put on weighs the filling. */
    private static final Duration AT_THE_START = Duration.ofMinutes(3);

    /** Less of its water left, and the weight says how much there was, not how fast it went. */
    private static final double LEAST_WATER_LEFT = 0.02;

    private static final double WIDEST_LN_K = 2.4;

    /** Mostly it lies this near to what the cook believes. */
    private static final double NEAR = 0.25;

    private static final double SLOPE_STEP = 0.02;
    private static final int MAX_EVALUATIONS = 40;

    private static final double LOOK_VARIANCE = 0.35 * 0.35;
    private static final double PLATE_VARIANCE = 0.25 * 0.25;
    private static final double READER_VARIANCE = 0.35 * 0.35;
    private static final double OPEN_BAND = 1.2;
    private static final double LEAST_STRUCTURE = 0.2;
    private static final double MOSTLY_SYRUP = 0.5;
    private static final Celsius COLD = Celsius.of(10);

    /** A look at the end within this of one before it is the same look. */
    private static final Duration SAME_LOOK = Duration.ofMinutes(2);

    /** One step of a verdict in grades. */
    private static final double STEP = 0.8;

    private static final double VERDICT_VARIANCE = 0.40 * 0.40 + STEP * STEP / 12;

    /**
     * What a finished cook says.
     *
     * @param served how warm it is eaten
     * @throws IllegalArgumentException if it is not finished
     */
    public static BatchEvidence of(Cook cook, Celsius served) {
        CookEvent.Finished finished =
                cook.finished().orElseThrow(() -> new IllegalArgumentException("a cook under way is no batch yet"));
        Mixture last = cook.sauceAt(finished.at()).mixture();
        Rheology flow = Thickness.of(last, served);
        return new BatchEvidence(
                pace(cook, finished),
                seen(cook, finished),
                flow.grade().value(),
                structure(flow),
                Thickeners.of(cook.started().mixture(), served.compareTo(COLD) < 0),
                left(cook.started(), finished));
    }

    private static Optional<Left> left(CookEvent.Started started, CookEvent.Finished finished) {
        if (!started.target().isThickness() || finished.yield().isEmpty()) {
            return Optional.empty();
        }
        Knowledge began = started.knowledge();
        if (!(new Planner(started.mixture(), started.conditions(), began).reduceTo(started.target())
                instanceof Planner.Outcome.Reached reached)) {
            return Optional.empty();
        }
        Interval grams = reached.plan().yieldGrams();
        double claimed = (grams.high() - grams.low())
                / (2 * Interval.Z_80)
                / began.widened().ofThickness();
        double filling = FILLING_SD_SHARE * grams.middle();
        double sd = Math.sqrt(claimed * claimed + filling * filling + YIELD_SD_G * YIELD_SD_G);
        return Optional.of(new Left(grams, (finished.yield().get().grams() - grams.middle()) / sd));
    }

    /** What a verdict in steps, from −2 (much too thin) to 2 (much too thick), says; empty where nothing can be said. */
    public static Optional<ThicknessKnowledge.Reading> verdict(
            Object person, Use use, int step, double finalGrade, double structure) {
        double centre = use.aim().value();
        return acting(STEP * step - (finalGrade - centre), VERDICT_VARIANCE, structure)
                .map(row ->
                        new ThicknessKnowledge.Reading(ThicknessKnowledge.Kind.VERDICT, person, use, row[0], row[1]));
    }

    private static double structure(Rheology flow) {
        return 1 - flow.serum().pascalSeconds() / flow.apparent().pascalSeconds();
    }

    /** The factor acts on what is beyond the serum: a syrup shows little of it. */
    private static Optional<double[]> acting(double y, double v, double structure) {
        if (structure < LEAST_STRUCTURE) {
            return Optional.empty();
        }
        double part = structure < MOSTLY_SYRUP ? structure : 1;
        return Optional.of(new double[] {y / part, v / (part * part)});
    }

    /** The cook as it would have gone at some k, if nobody had read anything. */
    private record Unread(CookEvent.Started started, Mixture filling, List<CookEvent> events) {
        static Unread of(Cook cook, Mixture filling) {
            List<CookEvent> events = new ArrayList<>();
            for (CookEvent event : cook.events()) {
                boolean reads = event instanceof CookEvent.Reading
                        || event.kind() == EventKind.FINISHED
                        || event.kind() == EventKind.CONFIRMED
                        || event.kind() == EventKind.UNDONE;
                if (!reads) {
                    events.add(event);
                }
            }
            return new Unread(cook.started(), filling, events);
        }

        Snapshot at(Instant moment, double lnK) {
            Knowledge thickness = started.knowledge();
            List<CookEvent> until = new ArrayList<>();
            until.add(new CookEvent.Started(
                    started.id(),
                    started.at(),
                    filling,
                    started.temperature(),
                    started.conditions(),
                    started.target(),
                    new Knowledge(Math.exp(lnK), 0.01, thickness.thickness(), 0.01)));
            // What says when it simmered counts whenever it was said.
            events.stream()
                    .filter(e -> !e.at().isAfter(moment) || e.kind() == EventKind.SIMMERS)
                    .forEach(until::add);
            return Cook.of(until).sauceAt(moment);
        }
    }

    /** A weight, a depth or a volume as the model shows it, with what it may be off by in grams of sauce. */
    private record Shown(
            Instant at, double measured, ToDoubleFunction<Snapshot> model, ToDoubleFunction<Snapshot> sdGrams) {}

    private static Optional<Pace> pace(Cook cook, CookEvent.Finished finished) {
        List<Shown> shown = shown(cook, finished);
        CookEvent.Started started = cook.started();
        Optional<CookEvent.Weighed> atTheStart = cook.events().stream()
                .filter(CookEvent.Weighed.class::isInstance)
                .map(CookEvent.Weighed.class::cast)
                .filter(w -> Duration.between(started.at(), w.at()).compareTo(AT_THE_START) < 0)
                .findFirst();
        Mixture filling =
                atTheStart.map(w -> weighedTo(started.mixture(), w.net())).orElse(started.mixture());
        Unread unread = Unread.of(cook, filling);
        List<PaceEvidence.Said> said = new ArrayList<>();
        double near = Math.log(cook.k().middle());
        double slope = 0;
        for (Shown one : shown) {
            double reached = said(one, unread, near, said);
            slope = Double.isNaN(reached) ? slope : reached;
        }
        double off = atTheStart.isPresent() || slope == 0
                ? 0
                : FILLING_SD_SHARE * filling.mass().grams() / slope;
        Knowledge began = started.knowledge();
        return PaceEvidence.of(said, off * off).map(evidence -> {
            double claimed = began.claimedLogSdOfK();
            return new Pace(
                    evidence.lnK(),
                    Math.sqrt(evidence.variance()),
                    (evidence.lnK() - Math.log(began.k())) / Math.sqrt(claimed * claimed + evidence.variance()));
        });
    }

    private static Mixture weighedTo(Mixture mixture, Mass net) {
        double water = mixture.mass(Component.WATER).kilograms()
                + net.kilograms()
                - mixture.mass().kilograms();
        return water > 0 ? mixture.wateredTo(Mass.ofKilograms(water)) : mixture;
    }

    private static List<Shown> shown(Cook cook, CookEvent.Finished finished) {
        List<Shown> shown = new ArrayList<>();
        for (Cook.ReadingResult result : cook.results()) {
            CookEvent.Reading reading = result.reading();
            if (result.questioned()) {
                continue;
            }
            if (reading instanceof CookEvent.Weighed weighed) {
                shown.add(grams(weighed.at(), weighed.net(), SCALE_SD_G));
            } else if (reading instanceof CookEvent.Jugged jugged) {
                shown.add(new Shown(
                        jugged.at(),
                        jugged.volume().millilitres(),
                        s -> ChoiOkos.volume(s.mixture(), s.stove()).millilitres(),
                        s -> JUG_SD_SHARE * s.mass().grams()));
            } else if (reading instanceof CookEvent.Dipped dipped) {
                shown.add(new Shown(
                        dipped.at(),
                        dipped.depth().millimetres(),
                        s -> s.depth().millimetres(),
                        s -> DIP_SD_MM
                                * s.mass().grams()
                                / Math.max(1, s.depth().millimetres())));
            }
        }
        if (cook.yieldExplained()) {
            finished.yield().ifPresent(mass -> shown.add(grams(finished.at(), mass, YIELD_SD_G)));
        }
        return shown;
    }

    private static Shown grams(Instant at, Mass mass, double sd) {
        return new Shown(at, mass.grams(), s -> s.mass().grams(), s -> sd);
    }

    /** Adds what a reading says of ln k, if it says something; how many grams it shifts with ln k, or NaN. */
    private static double said(Shown one, Unread unread, double near, List<PaceEvidence.Said> said) {
        Optional<Double> found =
                solve(one, unread, near - NEAR, near + NEAR).or(() -> solve(one, unread, -WIDEST_LN_K, WIDEST_LN_K));
        if (found.isEmpty()) {
            return Double.NaN;
        }
        double lnK = found.get();
        Snapshot then = unread.at(one.at(), lnK);
        double slope = (then.mass().grams()
                        - unread.at(one.at(), lnK + SLOPE_STEP).mass().grams())
                / SLOPE_STEP;
        double sd = one.sdGrams().applyAsDouble(then);
        double lost =
                unread.at(one.at(), -WIDEST_LN_K).mass().grams() - then.mass().grams();
        double left = then.mixture().mass(Component.WATER).kilograms()
                / unread.filling().mass(Component.WATER).kilograms();
        if (!(2 * sd < lost) || !(left > LEAST_WATER_LEFT) || !(slope > 0)) {
            return Double.NaN;
        }
        said.add(new PaceEvidence.Said(lnK, sd / slope * (sd / slope) + SHAPE_VARIANCE));
        return slope;
    }

    /** The ln k at which the model shows it; empty if none in these bounds does. */
    private static Optional<Double> solve(Shown one, Unread unread, double low, double high) {
        try {
            return Optional.of(new BracketingNthOrderBrentSolver(3e-3, 5)
                    .solve(
                            MAX_EVALUATIONS,
                            k -> one.model().applyAsDouble(unread.at(one.at(), k)) - one.measured(),
                            low,
                            high));
        } catch (MathRuntimeException e) {
            // No k shows it: before anything was lost, or after everything was.
            return Optional.empty();
        }
    }

    private static List<Seen> seen(Cook cook, CookEvent.Finished finished) {
        List<Seen> seen = new ArrayList<>();
        Instant lastLook = Instant.EPOCH;
        for (Cook.ReadingResult result : cook.results()) {
            if (result.questioned()) {
                continue;
            }
            if (result.reading() instanceof CookEvent.SpoonLooked look) {
                Snapshot then = before(cook, look);
                lookedAt(cook, then, look.look(), look.temperature().orElse(then.stove()))
                        .ifPresent(seen::add);
                lastLook = look.at();
            } else if (result.reading() instanceof CookEvent.PlateSpreadRead plate) {
                plate(cook, before(cook, plate).mixture(), plate).ifPresent(seen::add);
            }
        }
        if (finished.look().isPresent()
                && Duration.between(lastLook, finished.at()).compareTo(SAME_LOOK) > 0) {
            Snapshot last = cook.sauceAt(finished.at());
            lookedAt(cook, last, finished.look().get(), last.stove()).ifPresent(seen::add);
        }
        return seen;
    }

    /** The sauce as it was believed to be just before a reading, by all others. */
    private static Snapshot before(Cook cook, CookEvent.Reading reading) {
        List<CookEvent> until = new ArrayList<>();
        until.add(cook.started());
        for (CookEvent event : cook.events()) {
            boolean thickness = event instanceof CookEvent.SpoonLooked || event instanceof CookEvent.PlateSpreadRead;
            if (!thickness
                    && (!event.at().isAfter(reading.at()) || event.kind() == EventKind.SIMMERS)
                    && event.kind() != EventKind.FINISHED) {
                until.add(event);
            }
        }
        return Cook.of(until).sauceAt(reading.at());
    }

    private static Optional<Seen> lookedAt(Cook cook, Snapshot then, SpoonCoat look, Celsius temperature) {
        Rheology flow = Thickness.of(then.mixture(), temperature);
        double model = flow.grade().value();
        double from = look == SpoonCoat.RUNS_CLEAR ? look.to() - OPEN_BAND : look.from();
        double to = look == SpoonCoat.MOUNDS ? look.from() + OPEN_BAND : look.to();
        double centre = (from + to) / 2;
        // The first and the last look have no far end: seeing one where it is expected anyway tells nothing.
        if (look == SpoonCoat.RUNS_CLEAR && model < centre || look == SpoonCoat.MOUNDS && model > centre) {
            return Optional.empty();
        }
        double v = LOOK_VARIANCE + (to - from) * (to - from) / 12;
        return acting(centre - model, v, structure(flow))
                .map(row -> seen(cook, ThicknessKnowledge.Kind.LOOK, row, READER_VARIANCE));
    }

    private static Optional<Seen> plate(Cook cook, Mixture mixture, CookEvent.PlateSpreadRead plate) {
        Rheology flow = Thickness.of(mixture, plate.temperature());
        return PlateSpread.grade(plate.diameter(), flow.serum(), ChoiOkos.density(mixture, plate.temperature()))
                .flatMap(read -> acting(read.value() - flow.grade().value(), PLATE_VARIANCE, structure(flow)))
                .map(row -> seen(cook, ThicknessKnowledge.Kind.PLATE, row, 0));
    }

    private static Seen seen(Cook cook, ThicknessKnowledge.Kind kind, double[] row, double reader) {
        Knowledge began = cook.started().knowledge();
        double expected = Math.log(began.thickness().value()) / ThicknessKnowledge.LN_PER_GRADE;
        double claimed = began.claimedLogSdOfThickness() / ThicknessKnowledge.LN_PER_GRADE;
        return new Seen(kind, row[0], row[1], (row[0] - expected) / Math.sqrt(claimed * claimed + reader + row[1]));
    }
}
