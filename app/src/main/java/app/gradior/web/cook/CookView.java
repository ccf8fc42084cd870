package app.gradior.web.cook;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.plan.Caution;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Interval;
import app.gradior.web.PlanWords;
import app.gradior.web.Wording;
import app.gradior.web.plan.PlanForm;
import app.gradior.web.pot.PotDrawing;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A cook as its page shows it at one moment. */
public final class CookView {
    private final CookBook.Kept kept;
    private final Instant now;
    private final Forecast forecast;
    private final Forecast planned;
    private final Wording say;
    private final PlanWords words;
    private final EntryWords entryWords;

    CookView(CookBook.Kept kept, Instant now, Wording say, PlanWords words) {
        this.kept = kept;
        this.now = now;
        this.forecast = kept.cook().forecast(now);
        this.planned =
                Cook.of(List.of(kept.cook().started())).forecast(kept.row().startedAt());
        this.say = say;
        this.words = words;
        this.entryWords = new EntryWords(say);
    }

    public CookRow getRow() {
        return kept.row();
    }

    public Cook getCook() {
        return kept.cook();
    }

    public Forecast getForecast() {
        return forecast;
    }

    public String getTarget() {
        return words.target(kept.cook().target());
    }

    public String getLid() {
        return PlanForm.keyOf(kept.cook().conditions().lid());
    }

    public Optional<Interval> getMinutesLeft() {
        return forecast.minutesLeft();
    }

    public Snapshot getStart() {
        return planned.current();
    }

    /** The forecast as the pot went on, before anything was read. */
    public Forecast planned() {
        return planned;
    }

    public PotDrawing getPotDrawing() {
        return PotDrawing.of(kept.cook().conditions().pot());
    }

    /** What the drawing of the pot shows, in words. */
    public String getPotWords() {
        String now = Math.round(forecast.current().depth().millimetres()) + " millimetres deep now";
        return forecast.atTarget()
                .map(at -> now + ", stop at " + Math.round(at.depth().millimetres()))
                .orElse(now);
    }

    public int getStirEvery() {
        return Caution.stirEveryMinutes(forecast.current());
    }

    /** Something that happened, said in words. */
    public record Entry(CookEvent event, String words, boolean questioned, boolean undoable) {
        /** The kind of the form that can amend it; empty if it can only be undone. */
        public String amendable() {
            String kind = CookEventCodec.kind(event);
            return AMENDABLE.contains(kind) ? kind : "";
        }
    }

    private static final Set<String> AMENDABLE = Set.of(
            "weighed",
            "dipped",
            "jugged",
            "spoon",
            "plate",
            "temperature",
            "tasted",
            "added",
            "slurry",
            "heat",
            "on-heat",
            "lid",
            "strained",
            "pot",
            "timer",
            "wanted",
            "simmers",
            "blended");

    /** What happened so far, the latest first. */
    public List<Entry> getEntries() {
        List<Entry> entries = new ArrayList<>();
        for (CookEvent event : kept.cook().events()) {
            boolean questioned = kept.cook().told().stream()
                    .anyMatch(t -> t.questioned() && t.reading().id().equals(event.id()));
            boolean aside = event instanceof CookEvent.Undone
                    || event instanceof CookEvent.Confirmed
                    || event instanceof CookEvent.TimerStopped;
            if (!aside) {
                entries.add(0, new Entry(event, said(event), questioned, !(event instanceof CookEvent.Finished)));
            }
        }
        return entries;
    }

    private String said(CookEvent event) {
        return entryWords.of(event);
    }

    /** What the latest reading changed, in a line; empty before the first. */
    public Optional<String> getNews() {
        List<Cook.Told> told = kept.cook().told();
        if (told.isEmpty()) {
            return Optional.empty();
        }
        Cook.Told last = told.get(told.size() - 1);
        if (last.questioned()) {
            return Optional.of(questioned(last));
        }
        List<CookEvent> before = new ArrayList<>();
        before.add(kept.cook().started());
        kept.cook().events().stream()
                .filter(e -> !e.id().equals(last.reading().id())
                        && !e.at().isAfter(last.reading().at()))
                .forEach(before::add);
        Forecast then = Cook.of(before).forecast(last.reading().at());
        Forecast after = kept.cook().forecast(last.reading().at());
        return Optional.of(capital(said(last.reading())) + ". " + changed(then, after) + later(then, after) + ".");
    }

    /** The latest reading, if it is not counted until somebody says that it is right. */
    public Optional<CookEvent> getQuestioned() {
        List<Cook.Told> told = kept.cook().told();
        return told.isEmpty() || !told.get(told.size() - 1).questioned()
                ? Optional.empty()
                : Optional.of(told.get(told.size() - 1).reading());
    }

    public boolean isWeighingQuestioned() {
        return getQuestioned().filter(CookEvent.Weighed.class::isInstance).isPresent();
    }

