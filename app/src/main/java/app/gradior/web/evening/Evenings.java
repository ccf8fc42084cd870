package app.gradior.web.evening;

import app.gradior.evening.Pace;
import app.gradior.evening.Schedule;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The evenings of a kitchen. */
@Component
public class Evenings {
    /** No evening has more to tell. */
    private static final int MAX_EVENTS = 1000;

    private static final int REMEMBERED_LINES = 40;

    /** So many of the last tasks tell how fast the hands are. */
    private static final int TELLING = 80;

    private final EveningMapper mapper;
    private final AccountMapper accounts;
    private final Clock clock;
    private final JsonMapper json = new JsonMapper();

    Evenings(EveningMapper mapper, AccountMapper accounts, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.clock = clock;
    }

    /**
     * An evening as it is kept.
     *
     * @param schedule the last one that was found for it
     * @param scheduleOf what that is the schedule of
     */
    record Kept(
            UUID id,
            String name,
            EveningBody body,
            long revision,
            Optional<Schedule> schedule,
            String scheduleOf,
            Instant scheduledAt,
            Optional<Instant> startedAt,
            Optional<Instant> finishedAt) {
        public boolean live() {
            return startedAt.isPresent() && finishedAt.isEmpty();
        }
    }

    /** Something that happened and still stands. */
    record Happened(UUID id, Instant at, EveningEvent event, String person) {}

