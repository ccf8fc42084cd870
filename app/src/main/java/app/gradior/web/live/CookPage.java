package app.gradior.web.live;

import app.gradior.cook.CarryOver;
import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.cook.Rescue;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Caution;
import app.gradior.plan.Goal;
import app.gradior.plan.Route;
import app.gradior.plan.Snapshot;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Mass;
import app.gradior.sauce.WrittenSauce;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.planning.KeptPlan;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.text.Wording;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A cook as its live page shows it: the view of it, and what its plan and its sauce say is to be done. */
public final class CookPage {
    /** Beyond its expected end by so much and unheard of for as long, a cook is asked about. */
    private static final Duration FORGOTTEN = Duration.ofHours(3);

    /** A weighing is worth asking for if it narrows the time left to this part, and no reading is younger than this. */
    private static final double WORTH_ASKING = 0.75;

    private static final Duration LATELY = Duration.ofMinutes(4);

    private final CookView view;
    private final Optional<KeptPlan> plan;
    private final ReadSauce sauce;
    private final Instant now;
    private final Wording say;
    private final Goal goal;

    CookPage(CookView view, Optional<KeptPlan> plan, ReadSauce sauce, Instant now, Wording say) {
        this.view = view;
        this.plan = plan;
        this.sauce = sauce;
        this.now = now;
        this.say = say;
        this.goal = goal(view.getCook(), plan);
    }

    /** How thick it is to be: by its plan, by its target, or as a glaze where neither says. */
    private static Goal goal(Cook cook, Optional<KeptPlan> plan) {
        if (plan.isPresent()) {
            KeptPlan.PlanResult result = plan.get().result();
            Celsius served = Celsius.of(result.servedC());
            boolean byUse = java.util.Arrays.stream(Use.values())
                    .anyMatch(u -> u.name().equals(plan.get().form().get("use")));
            return byUse ? Goal.of(plan.get().form().use(), served) : Goal.of(Grade.of(result.served()), served);
        }
        return cook.target()
                .gradeServed()
                .map(at -> cook.target() instanceof Target.ForUse use
                        ? Goal.of(use.use(), use.served())
                        : Goal.of(at.grade(), at.served()))
                .orElseGet(() -> Goal.of(Use.GLAZE, Celsius.SERVED_WARM));
    }

    public CookView getView() {
        return view;
    }

    public Optional<KeptPlan> getPlan() {
        return plan;
    }

    public Instant getNow() {
        return now;
    }

    private ThicknessFactor thickness() {
        return ThicknessFactor.of(view.getCook().thickness().middle());
    }

    /** The slurry of the plan, while some of it is still to be poured. */
    public Optional<KeptPlan.Pour> getToPour() {
        return plan.flatMap(p -> p.result().pour())
                .filter(pour -> view.getCook().starchPoured().grams() < 0.97 * pour.powderGrams());
    }

    /** Its grade when eaten, as it will be at the end: with the slurry still to come, or where reducing stops. */
    public Grade getAtTheTable() {
        if (getToPour().isPresent()) {
            return Grade.of(plan.orElseThrow().result().served());
        }
        Snapshot end = view.getForecast().atTarget().orElse(view.getForecast().current());
        return Thickness.grade(end.mixture(), goal.served(), thickness());
    }

    public Rescue getRescue() {
        return new Rescue(view.getForecast().current().mixture(), goal, thickness());
    }

    /** What the numbers call for, what the tongue said last, and that it is much later than planned. */
    public Set<Rescue.Trouble> getTroubles() {
        Cook cook = view.getCook();
        Optional<Activity> activity =
                cook.onHeat() && view.getForecast().heatingUp().isZero()
                        ? Optional.of(cook.conditions().activity())
                        : Optional.empty();
        Set<Rescue.Trouble> troubles =
                new LinkedHashSet<>(getRescue().called(view.getForecast().current(), activity));
        for (CookEvent.Flavour flavour : CookEvent.Flavour.values()) {
            int level = getTasted(flavour);
            if (level > 0) {
                troubles.add(TOO_MUCH.get(flavour));
            } else if (level < 0 && (flavour == CookEvent.Flavour.SALT || flavour == CookEvent.Flavour.SHARP)) {
                troubles.add(Rescue.Trouble.FLAT);
            }
        }
        if (getAfterWanted().isPresent() ? tooLate() : late() && getToPour().isEmpty()) {
            troubles.add(Rescue.Trouble.TOO_THIN);
        }
        return troubles;
    }

