package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.cook.Forecast;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.equipment.PotDrawing;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.Wording;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.util.function.SingletonSupplier;

/** A cook as its page shows it at one moment. */
public final class CookView {
    private final BatchService.StoredCook kept;
    private final Instant now;
    private final Forecast forecast;
    private final Supplier<Forecast> planned;
    private final Wording say;
    private final PlanText words;
    private final EntryText entryText;
    private final Supplier<List<CookEvent>> told;
    private final Supplier<Optional<String>> news;

    /**
     * @param forecast of the moment, or of just before it
     * @param planned what was expected of it at its start
     */
    CookView(
            BatchService.StoredCook kept,
            Instant now,
            Forecast forecast,
            Supplier<Forecast> planned,
            Wording say,
            PlanText words) {
        this.kept = kept;
        this.now = now;
        this.forecast = forecast;
        this.planned = planned;
        this.say = say;
        this.words = words;
        this.entryText = new EntryText(say, id -> kept.folded().find(id).map(BatchService.StoredEvent::event));
        this.told = SingletonSupplier.of(this::toldOf);
        this.news = SingletonSupplier.of(this::latestNews);
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
        return LidKeys.keyOf(kept.cook().conditions().lid());
    }

    public Optional<Interval> getMinutesLeft() {
        return forecast.minutesLeft();
    }

    public Snapshot getStart() {
        return planned().current();
    }

    /** The forecast as the pot went on, before anything was read. */
    public Forecast planned() {
        return planned.get();
    }

    public PotDrawing getPotDrawing() {
        return PotDrawing.of(kept.cook().conditions().pot());
    }

    /** What the drawing of the pot shows, in words. */
    public String getPotWords() {
        return CookText.depth(
                forecast.current().depth().millimetres(),
                forecast.atTarget().map(at -> at.depth().millimetres()));
    }

    /** Something that happened, said in words. */
    public record Entry(CookEvent event, String words, boolean questioned) {
        /** The kind of the form that can amend it; empty if it can only be undone. */
        public String amendable() {
            return NOT_AMENDABLE.contains(event.kind()) ? "" : event.kind().key();
        }
    }

    /** What can only be undone: there is nothing in it to be put otherwise. */
    private static final Set<EventKind> NOT_AMENDABLE = EnumSet.of(
            EventKind.STARTED,
            EventKind.FINISHED,
            EventKind.JARRED,
            EventKind.UNDONE,
            EventKind.CONFIRMED,
            EventKind.STIRRED,
            EventKind.TICKED,
            EventKind.TIMER_STOPPED);

    /** Entries on a page that shows other things too; all of them have pages of their own. */
    private static final int SHOWN_ENTRIES = 8;

    /** Entries on a page of nothing else. */
    static final int PAGE_OF_ENTRIES = 100;

    /** What happened lately, the latest first. */
    public List<Entry> getEntries() {
        return entriesFrom(0, SHOWN_ENTRIES);
    }

    public int getEntryCount() {
        return told.get().size();
    }

    String said(CookEvent event) {
        return entryText.of(event);
    }

    /** A page of all that happened, the latest first; pages count from 0. */
    List<Entry> entries(int page) {
        return entriesFrom(page * PAGE_OF_ENTRIES, PAGE_OF_ENTRIES);
    }

    private List<Entry> entriesFrom(int from, int atMost) {
        Set<UUID> questioned = kept.cook().results().stream()
                .filter(Cook.ReadingResult::questioned)
                .map(results -> results.reading().id())
                .collect(Collectors.toSet());
        return told.get().stream()
                .skip(from)
                .limit(atMost)
                .map(event -> new Entry(event, entryText.of(event), questioned.contains(event.id())))
                .toList();
    }

    /** What happened, the latest first. */
    private List<CookEvent> toldOf() {
        List<CookEvent> events = kept.cook().events();
        Set<UUID> ofAmends = events.stream().anyMatch(CookEvent.Undone.class::isInstance)
                ? events.stream()
                        .map(event -> EventForm.undoOfAmend(event.id()))
                        .collect(Collectors.toSet())
                : Set.of();
        List<CookEvent> all = new ArrayList<>(events);
        all.removeIf(event -> event instanceof CookEvent.Confirmed
                || event instanceof CookEvent.TimerStopped
                || ofAmends.contains(event.id()));
        Collections.reverse(all);
        return all;
    }

    /** What the latest reading changed, in a line; empty before the first. */
    public Optional<String> getNews() {
        return news.get();
    }

    private Optional<String> latestNews() {
        List<Cook.ReadingResult> results = kept.cook().results();
        if (results.isEmpty()) {
            return Optional.empty();
        }
        Cook.ReadingResult last = results.get(results.size() - 1);
        if (last.questioned()) {
            return Optional.of(questioned(last));
        }
        Forecast then =
                kept.cook().forecastBeforeLastResult(last.reading().at()).orElseThrow();
        Forecast after = CookViews.isOf(forecast, last.reading().at())
                ? forecast
                : kept.cook().forecast(last.reading().at());
        return Optional.of(
                capital(entryText.of(last.reading())) + ". " + changed(then, after) + later(then, after) + ".");
    }

    /** The latest reading, if it is not counted until somebody says that it is right. */
    public Optional<CookEvent> getQuestioned() {
        List<Cook.ReadingResult> results = kept.cook().results();
        return results.isEmpty() || !results.get(results.size() - 1).questioned()
                ? Optional.empty()
                : Optional.of(results.get(results.size() - 1).reading());
    }

