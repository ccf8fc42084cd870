package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.cook.Guidance;
import app.gradior.keeping.Keeping;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Caution;
import app.gradior.plan.Route;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Interval;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A cook as its live page shows it: the view of it, and what its plan and its sauce say is to be done. */
public final class CookPage {
    /** A fridge is no warmer. */
    private static final double FRIDGE_C = 4;

    private static final int SHOWN_FOODS = 6;

    /** What loses less is said to stand still. */
    private static final double LOSES_G_A_MINUTE = 0.5;

    private final CookView view;
    private final Optional<KeptPlan> plan;
    private final ReadSauce sauce;
    private final Instant now;
    private final Keeping keeping;
    private final UnitFormat say;
    private final Guidance guidance;

    CookPage(
            CookView view,
            Optional<KeptPlan> plan,
            Guidance.Aim aim,
            ReadSauce sauce,
            Keeping keeping,
            Instant now,
            UnitFormat say) {
        this.view = view;
        this.plan = plan;
        this.sauce = sauce;
        this.now = now;
        this.keeping = keeping;
        this.say = say;
        this.guidance = Guidance.of(view.getCook(), aim, view.getForecast(), view.planned());
    }

    public CookView getView() {
        return view;
    }

    public Guidance getGuidance() {
        return guidance;
    }

    public Optional<KeptPlan> getPlan() {
        return plan;
    }

    public Instant getNow() {
        return now;
    }

    /** When it is wanted on the table, if that was said. */
    public Optional<Instant> getWanted() {
        return view.getCook().wanted();
    }

    /** How far it is from when it is wanted, in words. */
    public String getWantedWords() {
        double after = guidance.minutesAfterWanted().orElse(0.0);
        if (Math.abs(after) < 1) {
            return CookText.READY_THEN;
        }
        return CookText.ready(say.minutes(Math.abs(after)), after > 0);
    }

    /**
     * The figures that are read from across the room.
     *
     * @param left minutes, or a word in their place
     * @param minutes whether it is minutes
     * @param ends whether it gets to its target
     * @param width of the range of what is left, min; 0 if it is not known
     * @param later how thick it is at the table
     */
    public record Figures(
            String left,
            boolean minutes,
            boolean ends,
            String until,
            double width,
            String grade,
            String later,
            String looks,
            String grams,
            String inThePot) {}

    public Figures getFigures() {
        Forecast forecast = view.getForecast();
        Optional<Interval> left = view.getMinutesLeft();
        Grade now = forecast.current().atStove();
        double lost = forecast.loss().gramsPerMinute();
        return new Figures(
                left.map(minutes -> forecast.reached()
                                ? CookText.NOW
                                : minutes.middle() < 1 ? CookText.UNDER_A_MINUTE : say.number(minutes.middle(), 0))
                        .orElse(CookText.NEVER),
                left.isPresent() && !forecast.reached(),
                left.isPresent(),
                until(forecast, left),
                left.map(Interval::width).orElse(0.0),
                say.grade(now),
                CookText.later(say.grade(guidance.atTheTable())),
                CookText.looks(say.lookOf(now), say.lookOf(guidance.atTheTable())),
                say.about(forecast.current().mass().grams()),
                lost > LOSES_G_A_MINUTE
                        ? CookText.losing(say.perMinute(lost))
                        : CookText.inThePot(say.gramsBetween(
                                forecast.grams().low(), forecast.grams().high())));
    }

    private String until(Forecast forecast, Optional<Interval> left) {
        String target = view.getTarget();
        if (left.isEmpty()) {
            return view.getCook().onHeat() ? CookText.neverAt(target) : CookText.offTheHeat(target);
        }
        if (forecast.reached()) {
            return CookText.shouldBeAt(target);
        }
        return left.get().high() < 1 ? CookText.anyMoment(target) : CookText.between(target, say.range(left.get()));
    }

    /** That a weighing now would narrow the forecast, if it would. */
    public Optional<String> getCheckNow() {
        return guidance.ifWeighed()
                .map(then -> CookText.weighNow(
                        say.range(view.getMinutesLeft().orElseThrow()), Math.max(1, Math.round(then.width()))));
    }

    /** That two hands did the same thing differently. */
    public Optional<String> getConflict() {
        return guidance.twoHands().map(hands -> CookText.twoHands(view.said(hands.early()), view.said(hands.late())));
    }

    /**
     * Something to do.
     *
     * @param key what it is kept under
     * @param more amounts and the like
     * @param now whether it is the next to be done
     */
    public record Step(String key, String words, String more, boolean done, boolean now) {}

