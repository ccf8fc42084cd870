package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * An event as the cook page sends it. What can't be read is refused with what to do.
 *
 * @param event its id, made by the page
 * @param kind what happened, by the names the page has for it
 * @param late ms that the page had to keep it, since the server was out of reach; null for none
 * @param amends the event that this one stands for; null if it is new
 * @param value a number or a line as typed
 * @param pot whether the pot is in the weight
 * @param tare what the empty pot weighs, where that is not known
 * @param choice the activity, lid, look, flavour, step, starch or other event chosen
 * @param second a second figure: water of a slurry, jars filled, temperature of a look
 * @param third a third one: what is left over
 * @param headspace mm left free under the rims of jars
 * @param label what is written on them
 * @param ago minutes since it happened, for what was forgotten to be said
 */
record EventForm(
        UUID event,
        String kind,
        String late,
        UUID amends,
        String value,
        Boolean pot,
        String tare,
        String choice,
        String second,
        String third,
        String headspace,
        String label,
        String ago) {
    /** Sent so soon, it happened now: the way over the network is no delay of the cook's. */
    private static final double AT_ONCE_MS = 2500;

    private static final double LONGEST_LATE_MS = Duration.ofHours(48).toMillis();

    EventForm {
        // A box that is not ticked is not sent.
        pot = pot != null && pot;
        event = event == null ? UUID.randomUUID() : event;
    }

    /** When it happened: so long ago as the page had to keep it, and as the cook says it was forgotten. */
    private Instant moment(Cook cook, Instant now) {
        double late = EventReader.optional(this.late, 0, LONGEST_LATE_MS, "late", CookText.TOO_LONG_AGO)
                .filter(ms -> ms > AT_ONCE_MS)
                .orElse(0.0);
        double minutes = EventReader.optional(ago, 0, 24 * 60, "ago", CookText.MINUTES_AGO)
                .orElse(0.0);
        // It comes after what was heard before, whatever became of the server's clock meanwhile.
        Instant present = now.isBefore(cook.lastHeard()) ? cook.lastHeard() : now;
        // A page of this cook was there no sooner than the cook: a slow way at its very start is not before it.
        Instant sent = present.minusMillis(Math.round(late));
        Instant seen = sent.isBefore(cook.started().at()) ? cook.started().at() : sent;
        return seen.minusMillis(Math.round(minutes * 60_000)).truncatedTo(ChronoUnit.MICROS);
    }

    /** What is to be stored: the event, after the taking back of the one that it amends. */
    List<CookEvent> events(CookRow row, Cook cook, EventReader.Kitchen kitchen, Instant now) {
        Instant moment = moment(cook, now);
        List<CookEvent> all = new ArrayList<>();
        if (amends != null) {
            CookEvent old = cook.events().stream()
                    .filter(e -> e.id().equals(amends))
                    .findFirst()
                    .orElseThrow(() -> new BatchService.Refused(CookText.ENTRY_GONE));
            // It stands at the time of the old one, unless that is what was wrong.
            moment = ago == null || ago.isBlank() ? old.at() : moment;
            // One id made of the new one's, so that sending it again takes nothing back twice.
            all.add(new CookEvent.Undone(undoOfAmend(event), now, amends));
        }
        EventReader reader = new EventReader(this, cook, row.potId(), kitchen);
        if ("finished".equals(kind) && reader.jars().isPresent()) {
            all.add(reader.jars().get().apply(moment));
        }
        all.add(reader.event(moment));
        return all;
    }

    /** The id of the undo that goes with an amending entry. */
    static UUID undoOfAmend(UUID entry) {
        return UUID.nameUUIDFromBytes((entry + "-undo").getBytes(StandardCharsets.US_ASCII));
    }

    /**
     * What a scale shows, sent by a program.
     *
     * @param tare what the empty pot weighs, g, where that is not known; null if it is not said
     */
    static EventForm weighed(UUID event, double grams, boolean withPot, Double tare) {
        String empty = tare == null ? null : String.valueOf(tare);
        return new EventForm(
                event,
                "weighed",
                null,
                null,
                String.valueOf(grams),
                withPot,
                empty,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** What was sent, apart from how long it was kept: by that a resend is known. */
    String content() {
        return Stream.of(kind, amends, value, pot, tare, choice, second, third, headspace, label, ago)
                .map(field -> field == null ? "" : field.toString())
                .collect(Collectors.joining("\u0000"));
    }
}
