package app.gradior.web.keeping;

import app.gradior.cook.Cook;
import app.gradior.keeping.Jar;
import app.gradior.keeping.JarEvent;
import app.gradior.keeping.JarSize;
import app.gradior.keeping.Keeping;
import app.gradior.keeping.Place;
import app.gradior.physics.ChoiOkos;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.platform.NotFound;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The jars of a kitchen, each with its events. */
@Component
public class Jars {
    /** Letters and figures that no one takes for each other. */
    private static final String CODE_LETTERS = "23456789abcdefghjkmnpqrstuvwxyz";

    private static final int CODE_LENGTH = 8;

    /** Nobody fills more at once. */
    static final int MOST_AT_ONCE = 60;

    /** What stood out for longer than this is told of no more: it is not cooling, it is forgotten. */
    private static final Duration TELLS_OF_COOLING = Duration.ofHours(12);

    private static final SecureRandom RANDOM = new SecureRandom();

    private final JarMapper mapper;
    private final JarEventCodec codec;
    private final BatchService cooks;
    private final SauceKeeping keeping;
    private final AccountMapper accounts;
    private final Clock clock;

    Jars(
            JarMapper mapper,
            JarEventCodec codec,
            BatchService cooks,
            SauceKeeping keeping,
            AccountMapper accounts,
            Clock clock) {
        this.mapper = mapper;
        this.codec = codec;
        this.cooks = cooks;
        this.keeping = keeping;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** What can't be done with a jar, in a sentence that says what to do. */
    public static class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refused(String message) {
            super(message);
        }
    }

    /** So much goes into a jar of a size; a size of null is a jar that is none of the kitchen's. */
    public record Filling(UUID size, JarSize jar, Volume volume) {}

    /** What happened to a jar, as it is told. */
    public record Happened(JarEvent event, String person, boolean undone) {}

    public Instant now() {
        return clock.instant();
    }

    /** The day it is by a clock of a zone. */
    public LocalDate today(ZoneId zone) {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    /** Where a kitchen is: its jars last by the days there, whoever asks. */
    private ZoneId zone(UUID kitchen) {
        return accounts.get(kitchen).preference().zone();
    }

    /**
     * Fills jars from a batch; sent again under the same id, nothing more is filled.
     *
     * @param form the id it is sent under
     * @param place where they stand
     * @param at when
     * @throws NotFound if the kitchen has no such batch
     * @throws Refused if they are too many
     */
    @Transactional
    public List<JarRow> fill(UUID kitchen, UUID form, UUID batch, List<Filling> fillings, Place place, Instant at) {
        CookRow row = cooks.finished(kitchen, batch);
        if (fillings.size() > MOST_AT_ONCE) {
            throw new Refused(ShelfText.TOO_MANY);
        }
        List<UUID> ids = new ArrayList<>();
        for (int i = 0; i < fillings.size(); i++) {
            ids.add(UUID.nameUUIDFromBytes((form + " " + i).getBytes(StandardCharsets.US_ASCII)));
        }
        mapper.beginNumbers(kitchen);
        // Whoever fills jars at the same time waits here: numbers follow each other.
        int last = mapper.lockNumbers(kitchen);
        if (!ids.isEmpty() && mapper.find(kitchen, ids.get(0)).isPresent()) {
            return mapper.some(kitchen, ids);
        }
        BatchService.StoredCook stored = cooks.find(kitchen, batch);
        Cook cook = stored.cook();
        Keeping keeps = keeping.ofBatch(kitchen, stored);
        double density = ChoiOkos.density(cook.sauceAt(row.finishedAt()).mixture(), Celsius.ROOM)
                .gramsPerMillilitre();
        String colour = keeping.colour(kitchen, row);
        ZoneId zone = zone(kitchen);
        List<JarRow> jars = new ArrayList<>();
        for (int i = 0; i < fillings.size(); i++) {
            Filling filling = fillings.get(i);
            JarEvent filled =
                    new JarEvent.Filled(UUID.randomUUID(), at.truncatedTo(ChronoUnit.MICROS), filling.volume(), place);
            JarRow jar = new JarRow(
                            ids.get(i),
                            last + i + 1,
                            newCode(),
                            batch,
                            row.sauceId(),
                            row.sauceName(),
                            colour,
                            row.finishedAt(),
                            filling.size(),
                            filling.jar().brim().millilitres(),
                            filling.jar().height().millimetres(),
                            filling.jar().wide(),
                            density,
                            JarRow.write(keeps.rules()),
                            JarRow.write(keeps.manners()),
                            JarRow.write(keeps.contains()),
                            keeps.allergensKnown(),
                            keeps.honey(),
                            keeps.alcohol().grams(),
                            0,
                            place,
                            0,
                            null,
                            null,
                            null,
                            null,
                            false,
                            null,
                            false)
                    .with(Jar.of(row.finishedAt(), keeps, List.of(filled), zone), 1);
            mapper.insert(kitchen, jar);
            store(kitchen, jar.id(), filled);
            jars.add(jar);
        }
        mapper.numbered(kitchen, last + fillings.size());
        return jars;
    }

    /** A code for a label that nobody guesses. */
    public static String newCode() {
        return RANDOM.ints(CODE_LENGTH, 0, CODE_LETTERS.length())
                .mapToObj(i -> String.valueOf(CODE_LETTERS.charAt(i)))
                .collect(Collectors.joining());
    }

    /**
     * Keeps what happened to a jar. The same sent again changes nothing; what another device sent meanwhile stays.
     *
     * @throws NotFound if the kitchen has no such jar
     * @throws Refused if that can't be
     */
    @Transactional
    public JarRow append(UUID kitchen, UUID id, JarEvent event) {
        JarRow jar = mapper.lock(kitchen, id).orElseThrow(() -> new NotFound("jar"));
        List<JarEvent> events = new ArrayList<>(events(kitchen, id));
        if (events.stream().anyMatch(e -> e.id().equals(event.id()))) {
            return jar;
        }
        if (event instanceof JarEvent.Undone undo && !isToUndo(events, undo)) {
            throw new Refused(ShelfText.NOTHING_TO_UNDO);
        }
        ZoneId zone = zone(kitchen);
        Keeping keeps = jar.keeping();
        Jar before = Jar.of(jar.madeAt(), keeps, events, zone);
        before.refuses(event, keeps, LocalDate.ofInstant(event.at(), zone)).ifPresent(why -> {
            throw new Refused(ShelfText.refusal(why));
        });
        events.add(event);
        store(kitchen, id, event);
        JarRow after = jar.with(Jar.of(jar.madeAt(), keeps, events, zone), events.size());
        mapper.update(kitchen, after);
        return after;
    }

    /** What filled it is undone by nobody: then there would be no jar. */
    private static boolean isToUndo(List<JarEvent> events, JarEvent.Undone undo) {
        return events.stream().skip(1).anyMatch(e -> e.id().equals(undo.event()));
    }

    private void store(UUID kitchen, UUID jar, JarEvent event) {
        mapper.store(
                kitchen,
                jar,
                new JarMapper.EventRow(
                        event.id(),
                        JarEventCodec.kind(event),
                        event.at(),
                        codec.write(event),
                        CurrentKitchen.person().orElse(null)),
                clock.instant());
    }

    private List<JarEvent> events(UUID kitchen, UUID jar) {
        return mapper.events(kitchen, jar).stream()
                .map(row -> codec.read(row.body()))
                .toList();
    }

    /** What happened to a jar, the latest first. */
    public List<Happened> history(UUID kitchen, UUID jar) {
        List<Happened> told = new ArrayList<>();
        Set<UUID> undone = new HashSet<>();
        List<JarMapper.EventRow> rows = mapper.events(kitchen, jar);
        for (int i = rows.size() - 1; i >= 0; i--) {
            JarEvent event = codec.read(rows.get(i).body());
            boolean back = undone.contains(event.id());
            if (event instanceof JarEvent.Undone undo && !back) {
                undone.add(undo.event());
            }
            told.add(new Happened(event, rows.get(i).person(), back));
        }
        return told;
    }

    public JarRow get(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id).orElseThrow(() -> new NotFound("jar"));
    }