    /** What was to be done, what is done now and what comes after. */
    public List<Step> getSteps() {
        List<String[]> all = new ArrayList<>();
        List<Boolean> usual = new ArrayList<>();
        int reduction = sauce.planStage();
        for (WrittenSauce.Outcome outcome : sauce.made().outcomes()) {
            int index = outcome.stage().index();
            if (index < reduction) {
                all.add(step("stage " + (index + 1), outcome.stage()));
                usual.add(true);
            }
        }
        plan.filter(p -> p.route() == Route.Kind.BLEND).ifPresent(p -> {
            all.add(new String[] {"blend", CookText.BLEND_IT, CookText.HOT_JUG});
            usual.add(view.getCook().events().stream().anyMatch(CookEvent.Blended.class::isInstance));
        });
        boolean slurryOnly = plan.filter(p -> p.route() == Route.Kind.SLURRY).isPresent();
        if (slurryOnly) {
            all.add(new String[] {"simmer", CookText.BRING_TO_THE_BOIL, ""});
            usual.add(view.getCook().simmerSeen());
        } else {
            all.add(new String[] {
                "reduce",
                CookText.reduce(capital(Names.of(view.getCook().conditions().activity())), view.getTarget()),
                view.getForecast()
                        .atTarget()
                        .map(at -> CookText.dipMark(say.depth(at.depth().millimetres())))
                        .orElse("")
            });
            usual.add(view.getForecast().reached());
        }
        plan.flatMap(p -> p.result().pour()).ifPresent(pour -> {
            double poured = view.getCook().starchPoured().grams();
            all.add(new String[] {
                "slurry",
                CookText.slurry(say.grams(pour.powderGrams()), Names.of(pour.kind()), say.grams(pour.waterGrams())),
                poured > 0 ? CookText.isIn(say.grams(poured)) : CookText.STIR_AGAIN
            });
            usual.add(!guidance.slurryToPour());
        });
        for (WrittenSauce.Outcome outcome : sauce.made().outcomes()) {
            int index = outcome.stage().index();
            if (index > reduction) {
                all.add(step("stage " + (index + 1), outcome.stage()));
                usual.add(false);
            }
        }
        all.add(new String[] {"off", CookText.TAKE_IT_OFF, ""});
        usual.add(false);
        List<Step> steps = new ArrayList<>();
        boolean found = false;
        for (int i = 0; i < all.size(); i++) {
            String[] one = all.get(i);
            boolean done = view.getCook().ticked(one[0]).orElse(usual.get(i));
            steps.add(new Step(one[0], one[1], one[2], done, !done && !found));
            found |= !done;
        }
        return steps;
    }

    private static String[] step(String key, WrittenSauce.Stage stage) {
        String foods =
                stage.foods().stream().map(ReadLine::typed).map(String::strip).collect(Collectors.joining(", "));
        return stage.title().isPresent()
                ? new String[] {key, stage.title().get(), foods}
                : new String[] {key, foods, ""};
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    /** What to mind in this cook, once: what its plan said, at most three. */
    public List<String> getCautions() {
        return plan.map(p -> p.result().cautions()).orElse(List.of()).stream()
                .filter(c -> c != Caution.KEEP_COLD)
                .limit(2)
                .map(Names::of)
                .toList();
    }

    /**
     * The pot with what is in it, drawn so that its depth can be read.
     *
     * @param words what the drawing shows
     * @param deeper how much deeper than it is; empty if it is drawn as it is
     */
    public record PotPicture(DeepPot drawn, String words, String atTheStart, String deeper) {}

    public PotPicture getPot() {
        double start = view.getStart().depth().millimetres();
        DeepPot drawn = DeepPot.of(
                view.getCook().conditions().pot(),
                view.getForecast().current().depth().millimetres(),
                start,
                view.getForecast()
                        .atTarget()
                        .map(at -> at.depth().millimetres())
                        .orElse(null));
        return new PotPicture(
                drawn,
                view.getPotWords(),
                CookText.atTheStart(say.depth(start)),
                drawn.times() > 1 ? CookText.drawnDeeper(say.number(drawn.times(), 0)) : "");
    }

    /**
     * A spoon of the row of looks.
     *
     * @param now whether it looks so when it is time
     */
    public record Spoon(int look, boolean now) {}

    /** The row of spoons; none lights up if it does not get there. */
    public List<Spoon> getSpoons() {
        Optional<SpoonCoat> end = view.getForecast().atTarget().map(Snapshot::look);
        return Arrays.stream(SpoonCoat.values())
                .map(look -> new Spoon(look.ordinal(), end.filter(look::equals).isPresent()))
                .toList();
    }

    /** What went in, as it was written: the first of it, and how much more. */
    public String getWentIn() {
        List<String> lines = sauce.made().outcomes().stream()
                .flatMap(outcome -> outcome.stage().foods().stream())
                .map(line -> line.typed().strip())
                .toList();
        String first = lines.stream().limit(SHOWN_FOODS).collect(Collectors.joining(", "));
        int more = lines.size() - SHOWN_FOODS;
        return more > 0 ? CookText.andMore(first, more) : first;
    }

    /** What was read last, and when. */
    public Optional<String> getLastReading() {
        List<Cook.ReadingResult> results = view.getCook().results();
        return results.isEmpty()
                ? Optional.empty()
                : Optional.of(results.get(results.size() - 1).reading())
                        .map(reading -> view.said(reading) + ", " + say.clock(reading.at()));
    }

    /** A label for a jar of it. */
    public String getLabel() {
        String allergens = view.getForecast().current().mixture().allergens().stream()
                .map(Names::of)
                .sorted()
                .collect(Collectors.joining(", "));
        return view.getRow().sauceName() + ", " + say.day(now)
                + CookText.keeping(allergens, say.degrees(FRIDGE_C), keeping.closedDays());
    }
}
