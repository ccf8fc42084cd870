package app.gradior.web.journal;

import app.gradior.learning.NextBatch;
import app.gradior.learning.ThicknessKnowledge;
import app.gradior.plan.Route;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Use;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchFilter;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.BatchSummary;
import app.gradior.web.batch.CookRow;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.learning.SauceLearning;
import app.gradior.web.learning.SaucesLearnt;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.Planning;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Gathers the story of a sauce. */
@Component
class Stories {
    private static final int SHOWN = 7;
    private static final int SHOWN_WORDS = 12;

    /** So many of the last are looked at for what they have in common. */
    private static final int TREND = 5;

    private static final double WORTH_GRAMS = 10;
    private static final double WORTH_SALT = 0.3;
    private static final double WORTH_METRES = 100;

    private final BatchSummaries batches;
    private final Verdicts verdicts;
    private final SauceLearning learning;
    private final Planning planning;
    private final Rings rings;
    private final BatchPhotoMapper photos;

    Stories(
            BatchSummaries batches,
            Verdicts verdicts,
            SauceLearning learning,
            Planning planning,
            Rings rings,
            BatchPhotoMapper photos) {
        this.batches = batches;
        this.verdicts = verdicts;
        this.learning = learning;
        this.planning = planning;
        this.rings = rings;
        this.photos = photos;
    }

    /** @param after the batch that those shown came off before; null for the latest */
    Story of(UUID kitchen, Sauce sauce, CookRow after, UnitFormat say) {
        List<BatchSummary> found = batches.search(kitchen, BatchFilter.ofSauce(sauce.id()), after, SHOWN + 1);
        List<BatchSummary> shown = new ArrayList<>(
                found.stream().limit(SHOWN).filter(b -> b.stoveGrade() != null).toList());
        Collections.reverse(shown);
        BatchSummary last = shown.isEmpty() ? null : shown.get(shown.size() - 1);
        SaucesLearnt learnt = learning.knowledge(kitchen);
        int telling = learnt.telling(sauce.id());
        List<Verdict> said = verdicts.ofSauce(kitchen, sauce.id(), SHOWN_WORDS);
        Optional<Planning.FeasiblePlan> plan =
                last == null || after != null || use(shown).isEmpty()
                        ? Optional.empty()
                        : plan(kitchen, sauce, last, wanting(shown).orElseThrow());
        Optional<Snapshot> stop = plan.flatMap(p -> p.chosen().outcome()).map(o -> o.stop());
        StoryDrawing.Next drawn = plan.flatMap(p -> p.chosen()
                        .outcome()
                        .map(o -> Snapshot.of(
                                o.end(),
                                new Evaporation(p.conditions()),
                                p.knowledge().thickness())))
                .map(end -> new StoryDrawing.Next(
                        end.atStove().value(), end.warm().value(), end.cold().value()))
                .orElse(null);
        Optional<Use> use = use(shown);
        double wish = use.flatMap(u -> CurrentKitchen.person().map(person -> learnt.wish(person, u)))
                .orElse(0.0);
        List<BatchSummary> ranged = shown.stream()
                .filter(b -> b.forecast().isPresent() && b.zPace() != null)
                .toList();
        StoryDrawing drawing = StoryDrawing.of(shown, drawn);
        return new Story(
                sauce,
                shown.stream().map(batch -> Story.Row.of(batch, say)).toList(),
                found.size() > SHOWN ? found.get(SHOWN - 1).id() : null,
                drawing,
                climbs(shown, drawing, stop, say),
                telling == 0 ? Optional.empty() : Optional.of(factor(sauce.id(), learnt)),
                telling,
                learnt.asksPlate(sauce.id(), CurrentKitchen.person().orElse(null)),
                use,
                use.filter(u -> Math.abs(wish) >= 0.05)
                        .map(u -> new Interval(u.from().value(), u.aim().value(), u.to().value()).plus(wish)),
                wish,
                shown.stream()
                        .mapToDouble(b -> b.coldGrade() - b.warmGrade())
                        .average()
                        .orElse(0),
                ranged.stream()
                        .filter(b -> Math.abs(b.zPace()) <= Interval.Z_80)
                        .count(),
                ranged.size(),
                shown.size() < 2 ? List.of() : changes(kitchen, shown.get(shown.size() - 2), last, say),
                stop.map(s ->
                        new Story.Next(s.mass().grams(), advice(said, shown, plan.get(), s, sauce.version(), say))),
                said.stream().filter(v -> !v.words().isEmpty()).toList(),
                photos.among(kitchen, shown.stream().map(BatchSummary::id).toList()));
    }