    private static final Map<CookEvent.Flavour, Rescue.Trouble> TOO_MUCH = Map.of(
            CookEvent.Flavour.SALT, Rescue.Trouble.TOO_SALTY,
            CookEvent.Flavour.SHARP, Rescue.Trouble.TOO_SHARP,
            CookEvent.Flavour.SWEET, Rescue.Trouble.TOO_SWEET,
            CookEvent.Flavour.HOT, Rescue.Trouble.TOO_HOT);

    /** What was said last of a flavour, unless something went in since: −2 to 2. */
    public int getTasted(CookEvent.Flavour flavour) {
        int level = 0;
        for (CookEvent event : view.getCook().events()) {
            if (event instanceof CookEvent.Tasted tasted && tasted.flavour() == flavour) {
                level = tasted.level();
            } else if (event instanceof CookEvent.Added) {
                level = 0;
            }
        }
        return level;
    }

    /** Whether it will be ready much later than was planned as it went on: then a slurry would save the time. */
    private boolean late() {
        Optional<Interval> planned = view.planned().minutesLeft();
        Optional<Interval> left = view.getMinutesLeft();
        if (planned.isEmpty() || left.isEmpty()) {
            return false;
        }
        double sinceStart = Duration.between(view.getRow().startedAt(), now).toMillis() / 60_000.0;
        double later = sinceStart + left.get().middle() - planned.get().middle();
        return left.get().middle() > 5
                && later > Math.max(LATE_MINUTES, 0.35 * planned.get().middle());
    }

    /** When it is wanted on the table, if that was said. */
    public Optional<Instant> getWanted() {
        return view.getCook().wanted();
    }

    /** Minutes from when it is wanted to when it is ready; below zero where it is ready before. Empty if either is not known. */
    public Optional<Double> getAfterWanted() {
        return getWanted()
                .flatMap(table -> view.getMinutesLeft()
                        .map(left ->
                                left.middle() - Duration.between(now, table).toMillis() / 60_000.0));
    }

    /** Whether it will be ready too late, and time could still be saved. */
    private boolean tooLate() {
        return getAfterWanted().filter(after -> after > JUST_LATE_MINUTES).isPresent()
                && view.getMinutesLeft()
                        .filter(left -> left.middle() > JUST_LATE_MINUTES)
                        .isPresent();
    }

    /** How far it is from when it is wanted, in words. */
    public String getWantedWords() {
        double after = getAfterWanted().orElse(0.0);
        if (Math.abs(after) < 1) {
            return "ready just then";
        }
        return "ready about " + say.minutes(Math.abs(after)) + (after > 0 ? " after" : " before");
    }

    /** Being ready later than wanted by less is nothing to act on. */
    private static final double JUST_LATE_MINUTES = 2;

    /** Later than planned by less is nothing to act on. */
    private static final double LATE_MINUTES = 10;

    /** The moment to take it off for its target: a little before, since it goes on steaming. */
    public Optional<Instant> getTakeOffAt() {
        Forecast forecast = view.getForecast();
        if (forecast.minutesLeft().isEmpty() || forecast.loss().gramsPerMinute() <= 0) {
            return Optional.empty();
        }
        double carry = getCarryOver().grams() / forecast.loss().gramsPerMinute();
        double minutes = Math.max(0, forecast.minutesLeft().get().middle() - carry);
        return Optional.of(now.plusMillis(Math.round(minutes * 60_000)));
    }

