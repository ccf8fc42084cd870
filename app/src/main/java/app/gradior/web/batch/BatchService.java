package app.gradior.web.batch;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.kitchen.Secrets;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.text.UnitFormat;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Keeps cooks as their stored events. */
@Component
public class BatchService {
    /** How far a device's clock may run ahead of the server's. */
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(2);

    /** Entries a cook takes; what ends, undoes or amends is taken beyond it, up to the second bound. */
    private static final int MAX_EVENTS = 2000;

    private static final int MAX_WITH_UNDOS = 20_000;

    /** Events of all the cooks that are remembered folded: some 300 bytes each. */
    private static final int REMEMBERED_EVENTS = 120_000;

    /** A cook that nobody has looked at for so long is off the stove, or will be read once more. */
    private static final Duration REMEMBERED_FOR = Duration.ofMinutes(10);

    private final CookMapper mapper;
    private final BatchSummaryMapper summaries;
    private final CookEventCodec codec;
    private final Clock clock;
    private final Counter entries;
    private final Cache<UUID, KnownCook> remembered = Caffeine.newBuilder()
            .maximumWeight(REMEMBERED_EVENTS)
            .expireAfterAccess(REMEMBERED_FOR)
            .weigher((UUID cook, KnownCook known) -> known.folded().stored().size() + 1)
            .build();

    BatchService(
            CookMapper mapper, BatchSummaryMapper summaries, CookEventCodec codec, Clock clock, MeterRegistry figures) {
        this.mapper = mapper;
        this.summaries = summaries;
        this.codec = codec;
        this.clock = clock;
        this.entries = figures.counter("gradior.entries");
    }

    /** A cook with its name and its entries as they were stored. */
    public record StoredCook(CookRow row, Folded folded) {
        public Cook cook() {
            return folded.cook();
        }
    }

    /**
     * A cook as the fold of its stored entries.
     *
     * @param stored in the order in which they came, undone ones and undos among them
     */
    public record Folded(List<StoredEvent> stored, Cook cook) {
        static Folded of(List<StoredEvent> stored) {
            return new Folded(
                    stored, Cook.of(stored.stream().map(StoredEvent::event).toList()));
        }

        /** With what came last; only what cannot be carried on is folded anew. */
        Folded plus(List<StoredEvent> more) {
            List<StoredEvent> all = new ArrayList<>(stored);
            all.addAll(more);
            Optional<Cook> carriedOn = Optional.of(cook);
            for (StoredEvent event : more) {
                carriedOn = carriedOn.flatMap(c -> c.plus(event.event()));
            }
            List<StoredEvent> kept = List.copyOf(all);
            return carriedOn.map(c -> new Folded(kept, c)).orElseGet(() -> of(kept));
        }

        public Optional<StoredEvent> find(UUID id) {
            return stored.stream().filter(s -> s.event().id().equals(id)).findFirst();
        }
    }

    /** What a cook was at one of its revisions. */
    private record KnownCook(long revision, Folded folded) {}

    /** @param contentHash of what was sent under its id; null if that is not known */
    public record StoredEvent(CookEvent event, String contentHash) {}

    /** An event that can't be as it was sent. */
    public static class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;
        private static final String VALUE = "value";

        private final transient Function<UnitFormat, String> why;
        private final String field;

        public Refused(String message) {
            this(message, VALUE);
        }

        public Refused(String message, String field) {
            this(say -> message, field);
        }

        /** @param why what is wrong and what to do, in the units of whoever reads it */
        public Refused(Function<UnitFormat, String> why) {
            this(why, VALUE);
        }

        private Refused(Function<UnitFormat, String> why, String field) {
            super(why.apply(UnitFormat.METRIC));
            this.why = why;
            this.field = field;
        }

        /** Says to the cook what is wrong and what to do. */
        public String said(UnitFormat say) {
            return why.apply(say);
        }