    /** @param stop where to stop next time; empty if that can't be planned */
    private static List<Story.Climb> climbs(
            List<BatchSummary> shown, StoryDrawing drawing, Optional<Snapshot> stop, UnitFormat say) {
        List<Story.Climb> climbs = new ArrayList<>();
        for (StoryDrawing.Column column : drawing.climbs()) {
            climbs.add(
                    climbs.size() < shown.size()
                            ? Story.Climb.of(shown.get(climbs.size()), column, say)
                            : Story.Climb.next(column, stop.orElseThrow().mass().grams(), say));
        }
        return climbs;
    }

    /** What it was for when that was said last. */
    private static Optional<Use> use(List<BatchSummary> shown) {
        return wanting(shown).map(BatchSummary::useFor);
    }

    private static Optional<BatchSummary> wanting(List<BatchSummary> shown) {
        return shown.stream().filter(b -> b.useFor() != null).reduce((a, b) -> b);
    }

    /** Of the latest version that batches were made of. */
    private static Interval factor(UUID sauce, SaucesLearnt learnt) {
        List<Integer> made = learnt.knowledge().versions(sauce);
        ThicknessKnowledge.Known known = learnt.knowledge().of(sauce, made.get(made.size() - 1));
        return Interval.logNormal(
                Math.exp(known.mean() * ThicknessKnowledge.LN_PER_GRADE),
                known.sd()
                        * ThicknessKnowledge.LN_PER_GRADE
                        * learnt.knowledge().widening());
    }

    /** The latest version as it would be planned now, for what the last batch was for, in its pot. */
    private Optional<Planning.FeasiblePlan> plan(UUID kitchen, Sauce sauce, BatchSummary last, BatchSummary wanting) {
        try {
            return planning.plan(kitchen, sauce, asked(last, wanting)).possible();
        } catch (NotFound gone) {
            // Its pot is not there any more.
            return Optional.empty();
        }
    }

    private static PlanForm asked(BatchSummary last, BatchSummary wanting) {
        return PlanForm.EMPTY
                .with(PlanField.POT, last.potId())
                .with(PlanField.ACTIVITY, last.activity())
                .with(PlanField.RING, last.ringId())
                .with(PlanField.AIM, "thick")
                .with(PlanField.USE, wanting.useFor())
                .with(PlanField.SERVED, wanting.wantedCold() ? "5" : "60");
    }

    /** What the plan of the next batch is asked with. */
    PlanForm asked(UUID kitchen, UUID sauce) {
        List<BatchSummary> shown = new ArrayList<>(batches.search(kitchen, BatchFilter.ofSauce(sauce), null, SHOWN));
        Collections.reverse(shown);
        return wanting(shown)
                .map(wanting -> asked(shown.get(shown.size() - 1), wanting))
                .orElse(PlanForm.EMPTY);
    }