    public boolean isWeighingQuestioned() {
        return getQuestioned().filter(CookEvent.Weighed.class::isInstance).isPresent();
    }

    private String questioned(Cook.ReadingResult last) {
        if (last.reading() instanceof CookEvent.Weighed weighed) {
            double tare = weighed.tare().grams();
            double off = last.measured() * 1000 - last.expected() * 1000;
            String guess = Math.abs(off + tare) < 0.1 * last.expected() * 1000
                    ? CookText.withoutThePot(say.grams(last.measured() * 1000 + tare))
                    : Math.abs(off - tare) < 0.1 * last.expected() * 1000
                            ? CookText.withThePot(say.grams(last.measured() * 1000 - tare))
                            : CookText.MISTYPED;
            return CookText.unlikelyWeight(say.grams(last.measured() * 1000), say.about(last.expected() * 1000), guess);
        }
        return CookText.unlikely(capital(entryText.of(last.reading())));
    }

    /** What a reading changed: the pace if it did, else the thickness. */
    private String changed(Forecast then, Forecast after) {
        double paceThen = then.loss().gramsPerMinute();
        double pace = after.loss().gramsPerMinute();
        boolean asThought = Math.round(pace) == Math.round(paceThen);
        double thicker = after.current().warm().value() - then.current().warm().value();
        if (asThought && Math.abs(thicker) >= 0.1) {
            return CookText.thicker(thicker > 0, say.number(Math.abs(thicker), 1));
        }
        return CookText.losing(say.pace(pace), asThought, say.grams(paceThen));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
    }

    private String later(Forecast then, Forecast after) {
        if (then.minutesLeft().isEmpty() || after.minutesLeft().isEmpty()) {
            return "";
        }
        long more = Math.round(
                after.minutesLeft().get().middle() - then.minutesLeft().get().middle());
        return more == 0 ? "" : CookText.change(more);
    }

    /** What the page draws: readings, the plan as it was at the start, and the band ahead; minutes since the start. */
    public Map<String, Object> drawing() {
        Map<String, Object> drawing = new LinkedHashMap<>();
        List<Map<String, Object>> readings = new ArrayList<>();
        Instant start = kept.row().startedAt();
        readings.add(Map.of(
                "minutes",
                0.0,
                "grams",
                fine(kept.cook().started().mixture().mass().grams()),
                "used",
                true));
        for (Cook.ReadingResult results : kept.cook().results()) {
            if (results.reading() instanceof CookEvent.Weighed weighed) {
                readings.add(Map.of(
                        "minutes", minutesSince(start, weighed.at()),
                        "grams", fine(weighed.net().grams()),
                        "used", !results.questioned()));
            }
        }
        kept.cook()
                .finished()
                .ifPresent(f -> f.yield()
                        .ifPresent(mass -> readings.add(Map.of(
                                "minutes", minutesSince(start, f.at()), "grams", fine(mass.grams()), "used", true))));
        drawing.put("readings", thinned(readings));
        drawing.put("now", minutesSince(start, now));
        drawing.put("start", start.toString());
        List<Map<String, Double>> plannedPath = new ArrayList<>();
        plannedPath.add(Map.of(
                "minutes",
                0.0,
                "grams",
                fine(kept.cook().started().mixture().mass().grams())));
        plannedPath.addAll(path(planned(), 0));
        drawing.put("planned", plannedPath);
        drawing.put("ahead", kept.cook().finished().isPresent() ? List.of() : path(forecast, minutesSince(start, now)));
        Optional<Snapshot> end = forecast.atTarget().or(() -> planned().atTarget());
        end.ifPresent(at -> drawing.put("target", fine(at.mass().grams())));
        if (kept.cook().finished().isEmpty() && !forecast.reached()) {
            forecast.minutesLeft().ifPresent(left -> {
                drawing.put("cross", minutesSince(start, now) + left.middle());
                drawing.put("left", left);
            });
            drawing.put("tare", kept.cook().conditions().pot().tare().grams());
        }
        drawing.put("targetWords", getTarget());
        return drawing;
    }

    /** More dots than a chart has room for say nothing more: every so many of the older ones, and all of the latest. */
    private static List<Map<String, Object>> thinned(List<Map<String, Object>> readings) {
        int old = readings.size() - MAX_DOTS / 2;
        if (readings.size() <= MAX_DOTS) {
            return readings;
        }
        List<Map<String, Object>> thinned = new ArrayList<>();
        for (int i = 0; i < MAX_DOTS / 2; i++) {
            thinned.add(readings.get((int) ((long) i * old / (MAX_DOTS / 2))));
        }
        thinned.addAll(readings.subList(old, readings.size()));
        return thinned;
    }

    private static final int MAX_DOTS = 120;

    private static List<Map<String, Double>> path(Forecast forecast, double from) {
        return forecast.path().stream()
                .map(p -> Map.of(
                        "minutes", fine(from + p.minutes()),
                        "low", fine(Math.max(0, p.grams().low())),
                        "grams", fine(p.grams().middle()),
                        "high", fine(p.grams().high()),
                        "grade", fine(p.grade())))
                .toList();
    }

    private static double minutesSince(Instant start, Instant at) {
        return fine(Duration.between(start, at).toMillis() / 60_000.0);
    }

    /** Finer than anything that is drawn or said of it; all their digits would be half of the page. */
    private static double fine(double value) {
        return Math.round(value * 1000) / 1000.0;
    }
}