    public Mass getCarryOver() {
        Snapshot end = view.getForecast().atTarget().orElse(view.getForecast().current());
        return CarryOver.of(end.mixture(), end.stove(), goal.served());
    }

    /** That a weighing now would narrow the forecast, if it would. */
    public Optional<String> getCheckNow() {
        Cook cook = view.getCook();
        Optional<Interval> left = view.getMinutesLeft();
        boolean lately = cook.events().stream()
                .anyMatch(e -> e instanceof CookEvent.Reading
                        && Duration.between(e.at(), now).compareTo(LATELY) < 0);
        if (left.isEmpty()
                || lately
                || !view.getForecast().heatingUp().isZero()
                || left.get().width() < 3) {
            return Optional.empty();
        }
        return cook.ifWeighed(now)
                .filter(then -> then.width() < WORTH_ASKING * left.get().width())
                .map(then -> "Weigh it now: between " + say.range(left.get()) + " would narrow to about "
                        + Math.max(1, Math.round(then.width())) + " min.");
    }

    /** When it wants stirring next. */
    public Instant getStirDue() {
        return view.getCook().stirredAt().plus(Duration.ofMinutes(view.getStirEvery()));
    }

    /** Whether nobody has said anything of it for long after it should have been done. */
    public boolean isForgotten() {
        Forecast planned = view.planned();
        Instant expected = view.getRow()
                .startedAt()
                .plusMillis(Math.round(planned.minutesLeft().map(Interval::high).orElse(60.0) * 60_000));
        Instant heard = view.getCook().lastHeard();
        Instant since = expected.isAfter(heard) ? expected : heard;
        return Duration.between(since, now).compareTo(FORGOTTEN) > 0;
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
            all.add(new String[] {"blend", "Blend it smooth", "hot: fill the jug to a third, and vent it"});
            usual.add(view.getCook().events().stream().anyMatch(CookEvent.Blended.class::isInstance));
        });
        boolean slurryOnly = plan.filter(p -> p.route() == Route.Kind.SLURRY).isPresent();
        if (slurryOnly) {
            all.add(new String[] {"simmer", "Bring it to the boil", ""});
            usual.add(view.getCook().simmerSeen());
        } else {
            all.add(new String[] {
                "reduce",
                capital(view.getCook().conditions().activity().label()) + " to " + view.getTarget(),
                view.getForecast()
                        .atTarget()
                        .map(at -> "dip mark " + Math.round(at.depth().millimetres()) + " mm")
                        .orElse("")
            });
            usual.add(view.getForecast().reached());
        }
        plan.flatMap(p -> p.result().pour()).ifPresent(pour -> {
            double poured = view.getCook().starchPoured().grams();
            all.add(new String[] {
                "slurry",
                "Slurry: " + say.grams(pour.powderGrams()) + " " + pour.kind().label() + ", "
                        + say.grams(pour.waterGrams()) + " cold water, in thirds",
                poured > 0 ? say.grams(poured) + " of it is in" : "stir it again just before"
            });
            usual.add(getToPour().isEmpty());
        });
        for (WrittenSauce.Outcome outcome : sauce.made().outcomes()) {
            int index = outcome.stage().index();
            if (index > reduction) {
                all.add(step("stage " + (index + 1), outcome.stage()));
                usual.add(false);
            }
        }
        all.add(new String[] {"off", "Take it off and weigh it", ""});
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
    public List<Caution> getCautions() {
        return plan.map(p -> p.result().cautions()).orElse(List.of()).stream()
                .filter(c -> c != Caution.KEEP_COLD)
                .limit(2)
                .toList();
    }

    /** A label for a jar of it. */
    public String getLabel() {
        String allergens = view.getForecast().current().mixture().allergens().stream()
                .map(a -> a.label())
                .sorted()
                .collect(Collectors.joining(", "));
        return view.getRow().sauceName() + ", " + say.day(now)
                + (allergens.isEmpty() ? "" : ". Contains " + allergens)
                + ". Keep at 4 °C or below, use within ten days.";
    }
}