    Optional<JarRow> ofCode(UUID kitchen, String code) {
        return mapper.ofCode(kitchen, code);
    }

    /** Those that are here, what wants using first before the others. */
    List<JarRow> here(UUID kitchen, String words, int from, int limit) {
        String name = words.isBlank()
                ? null
                : "%" + words.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
        return mapper.here(kitchen, name, from, limit);
    }

    /** Those that are here and are to be used up by some days from a day. */
    public List<JarRow> useWithin(UUID kitchen, LocalDate today, int days, int limit) {
        return mapper.usedBy(kitchen, today.plusDays(days), limit);
    }

    /** Those that stand out to cool. */
    public List<JarRow> cooling(UUID kitchen) {
        return mapper.cooling(kitchen, clock.instant().minus(TELLS_OF_COOLING));
    }

    /** How it stands, in a few words. */
    public String state(JarRow jar, LocalDate today) {
        return ShelfText.state(jar, today, clock.instant());
    }

    /** How much it wants looking after: past, mind, fine. */
    public String level(JarRow jar, LocalDate today) {
        return ShelfText.level(jar, today);
    }

    /** Those of some batches that jars were filled from. */
    public List<UUID> filledFrom(UUID kitchen, Collection<UUID> batches) {
        return batches.isEmpty() ? List.of() : mapper.filledFrom(kitchen, batches);
    }

    /** What went into jars from a batch. */
    Volume filledFrom(UUID kitchen, UUID batch) {
        return Volume.ofMillilitres(mapper.ofBatch(kitchen, batch).stream()
                .flatMap(jar -> events(kitchen, jar.id()).stream().limit(1))
                .mapToDouble(event -> event instanceof JarEvent.Filled filled
                        ? filled.volume().millilitres()
                        : 0)
                .sum());
    }

    public List<JarRow> ofBatch(UUID kitchen, UUID cook) {
        return mapper.ofBatch(kitchen, cook);
    }

    List<JarRow> some(UUID kitchen, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : mapper.some(kitchen, ids);
    }

    public List<JarRow> all(UUID kitchen) {
        return mapper.all(kitchen);
    }

    /**
     * Folds every jar of a kitchen anew, once some came in from elsewhere, and counts on behind them.
     *
     * @throws RuntimeException if what happened to one can't be read
     */
    @Transactional
    public void settle(UUID kitchen) {
        List<JarRow> jars = mapper.all(kitchen);
        ZoneId zone = zone(kitchen);
        for (JarRow jar : jars) {
            List<JarEvent> events = events(kitchen, jar.id());
            JarRow folded = jar.with(Jar.of(jar.madeAt(), jar.keeping(), events, zone), events.size());
            if (!folded.equals(jar)) {
                mapper.update(kitchen, folded);
            }
        }
        int last = jars.stream().mapToInt(JarRow::number).max().orElse(0);
        mapper.beginNumbers(kitchen);
        mapper.numbered(kitchen, Math.max(last, mapper.lockNumbers(kitchen)));
    }
}
