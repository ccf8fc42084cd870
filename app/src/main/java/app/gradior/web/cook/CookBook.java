package app.gradior.web.cook;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Conditions;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.web.NotFound;
import app.gradior.web.Wording;
import app.gradior.web.pot.KitchenPot;
import app.gradior.web.sauce.Sauce;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps cooks as their stored events. */
@Component
public class CookBook {
    /** How far a device's clock may run ahead of the server's. */
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(2);

    private static final int MOST_EVENTS = 2000;

    private final CookMapper mapper;
    private final CookEventCodec codec;
    private final Clock clock;
    private final Wording say;

    CookBook(CookMapper mapper, CookEventCodec codec, Clock clock, Wording say) {
        this.mapper = mapper;
        this.codec = codec;
        this.clock = clock;
        this.say = say;
    }

    /** A cook with its name. */
    public record Kept(CookRow row, Cook cook) {}

    /** An event that can't be as it was sent; its message says to the cook what to do. */
    public static class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final String field;

        Refused(String message) {
            this(message, "value");
        }

        Refused(String message, String field) {
            super(message);
            this.field = field;
        }

        /** The field of the form that it is about. */
        String field() {
            return field;
        }
    }

    public Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /**
     * How a cook begins.
     *
     * @param mixture what of the sauce is in the pot
     * @param ring null if it was not said
     * @param knowledge what is known of this pot on this ring
     * @param plan the kept plan it follows; null if it follows none
     */
    public record Beginning(
            Sauce sauce,
            Mixture mixture,
            KitchenPot pot,
            UUID ring,
            Conditions conditions,
            Knowledge knowledge,
            Target target,
            UUID plan) {}

    /**
     * Starts a cook; a second call with the same ids changes nothing.
     *
     * @return the cook's id
     */
    @Transactional
    public UUID start(UUID kitchen, UUID cookId, Beginning beginning, Instant at) {
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
                        beginning.plan()));
        store(
                kitchen,
                cookId,
                new CookEvent.Started(
                        UUID.randomUUID(),
                        moment,
                        beginning.mixture(),
                        Celsius.ROOM,
                        beginning.conditions(),
                        beginning.target(),
                        beginning.knowledge()));
        return cookId;
    }

    /** Whether a batch counts in what is learnt of its pot. */
    public void strike(UUID kitchen, UUID cookId, boolean out) {
        if (mapper.strike(kitchen, cookId, out ? now() : null) == 0) {
            throw new NotFound("cook");
        }
    }

    /** Appends one event. */
    @Transactional
    public Kept append(UUID kitchen, UUID cookId, CookEvent event) {
        return append(kitchen, cookId, cook -> List.of(event));
    }

    /**
     * Appends events, all or none; those that are there already change nothing.
     *
     * @param made makes them of the cook as it is, under its lock
     * @throws NotFound if the kitchen has no such cook
     * @throws Refused if one of them can't be
     */
    @Transactional
    public Kept append(UUID kitchen, UUID cookId, Function<Cook, List<CookEvent>> made) {
        CookRow row = mapper.lock(kitchen, cookId).orElseThrow(() -> new NotFound("cook"));
        List<CookMapper.EventRow> rows = mapper.events(kitchen, cookId);
        Set<UUID> there = rows.stream().map(CookMapper.EventRow::id).collect(Collectors.toSet());
        Cook cook = fold(rows);
        int count = rows.size();
        for (CookEvent event : made.apply(cook)) {
            if (!there.contains(event.id())) {
                check(row, cook, count++, event);
                store(kitchen, cookId, event);
                if (event instanceof CookEvent.Finished) {
                    mapper.finish(kitchen, cookId, event.at());
                }
            }
        }
        return find(kitchen, cookId);
    }

    /** The number of the latest event of a cook; 0 if the kitchen has no such cook. */
    public long latest(UUID kitchen, UUID cookId) {
        return mapper.latest(kitchen, cookId);
    }

    private void check(CookRow row, Cook cook, int events, CookEvent event) {
        // What happened before it came off may still arrive from a device that was out of reach: it is kept.
        if (row.finishedAt() != null
                && (event instanceof CookEvent.Finished || !event.at().isBefore(row.finishedAt()))) {
            throw new Refused("This cook is finished: it stands in the journal.");
        }
        if (events >= MOST_EVENTS) {
            throw new Refused("This cook has as many entries as it can hold: take it off and start another.");
        }
        if (event.at().isAfter(now().plus(CLOCK_SLACK)) || event.at().isBefore(row.startedAt())) {
            throw new Refused("That is not within the time of this cook: check the clock of this device.");
        }
        if (event instanceof CookEvent.Weighed weighed) {
            checkWeight(cook, weighed.net(), weighed.tare(), event.at());
        } else if (event instanceof CookEvent.Finished finished) {
            finished.yield().ifPresent(mass -> checkWeight(cook, mass, Mass.ZERO, event.at()));
        } else if (event instanceof CookEvent.Undone undone
                && cook.events().stream().noneMatch(e -> e.id().equals(undone.event()))) {
            throw new Refused("That entry is not part of this cook any more.");
        } else if (event instanceof CookEvent.PotChanged change
                && change.pot()
                        .overflowsWith(cook.forecast(event.at()).current().volume())) {
            throw new Refused("That pot holds " + say.millilitres(change.pot().capacity())
                    + ", less than there is: take a larger one.");
        }
    }

    private void checkWeight(Cook cook, Mass net, Mass tare, Instant at) {
        Mass most = cook.mostPossible(at);
        if (net.compareTo(most) > 0) {
            String pot = tare.kilograms() > 0
                    ? " Is the lid or the spoon on the scale too, or is it another pot than the one of "
                            + say.grams(tare) + "?"
                    : " Is the pot in that weight?";
            throw new Refused("That would be " + say.grams(net) + " of sauce, more than the "
                    + say.grams(cook.started().mixture().mass()) + " that went in." + pot);
        }
    }

    public Kept find(UUID kitchen, UUID cookId) {
        CookRow row = mapper.find(kitchen, cookId).orElseThrow(() -> new NotFound("cook"));
        return new Kept(row, fold(mapper.events(kitchen, cookId)));
    }

    public List<Kept> underWay(UUID kitchen) {
        return mapper.underWay(kitchen).stream()
                .map(row -> new Kept(row, fold(mapper.events(kitchen, row.id()))))
                .toList();
    }

    /** The finished ones by name only, the latest first. */
    public List<CookRow> finishedRows(UUID kitchen) {
        return mapper.finished(kitchen);
    }

    public List<Kept> finished(UUID kitchen) {
        return mapper.finished(kitchen).stream()
                .map(row -> new Kept(row, fold(mapper.events(kitchen, row.id()))))
                .toList();
    }

    private Cook fold(List<CookMapper.EventRow> rows) {
        return Cook.of(rows.stream().map(row -> codec.read(row.body())).toList());
    }

    private void store(UUID kitchen, UUID cookId, CookEvent event) {
        mapper.store(
                kitchen,
                cookId,
                new CookMapper.EventRow(event.id(), CookEventCodec.kind(event), event.at(), codec.write(event)),
                now());
    }
}