        /** The field of the form that it is about. */
        public String field() {
            return field;
        }
    }

    public Instant now() {
        return clock.instant();
    }

    /**
     * How a cook begins.
     *
     * @param mixture what of the sauce is in the pot
     * @param ring null if it was not said
     * @param knowledge what is known of this pot on this ring
     * @param aim what it is for and how thick it is to be
     * @param plan the kept plan it follows; null if it follows none
     */
    public record CookStart(
            Sauce sauce,
            Mixture mixture,
            KitchenPot pot,
            UUID ring,
            Conditions conditions,
            Knowledge knowledge,
            Target target,
            BatchAim aim,
            UUID plan) {}

    /**
     * Starts a cook; a second call with the same ids changes nothing.
     *
     * @return the cook's id
     * @throws DuplicateKeyException if another kitchen has a cook of this id, or another call has just started it
     */
    @Transactional
    public UUID start(UUID kitchen, UUID cookId, CookStart beginning, Instant at) {
        if (mapper.find(kitchen, cookId).isPresent()) {
            return cookId;
        }
        Instant moment = at.truncatedTo(ChronoUnit.MICROS);
        Sauce sauce = beginning.sauce();
        mapper.insert(
                kitchen,
                new CookRow(
                        cookId,
                        sauce.id(),
                        sauce.version(),
                        beginning.pot().id(),
                        beginning.ring(),
                        sauce.name(),
                        beginning.pot().name(),
                        moment,
                        null,
                        null,
                        beginning.plan(),
                        0,
                        beginning.aim().use().orElse(null),
                        beginning.aim().served().degrees(),
                        beginning.aim().low().orElse(null),
                        beginning.aim().high().orElse(null),
                        CurrentKitchen.person().orElse(null)));
        CookEvent started = new CookEvent.Started(
                UUID.randomUUID(),
                moment,
                beginning.mixture(),
                Celsius.ROOM,
                beginning.conditions(),
                beginning.target(),
                beginning.knowledge());
        store(kitchen, cookId, new StoredEvent(started, null));
        return cookId;
    }

    /** Whether a batch counts in what is learnt of its pot. */
    public void exclude(UUID kitchen, UUID cookId, boolean out) {
        if (mapper.exclude(kitchen, cookId, out ? now() : null) == 0) {
            throw new NotFound("cook");
        }
    }

    /** Appends one event. */
    @Transactional
    public StoredCook append(UUID kitchen, UUID cookId, CookEvent event) {
        return append(kitchen, cookId, List.of(event));
    }

    /**
     * Appends events in their order, all of them or none.
     *
     * @param events at least one
     */
    @Transactional
    public StoredCook append(UUID kitchen, UUID cookId, List<CookEvent> events) {
        CookEvent last = events.get(events.size() - 1);
        return append(kitchen, cookId, last.id(), codec.write(last), (row, cook) -> events);
    }

    /**
     * Appends what was sent under an id, all of it or nothing. The same sent again changes nothing.
     *
     * @param sent the id it was sent under: that of its last event
     * @param content what was sent, as text: what tells a resend from something else
     * @param made makes the events of the cook as it is, under its lock
     * @throws NotFound if the kitchen has no such cook
     * @throws Refused if one of them can't be, or if something else was sent under this id before
     */
    @Transactional
    public StoredCook append(
            UUID kitchen, UUID cookId, UUID sent, String content, BiFunction<CookRow, Cook, List<CookEvent>> made) {
        CookRow row = mapper.lock(kitchen, cookId).orElseThrow(() -> new NotFound("cook"));
        Folded before = folded(kitchen, row);
        String hash = Secrets.hash(content);
        if (before.find(sent).isPresent()
                && mapper.eventsFrom(kitchen, cookId, sent).isEmpty()) {
            // It was read after it was made and before it was on the disk, and went when the database did.
            before = Folded.of(read(mapper.events(kitchen, cookId)));
        }
        Optional<StoredEvent> earlier = before.find(sent);
        if (earlier.isPresent()) {
            if (earlier.get().contentHash() != null
                    && !earlier.get().contentHash().equals(hash)) {
                throw new Refused(BatchText.SENT_TWICE);
            }
            return new StoredCook(row, before);
        }
        List<CookEvent> events = made.apply(row, before.cook());
        boolean alwaysTaken =
                events.stream().anyMatch(e -> e instanceof CookEvent.Finished || e instanceof CookEvent.Undone);
        int max = alwaysTaken ? MAX_WITH_UNDOS : MAX_EVENTS;
        if (before.stored().size() + events.size() > max) {
            throw new Refused(BatchText.AS_LONG_AS_IT_GETS);
        }
        List<StoredEvent> stored = new ArrayList<>();
        for (CookEvent event : events) {
            check(row, before, event);
            StoredEvent kept = new StoredEvent(event, hash);
            store(kitchen, cookId, kept);
            stored.add(kept);
        }
        Folded after = before.plus(stored);
        CookRow changed = row.changed(after.cook().finished().map(CookEvent::at).orElse(null));
        mapper.changed(kitchen, cookId, changed.finishedAt());
        summarise(kitchen, row, changed, after.cook());
        rememberOnceCommitted(changed, after);
        return new StoredCook(changed, after);
    }

    /** What lists and learning ask of it changes with its end, and with every late entry. */
    private void summarise(UUID kitchen, CookRow before, CookRow after, Cook cook) {
        if (after.finishedAt() != null) {
            summaries.write(kitchen, summary(after, cook), BatchSummary.MODEL);
        } else if (before.finishedAt() != null) {
            summaries.remove(kitchen, after.id());
        }
    }

    /** A finished cook in short. */
    BatchSummary.Made summary(CookRow row, Cook cook) {
        BatchAim aim = row.servedC() == null ? BatchAim.of(cook.target()) : row.aim();
        return BatchSummary.of(row, aim, cook);
    }

    private void rememberOnceCommitted(CookRow row, Folded folded) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                entries.increment();
                remembered.put(row.id(), new KnownCook(row.revision(), folded));
            }
        });
    }

    /** A cook and the kitchen that it is in. */
    public record Which(UUID kitchen, UUID cook) {}

    /** How often the entries of cooks have changed, of those that are there. */
    public Map<Which, Long> revisions(Set<Which> cooks) {
        Set<UUID> kitchens = cooks.stream().map(Which::kitchen).collect(Collectors.toSet());
        Set<UUID> ids = cooks.stream().map(Which::cook).collect(Collectors.toSet());
        return mapper.revisions(kitchens, ids).stream()
                .filter(row -> cooks.contains(row.which()))
                .collect(Collectors.toMap(CookMapper.RevisionRow::which, CookMapper.RevisionRow::revision));
    }

    private void check(CookRow row, Folded folded, CookEvent event) {
        Cook cook = folded.cook();
        if (event instanceof CookEvent.Undone undone) {
            checkReference(row, folded, undone.event());
            return;
        }
        if (event instanceof CookEvent.Confirmed confirmed) {
            checkReference(row, folded, confirmed.reading());
            return;
        }
        // What happened before it came off may still arrive from a device that was out of reach: it is kept.
        if (row.finishedAt() != null
                && (event instanceof CookEvent.Finished || !event.at().isBefore(row.finishedAt()))) {
            throw new Refused(BatchText.FINISHED);
        }
        // A server's clock may be set back; what was heard of the cook has been nevertheless.
        Instant present = now().isBefore(cook.lastHeard()) ? cook.lastHeard() : now();
        if (event.at().isAfter(present.plus(CLOCK_SLACK)) || event.at().isBefore(row.startedAt())) {
            throw new Refused(BatchText.NOT_WITHIN_ITS_TIME);
        }
        if (event instanceof CookEvent.Weighed weighed) {
            checkWeight(cook, weighed.net(), weighed.tare(), event.at());
        } else if (event instanceof CookEvent.Finished finished) {
            finished.yield().ifPresent(mass -> checkWeight(cook, mass, Mass.ZERO, event.at()));
        } else if (event instanceof CookEvent.PotChanged change
                && change.pot()
                        .overflowsWith(cook.forecast(event.at()).current().volume())) {
            throw new Refused(
                    say -> BatchText.potTooSmall(say.millilitres(change.pot().capacity())));
        }
    }

    /** What undoes or confirms is about another event, which must be there; it may come at any time, also in the journal. */
    private static void checkReference(CookRow row, Folded folded, UUID about) {
        CookEvent meant = folded.find(about)
                .map(StoredEvent::event)
                .filter(e -> !(e instanceof CookEvent.Started))
                .orElseThrow(() -> new Refused(BatchText.ENTRY_GONE));
        boolean endsAgain = row.finishedAt() != null
                && meant instanceof CookEvent.Undone undo
                && folded.find(undo.event())
                        .filter(e -> e.event() instanceof CookEvent.Finished)
                        .isPresent();
        if (endsAgain) {
            throw new Refused(BatchText.TAKEN_OFF_AGAIN);
        }
    }

    private void checkWeight(Cook cook, Mass net, Mass tare, Instant at) {
        Mass max = cook.maxPossible(at);
        if (net.compareTo(max) > 0) {
            Mass wentIn = cook.started().mixture().mass();
            throw new Refused(say -> BatchText.moreThanWentIn(say.grams(net), say.grams(wentIn))
                    + (tare.kilograms() > 0 ? BatchText.otherThings(say.grams(tare)) : BatchText.POT_IN_THAT_WEIGHT));
        }
    }

    public StoredCook find(UUID kitchen, UUID cookId) {
        return kept(kitchen, mapper.find(kitchen, cookId).orElseThrow(() -> new NotFound("cook")));
    }

    /** The row of a cook alone. */
    public CookRow row(UUID kitchen, UUID cookId) {
        return mapper.find(kitchen, cookId).orElseThrow(() -> new NotFound("cook"));
    }

    /**
     * The row of a cook that came off.
     *
     * @throws NotFound if the kitchen has none of this id, or it is still under way
     */
    public CookRow finished(UUID kitchen, UUID cookId) {
        return Optional.of(row(kitchen, cookId))
                .filter(cook -> cook.finishedAt() != null)
                .orElseThrow(() -> new NotFound("batch"));
    }

    public List<StoredCook> underWay(UUID kitchen) {
        return rowsUnderWay(kitchen).stream().map(row -> kept(kitchen, row)).toList();
    }

    /** The rows of those that are under way. */
    public List<CookRow> rowsUnderWay(UUID kitchen) {
        return mapper.underWay(kitchen);
    }

    /** How many cooks a kitchen has. */
    public int count(UUID kitchen) {
        return mapper.count(kitchen);
    }

    /**
     * Folds every cook of a kitchen once, to see that it can be.
     *
     * @throws RuntimeException of whichever can't
     */
    public void readAll(UUID kitchen) {
        for (CookRow row : mapper.all(kitchen)) {
            // One of this id and revision may have been another before it came in.
            remembered.invalidate(row.id());
            Folded.of(read(mapper.events(kitchen, row.id()))).cook().started();
        }
    }

    /** A cook whose row was just read. */
    public StoredCook kept(UUID kitchen, CookRow row) {
        return new StoredCook(row, folded(kitchen, row));
    }

    /** What was read after the row may be newer than its revision, never older; the next revision is read anew. */
    private Folded folded(UUID kitchen, CookRow row) {
        KnownCook known = remembered.getIfPresent(row.id());
        if (known != null && known.revision() == row.revision()) {
            return known.folded();
        }
        Folded folded = Optional.ofNullable(known)
                .flatMap(earlier -> carriedOn(kitchen, row.id(), earlier.folded()))
                .orElseGet(() -> Folded.of(read(mapper.events(kitchen, row.id()))));
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            remembered.put(row.id(), new KnownCook(row.revision(), folded));
        }
        return folded;
    }

    /** With what another node has added: entries are only ever added, so of a long cook just those are read. */
    private Optional<Folded> carriedOn(UUID kitchen, UUID cook, Folded known) {
        UUID last = known.stored().get(known.stored().size() - 1).event().id();
        List<CookMapper.EventRow> from = mapper.eventsFrom(kitchen, cook, last);
        return from.isEmpty() ? Optional.empty() : Optional.of(known.plus(read(from.subList(1, from.size()))));
    }

    private List<StoredEvent> read(List<CookMapper.EventRow> rows) {
        return rows.stream()
                .map(row -> new StoredEvent(codec.read(row.body()), row.contentHash()))
                .toList();
    }

    private void store(UUID kitchen, UUID cookId, StoredEvent stored) {
        CookEvent event = stored.event();
        mapper.store(
                kitchen,
                cookId,
                new CookMapper.EventRow(
                        event.id(), event.kind().key(), event.at(), codec.write(event), stored.contentHash()),
                now());
    }
}