    private List<String> changes(UUID kitchen, BatchSummary before, BatchSummary last, UnitFormat say) {
        List<String> changes = new ArrayList<>();
        if (before.sauceVersion() != last.sauceVersion()) {
            changes.add(JournalText.version(before.sauceVersion(), last.sauceVersion()));
        }
        if (!before.potId().equals(last.potId())) {
            changes.add(JournalText.pot(before.potName(), last.potName()));
        }
        if (before.ringId() != null && last.ringId() != null && !before.ringId().equals(last.ringId())) {
            changes.add(JournalText.ring(
                    rings.find(kitchen, last.ringId()).map(KitchenRing::name).orElse("")));
        }
        if (before.altitudeM() != null
                && last.altitudeM() != null
                && Math.abs(last.altitudeM() - before.altitudeM()) >= WORTH_METRES) {
            changes.add(JournalText.altitude(say.altitude(before.altitudeM()), say.altitude(last.altitudeM())));
        }
        if (before.activity() != last.activity()) {
            changes.add(JournalText.heat(say.name(before.activity()), say.name(last.activity())));
        }
        if (before.yieldGrams() != null
                && last.yieldGrams() != null
                && Math.abs(last.yieldGrams() - before.yieldGrams()) >= 10) {
            changes.add(JournalText.yield(
                    say.grams(Math.abs(last.yieldGrams() - before.yieldGrams())),
                    last.yieldGrams() < before.yieldGrams()));
        }
        return changes;
    }

    private static List<String> advice(
            List<Verdict> latest,
            List<BatchSummary> shown,
            Planning.FeasiblePlan plan,
            Snapshot stop,
            int version,
            UnitFormat say) {
        List<String> advice = new ArrayList<>();
        BatchSummary last = shown.get(shown.size() - 1);
        List<BatchSummary> lately = shown.subList(Math.max(0, shown.size() - TREND), shown.size());
        long thick = lately.stream().filter(b -> direction(b) > 0).count();
        long thin = lately.stream().filter(b -> direction(b) < 0).count();
        List<Verdict> said = latest.stream().limit(TREND).toList();
        int salt = sum(said, Verdict::salt);
        // Grams are compared with those of the same lines, reduced and not thickened.
        Optional<NextBatch> next = last.yieldGrams() != null
                        && last.sauceVersion() == version
                        && plan.chosen().kind() == Route.Kind.REDUCE
                ? Optional.of(NextBatch.of(
                        stop.mixture(),
                        Mass.ofGrams(last.yieldGrams()),
                        new Evaporation(plan.conditions()),
                        plan.knowledge(),
                        salt))
                : Optional.empty();
        boolean elsewhere = next.isPresent() && Math.abs(stop.mass().grams() - last.yieldGrams()) >= WORTH_GRAMS;
        advice.add(JournalText.stopAt(
                say.grams(5 * Math.round(stop.mass().grams() / 5)),
                elsewhere ? say.grams(last.yieldGrams()) : "",
                JournalText.lately(thick, thin, lately.size(), last.wantedCold())));
        next.filter(n -> elsewhere && Math.abs(n.minutesLonger()) >= 1)
                .ifPresent(n -> advice.add(
                        JournalText.longer(say.minutes(Math.abs(n.minutesLonger())), n.minutesLonger() > 0)));
        Optional<Double> salting = next.map(NextBatch::saltMore).filter(grams -> Math.abs(grams) >= WORTH_SALT);
        if (salting.isPresent()) {
            advice.add(JournalText.salt(
                    say.grams(Math.abs(salting.get())),
                    salting.get() < 0,
                    elsewhere && (stop.mass().grams() < last.yieldGrams()) == salting.get() < 0,
                    salt != 0 && salt > 0 == salting.get() < 0));
        } else {
            taste(advice, "salt", salt);
        }
        taste(advice, "acid", sum(said, Verdict::sharp));
        taste(advice, "sugar", sum(said, Verdict::sweet));
        taste(advice, "heat", sum(said, Verdict::heat));
        return advice;
    }

    private static int sum(List<Verdict> said, Function<Verdict, Integer> of) {
        return said.stream()
                .map(of)
                .filter(level -> level != null)
                .mapToInt(level -> level)
                .sum();
    }

    private static void taste(List<String> advice, String what, int sum) {
        if (sum != 0) {
            advice.add(JournalText.less(what, sum > 0));
        }
    }

    /** Over 0 too thick, under 0 too thin: by what was said of it, or else by what was wanted. */
    private static int direction(BatchSummary batch) {
        return batch.verdict() != null
                ? batch.verdict()
                : batch.missed()
                        .map(missed -> (int) Math.signum(Math.round(missed * 10)))
                        .orElse(0);
    }
}
