package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.cook.Forecast;
import app.gradior.plan.Snapshot;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.text.LidKeys;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.UnitFormat;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.util.function.SingletonSupplier;

/** A cook as its page shows it at one moment. */
public final class CookView {
    private final BatchService.StoredCook kept;
    private final Instant now;
    private final Forecast forecast;
    private final Supplier<Forecast> planned;
    private final UnitFormat say;
    private final PlanText words;
    private final EntryText entryText;
    private final Supplier<List<CookEvent>> told;
    private final Supplier<Optional<String>> news;

    /**
     * @param forecast of the moment, or of just before it
     * @param planned what was expected of it at its start
     */
    CookView(BatchService.StoredCook kept, Instant now, Forecast forecast, Supplier<Forecast> planned, UnitFormat say) {
        this.kept = kept;
        this.now = now;
        this.forecast = forecast;
        this.planned = planned;
        this.say = say;
        this.words = new PlanText(say);
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

    /**
     * A cook as the pages of all of them name it.
     *
     * @param key of the keyboard
     * @param left how long it takes still
     * @param here whether it is the page's own
     * @param timer that rings first; null if there is none, and of the page's own
     */
    public record Chip(int key, UUID id, String sauce, String left, boolean here, CookEvent.TimerStarted timer) {}

    Chip chip(int key, UUID page) {
        boolean here = kept.row().id().equals(page);
        List<CookEvent.TimerStarted> timers = kept.cook().timers();
        return new Chip(
                key,
                kept.row().id(),
                kept.row().sauceName(),
                forecast.reached()
                        ? CookText.NOW
                        : getMinutesLeft()
                                .map(left -> say.minutes(left.middle()))
                                .orElse(CookText.NEVER),
                here,
                here || timers.isEmpty() ? null : timers.get(0));
    }

    /** What the drawing of the pot shows, in words. */
    public String getPotWords() {
        return CookText.depth(
                say.depth(forecast.current().depth().millimetres()),
                forecast.atTarget().map(at -> say.depth(at.depth().millimetres())));
    }

    /**
     * Something that happened, said in words.
     *
     * @param clock when, as it is read
     * @param amendable the kind of the form that can amend it; empty if it can only be undone
     */
    public record Entry(UUID id, Instant at, String clock, String words, String amendable, boolean questioned) {}

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
        return entriesFrom(0, SHOWN_ENTRIES, say::clock);
    }

    public int getEntryCount() {
        return told.get().size();
    }

    String said(CookEvent event) {
        return entryText.of(event);
    }

    /** A page of all that happened, the latest first; pages count from 0. */
    List<Entry> entries(int page) {
        return entriesFrom(page * PAGE_OF_ENTRIES, PAGE_OF_ENTRIES, say::dayAndClock);
    }

    private List<Entry> entriesFrom(int from, int atMost, Function<Instant, String> clock) {
        Set<UUID> questioned = kept.cook().results().stream()
                .filter(Cook.ReadingResult::questioned)
                .map(results -> results.reading().id())
                .collect(Collectors.toSet());
        return told.get().stream()
                .skip(from)
                .limit(atMost)
                .map(event -> new Entry(
                        event.id(),
                        event.at(),
                        clock.apply(event.at()),
                        entryText.of(event),
                        NOT_AMENDABLE.contains(event.kind()) ? "" : event.kind().key(),
                        questioned.contains(event.id())))
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

    /** Whether there is a reading that is not counted until somebody says that it is right. */
    public boolean isDoubting() {
        return kept.cook().results().stream().anyMatch(Cook.ReadingResult::questioned);
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

    /**
     * What the page draws; minutes since the start, and g.
     *
     * @param readings minutes and weight of those that count, the pot as it was filled first
     * @param doubted of those that do not
     * @param planned the forecast at the start: minutes, the least weight, the likeliest, the most, and the grade
     * @param ahead the same from now on; empty once it is off
     * @param cross when it should be at its target; none if it is there, or does not get there
     * @param tare of the pot, as long as it is on
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Drawing(
            List<double[]> readings,
            List<double[]> doubted,
            double now,
            Instant start,
            List<double[]> planned,
            List<double[]> ahead,
            Double target,
            Double cross,
            Interval left,
            Double tare,
            String targetWords) {}

    public Drawing drawing() {
        Instant start = kept.row().startedAt();
        double minutes = minutesSince(start, now);
        double filled = fine(kept.cook().started().mixture().mass().grams());
        List<double[]> planned = new ArrayList<>();
        // It is as it was filled until it boils.
        planned.add(new double[] {
            0, filled, filled, filled, fine(planned().current().atStove().value())
        });
        planned.addAll(path(planned(), 0));
        boolean off = kept.cook().finished().isPresent();
        Optional<Interval> left = off || forecast.reached() ? Optional.empty() : forecast.minutesLeft();
        return new Drawing(
                readings(start, filled),
                weighings(start, true),
                minutes,
                start,
                planned,
                off ? List.of() : path(forecast, minutes),
                forecast.atTarget()
                        .or(() -> planned().atTarget())
                        .map(at -> fine(at.mass().grams()))
                        .orElse(null),
                left.map(until -> minutes + until.middle()).orElse(null),
                left.orElse(null),
                off || forecast.reached()
                        ? null
                        : kept.cook().conditions().pot().tare().grams(),
                getTarget());
    }

    private List<double[]> readings(Instant start, double filled) {
        List<double[]> readings = new ArrayList<>();
        readings.add(new double[] {0, filled});
        readings.addAll(weighings(start, false));
        kept.cook()
                .finished()
                .ifPresent(f -> f.yield()
                        .ifPresent(mass ->
                                readings.add(new double[] {minutesSince(start, f.at()), fine(mass.grams())})));
        return thinned(readings);
    }

    private List<double[]> weighings(Instant start, boolean doubted) {
        List<double[]> weighings = new ArrayList<>();
        for (Cook.ReadingResult result : kept.cook().results()) {
            if (result.questioned() == doubted && result.reading() instanceof CookEvent.Weighed weighed) {
                weighings.add(new double[] {
                    minutesSince(start, weighed.at()), fine(weighed.net().grams())
                });
            }
        }
        return weighings;
    }

    /** More dots than a chart has room for say nothing more: every so many of the older ones, and all of the latest. */
    private static List<double[]> thinned(List<double[]> readings) {
        int old = readings.size() - MAX_DOTS / 2;
        if (readings.size() <= MAX_DOTS) {
            return readings;
        }
        List<double[]> thinned = new ArrayList<>();
        for (int i = 0; i < MAX_DOTS / 2; i++) {
            thinned.add(readings.get((int) ((long) i * old / (MAX_DOTS / 2))));
        }
        thinned.addAll(readings.subList(old, readings.size()));
        return thinned;
    }

    private static final int MAX_DOTS = 120;

    private static List<double[]> path(Forecast forecast, double from) {
        return forecast.path().stream()
                .map(p -> new double[] {
                    fine(from + p.minutes()),
                    fine(Math.max(0, p.grams().low())),
                    fine(p.grams().middle()),
                    fine(p.grams().high()),
                    fine(p.grade())
                })
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