    /** What can't be done, in a sentence that says what to do. */
    static class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refused(String message) {
            super(message);
        }
    }

    Instant now() {
        return clock.instant();
    }

    /** The clock on a kitchen's wall. */
    ZoneId zone(UUID kitchen) {
        return accounts.get(kitchen).preference().zone();
    }

    List<EveningMapper.Listed> coming(UUID kitchen) {
        return mapper.coming(kitchen, now().minus(12, ChronoUnit.HOURS), 20);
    }

    List<EveningMapper.Listed> past(UUID kitchen) {
        return mapper.past(kitchen, now().minus(12, ChronoUnit.HOURS), 30);
    }

    Kept get(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id).map(this::read).orElseThrow(() -> new NotFound("evening"));
    }

    private Kept read(EveningMapper.Row row) {
        return new Kept(
                row.id(),
                row.name(),
                json.readValue(row.body(), EveningBody.class),
                row.revision(),
                Optional.ofNullable(row.schedule()).map(text -> json.readValue(text, Schedule.class)),
                row.scheduleOf(),
                row.scheduledAt(),
                Optional.ofNullable(row.startedAt()),
                Optional.ofNullable(row.finishedAt()));
    }

    /** Adds an evening; sent again under the same id, it is added once. */
    @Transactional
    public UUID add(UUID kitchen, UUID id, String name, EveningBody body) {
        if (mapper.find(kitchen, id).isEmpty()) {
            mapper.insert(kitchen, id, name, body.lastServed(), json.writeValueAsString(body), now());
        }
        return id;
    }

    /** What is to be ready: a sauce, or another job by its line. */
    public record Wanted(Optional<UUID> sauce, String line) {}

    /** Adds an evening with what is to be ready. */
    @Transactional
    public UUID add(UUID kitchen, String name, Instant served, List<Wanted> jobs) {
        EveningBody body = EveningBody.at(served, EveningText.COOK);
        for (Wanted job : jobs) {
            body = body.plus(new EveningBody.Entry(0, job.sauce().orElse(null), Map.of(), false, job.line(), 0));
            if (job.sauce().isEmpty()) {
                remember(kitchen, job.line());
            }
        }
        return add(kitchen, UUID.randomUUID(), name, body);
    }

    /** Changes how it is put together, as it is by now. */
    @Transactional
    public void change(UUID kitchen, UUID id, UnaryOperator<EveningBody> how) {
        Kept kept = locked(kitchen, id);
        EveningBody changed = how.apply(kept.body());
        mapper.change(kitchen, id, kept.name(), changed.lastServed(), json.writeValueAsString(changed));
    }

    /** An evening that nobody else changes until the transaction ends. */
    private Kept locked(UUID kitchen, UUID id) {
        return mapper.lock(kitchen, id).map(this::read).orElseThrow(() -> new NotFound("evening"));
    }

    @Transactional
    public void rename(UUID kitchen, UUID id, String name) {
        EveningBody body = locked(kitchen, id).body();
        mapper.change(kitchen, id, name, body.lastServed(), json.writeValueAsString(body));
    }

    /** Keeps the schedule that was found for what it is by a mark of that. */
    @Transactional
    void scheduled(UUID kitchen, UUID id, Schedule schedule, String of) {
        mapper.schedule(kitchen, id, json.writeValueAsString(schedule), of, now());
    }

    @Transactional
    public void goesOn(UUID kitchen, UUID id, boolean started, boolean finished) {
        Kept kept = locked(kitchen, id);
        mapper.goesOn(kitchen, id, started ? kept.startedAt().orElseGet(this::now) : null, finished ? now() : null);
    }

    @Transactional
    public void remove(UUID kitchen, UUID id) {
        locked(kitchen, id);
        mapper.removeEvents(kitchen, id);
        mapper.remove(kitchen, id);
    }

    /** Keeps what happened; the same sent again changes nothing. */
    @Transactional
    public void append(UUID kitchen, UUID evening, UUID id, Instant at, EveningEvent event) {
        Kept kept = locked(kitchen, evening);
        List<EveningMapper.EventRow> events = mapper.events(kitchen, evening);
        if (events.stream().anyMatch(e -> e.id().equals(id))) {
            return;
        }
        if (events.size() >= MAX_EVENTS) {
            throw new Refused(EveningText.TOO_MUCH_HAPPENED);
        }
        mapper.store(
                kitchen,
                evening,
                new EveningMapper.EventRow(
                        id,
                        event.kind(),
                        at.truncatedTo(ChronoUnit.MICROS),
                        json.writerFor(EveningEvent.class).writeValueAsString(event),
                        CurrentKitchen.person().orElse(null)),
                now());
        mapper.goesOn(
                kitchen,
                evening,
                kept.startedAt().orElseGet(this::now),
                kept.finishedAt().orElse(null));
    }

    /** What happened and was not undone, in the order in which it came. */
    List<Happened> happened(UUID kitchen, UUID evening) {
        List<Happened> all = new ArrayList<>();
        Set<UUID> undone = new HashSet<>();
        for (EveningMapper.EventRow row : mapper.events(kitchen, evening)) {
            EveningEvent event = json.readValue(row.body(), EveningEvent.class);
            if (event instanceof EveningEvent.Undone undo) {
                undone.add(undo.event());
            } else {
                all.add(new Happened(row.id(), row.at(), event, row.person()));
            }
        }
        return all.stream().filter(h -> !undone.contains(h.id())).toList();
    }

    /** How long handwork takes here, by what was last begun and done. */
    Pace pace(UUID kitchen) {
        Set<UUID> undone = mapper.latest(kitchen, "undone", TELLING).stream()
                .map(row -> ((EveningEvent.Undone) json.readValue(row.body(), EveningEvent.class)).event())
                .collect(Collectors.toSet());
        return Pace.of(mapper.latest(kitchen, "done", TELLING).stream()
                .filter(row -> !undone.contains(row.id()))
                .map(row -> (EveningEvent.Done) json.readValue(row.body(), EveningEvent.class))
                .filter(done -> done.took() != null && done.usual() != null)
                .map(done -> new Pace.Timed(done.took(), done.usual()))
                .toList());
    }

    void remember(UUID kitchen, String line) {
        mapper.remember(kitchen, line, now());
    }

    List<String> lines(UUID kitchen) {
        return mapper.lines(kitchen, REMEMBERED_LINES);
    }

    void forget(UUID kitchen, String line) {
        mapper.forget(kitchen, line);
    }
}