    private String questioned(Cook.Told last) {
        if (last.reading() instanceof CookEvent.Weighed weighed) {
            double tare = weighed.tare().grams();
            double off = last.measured() * 1000 - last.expected() * 1000;
            String guess = Math.abs(off + tare) < 0.1 * last.expected() * 1000
                    ? "Was it weighed without the pot? Then it is " + say.grams(last.measured() * 1000 + tare) + "."
                    : Math.abs(off - tare) < 0.1 * last.expected() * 1000
                            ? "Is the pot in it still? Then it is " + say.grams(last.measured() * 1000 - tare) + "."
                            : "Is it mistyped?";
            return "A weight of " + say.grams(last.measured() * 1000) + " does not fit what came before: about "
                    + say.about(last.expected() * 1000) + " was expected. " + guess
                    + " It is not counted until you say it is right.";
        }
        return capital(said(last.reading()))
                + " does not fit what came before. Is it mistyped? It is not counted until you say it is right.";
    }

    /** What a reading changed: the pace if it did, else the thickness. */
    private String changed(Forecast then, Forecast after) {
        long paceThen = Math.round(then.loss().gramsPerMinute());
        long pace = Math.round(after.loss().gramsPerMinute());
        double thicker = after.current().warm().value() - then.current().warm().value();
        if (pace == paceThen && Math.abs(thicker) >= 0.1) {
            return (thicker > 0 ? "Thicker" : "Thinner") + " than thought by " + say.number(Math.abs(thicker), 1)
                    + " of a grade";
        }
        return "Losing " + pace + " g a minute" + (pace == paceThen ? ", as thought" : ", not " + paceThen);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    /** Two hands that did the same thing differently within half a minute: both stand, the later one counts. */
    public Optional<String> getConflict() {
        List<CookEvent> events = kept.cook().events();
        for (int i = events.size() - 1; i > 0; i--) {
            CookEvent late = events.get(i);
            CookEvent early = events.get(i - 1);
            boolean sameKind = late.getClass() == early.getClass()
                    && (late instanceof CookEvent.LidChanged || late instanceof CookEvent.HeatChanged);
            boolean close = Duration.between(early.at(), late.at()).compareTo(TWO_HANDS) < 0;
            boolean fresh = Duration.between(late.at(), now).compareTo(TOLD_FOR) < 0;
            if (sameKind && close && fresh && !said(late).equals(said(early))) {
                return Optional.of("Two hands at once: " + said(early) + " and " + said(late)
                        + ". Both are kept; the later one counts.");
            }
        }
        return Optional.empty();
    }

    private static final Duration TWO_HANDS = Duration.ofSeconds(30);
    private static final Duration TOLD_FOR = Duration.ofMinutes(3);

    private String later(Forecast then, Forecast after) {
        if (then.minutesLeft().isEmpty() || after.minutesLeft().isEmpty()) {
            return "";
        }
        long more = Math.round(
                after.minutesLeft().get().middle() - then.minutesLeft().get().middle());
        return more == 0 ? "" : ": " + Math.abs(more) + " min " + (more > 0 ? "longer" : "sooner");
    }

    /** What the page draws: readings, the plan as it was at the start, and the band ahead; minutes since the start. */
    public Map<String, Object> drawing() {
        Map<String, Object> drawing = new LinkedHashMap<>();
        List<Map<String, Object>> readings = new ArrayList<>();
        Instant start = kept.row().startedAt();
        readings.add(Map.of(
                "minutes", 0.0, "grams", kept.cook().started().mixture().mass().grams(), "used", true));
        for (Cook.Told told : kept.cook().told()) {
            if (told.reading() instanceof CookEvent.Weighed weighed) {
                readings.add(Map.of(
                        "minutes", minutesSince(start, weighed.at()),
                        "grams", weighed.net().grams(),
                        "used", !told.questioned()));
            }
        }
        kept.cook()
                .finished()
                .ifPresent(f -> f.yield()
                        .ifPresent(mass -> readings.add(
                                Map.of("minutes", minutesSince(start, f.at()), "grams", mass.grams(), "used", true))));
        drawing.put("readings", readings);
        drawing.put("now", minutesSince(start, now));
        drawing.put("start", start.toString());
        List<Map<String, Double>> plannedPath = new ArrayList<>();
        plannedPath.add(Map.of(
                "minutes", 0.0, "grams", kept.cook().started().mixture().mass().grams()));
        plannedPath.addAll(path(planned, 0));
        drawing.put("planned", plannedPath);
        drawing.put("ahead", kept.cook().finished().isPresent() ? List.of() : path(forecast, minutesSince(start, now)));
        Optional<Snapshot> end = forecast.atTarget().or(planned::atTarget);
        end.ifPresent(at -> drawing.put("target", at.mass().grams()));
        if (kept.cook().finished().isEmpty() && !forecast.reached()) {
            forecast.minutesLeft().ifPresent(left -> drawing.put("cross", minutesSince(start, now) + left.middle()));
        }
        drawing.put("targetWords", getTarget());
        return drawing;
    }

    private static List<Map<String, Double>> path(Forecast forecast, double from) {
        return forecast.path().stream()
                .map(p -> Map.of(
                        "minutes", from + p.minutes(),
                        "low", Math.max(0, p.grams().low()),
                        "grams", p.grams().middle(),
                        "high", p.grams().high()))
                .toList();
    }

    private static double minutesSince(Instant start, Instant at) {
        return Duration.between(start, at).toMillis() / 60_000.0;
    }
}
