package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.NumberInput;
import app.gradior.measure.ReadLine;
import app.gradior.measure.TypedMass;
import app.gradior.pot.Activity;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.sauce.Sieve;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchService;
import app.gradior.web.text.LidKeys;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
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
        String choice,
        String second,
        String third,
        String headspace,
        String label,
        String ago) {
    /** Sent so soon, it happened now: the way over the network is no delay of the cook's. */
    private static final double AT_ONCE_MS = 2500;

    private static final double LONGEST_LATE_MS = Duration.ofHours(48).toMillis();

    private static final int LONGEST_LABEL = 60;
    private static final double MAX_GRAMS = 300_000;

    private static final int LONGEST_JAR_LABEL = 300;

    /** What a jar is left free under the rim if nothing is said: enough for what is frozen in it, mm. */
    private static final double USUAL_HEADSPACE = 15;

    EventForm {
        // A box that is not ticked is not sent.
        pot = pot != null && pot;
        event = event == null ? UUID.randomUUID() : event;
    }

    /** What an event is made with: what the kitchen knows. */
    record Kitchen(Function<String, ReadLine> lines, Function<UUID, Optional<Pot>> pots) {
        static Kitchen of(LineGrammar grammar, Function<UUID, Optional<Pot>> pots) {
            return new Kitchen(grammar::read, pots);
        }
    }

    /** When it happened: so long ago as the page had to keep it, and as the cook says it was forgotten. */
    private Instant moment(Cook cook, Instant now) {
        double late = optional(
                        this.late,
                        0,
                        LONGEST_LATE_MS,
                        "late",
                        "That happened too long ago to be sent now: say it anew, by hand.")
                .filter(ms -> ms > AT_ONCE_MS)
                .orElse(0.0);
        double minutes = optional(
                        ago, 0, 24 * 60, "ago", "How many minutes ago was it? Give a plain number, such as 5.")
                .orElse(0.0);
        // A page of this cook was there no sooner than the cook: a slow way at its very start is not before it.
        Instant sent = now.minusMillis(Math.round(late));
        Instant seen = sent.isBefore(cook.started().at()) ? cook.started().at() : sent;
        return seen.minusMillis(Math.round(minutes * 60_000)).truncatedTo(ChronoUnit.MICROS);
    }

    /** What is to be stored: the event, after the taking back of the one that it amends. */
    List<CookEvent> events(Cook cook, Kitchen kitchen, Instant now) {
        Instant moment = moment(cook, now);
        List<CookEvent> all = new ArrayList<>();
        if (amends != null) {
            CookEvent old = cook.events().stream()
                    .filter(e -> e.id().equals(amends))
                    .findFirst()
                    .orElseThrow(() -> new BatchService.Refused("That entry is not part of this cook any more."));
            // It stands at the time of the old one, unless that is what was wrong.
            moment = ago == null || ago.isBlank() ? old.at() : moment;
            // One id made of the new one's, so that sending it again takes nothing back twice.
            all.add(new CookEvent.Undone(undoOfAmend(event), now, amends));
        }
        if ("finished".equals(kind) && jars().isPresent()) {
            all.add(jars().get().apply(moment));
        }
        all.add(made(cook, kitchen, moment));
        return all;
    }

    private UUID id() {
        return event;
    }

    /** The id of the undo that goes with an amending entry. */
    static UUID undoOfAmend(UUID entry) {
        return UUID.nameUUIDFromBytes((entry + "-undo").getBytes(StandardCharsets.US_ASCII));
    }

    /** What was sent, apart from how long it was kept: by that a resend is known. */
    String content() {
        return Stream.of(kind, amends, value, pot, choice, second, third, headspace, label, ago)
                .map(field -> field == null ? "" : field.toString())
                .collect(Collectors.joining("\u0000"));
    }

    private CookEvent made(Cook cook, Kitchen kitchen, Instant moment) {
        UUID id = id();
        if ("given-up".equals(kind)) {
            return new CookEvent.Finished(id, moment, Optional.empty(), Optional.empty());
        }
        return switch (EventKind.ofKey(kind).orElseThrow(EventForm::unknown)) {
            case WEIGHED -> weighed(cook, id, moment);
            case DIPPED ->
                new CookEvent.Dipped(
                        id,
                        moment,
                        Length.ofMillimetres(number(
                                0,
                                cook.conditions().pot().wall().millimetres(),
                                "Give the depth in mm, from 0 to the pot's "
                                        + Math.round(
                                                cook.conditions().pot().wall().millimetres()) + " mm.")));
            case JUGGED ->
                new CookEvent.Jugged(
                        id, moment, Volume.ofMillilitres(number(1, MAX_GRAMS, "Give the volume in ml, such as 650.")));
            case SPOON_LOOKED ->
                new CookEvent.SpoonLooked(
                        id,
                        moment,
                        chosen(SpoonCoat.class),
                        optional(second, -5, 125, "second", "Give its temperature in °C, or leave that free.")
                                .map(Celsius::of));
            case PLATE_SPREAD_READ ->
                new CookEvent.PlateSpreadRead(
                        id,
                        moment,
                        Length.ofCentimetres(
                                number(2, 40, "Give how far it spread in cm, between 2 and 40, such as 9.5.")),
                        Celsius.of(optional(second, -5, 100, "second", "Give its temperature on the plate in °C.")
                                .orElse(Celsius.SERVED_WARM.degrees())));
            case TEMPERATURE_READ ->
                new CookEvent.TemperatureRead(
                        id, moment, Celsius.of(number(-5, 160, "Give the temperature in °C, between -5 and 160.")));
            case TASTED ->
                new CookEvent.Tasted(id, moment, chosen(CookEvent.Flavour.class), (int)
                        number(-2, 2, "Choose one of the five steps."));
            case HEAT_CHANGED -> new CookEvent.HeatChanged(id, moment, chosen(Activity.class));
            case HEAT_SWITCHED -> new CookEvent.HeatSwitched(id, moment, "on".equals(choice));
            case LID_CHANGED -> new CookEvent.LidChanged(id, moment, LidKeys.lid(choice));
            case SIMMERS -> new CookEvent.Simmers(id, moment);
            case STIRRED -> new CookEvent.Stirred(id, moment);
            case ADDED -> added(kitchen, id, moment);
            case SLURRY_POURED ->
                new CookEvent.SlurryPoured(
                        id,
                        moment,
                        StarchKind.ofKey(choice).orElseThrow(() -> new BatchService.Refused("Choose the starch.")),
                        Mass.ofGrams(number(0.1, 5000, "Give the grams of starch that went in, such as 3.")),
                        Mass.ofGrams(
                                number(second, 0, 20_000, "second", "Give the grams of water it was stirred into.")));
            case BLENDED -> new CookEvent.Blended(id, moment);
            case STRAINED -> strained(cook, id, moment);
            case POT_CHANGED ->
                new CookEvent.PotChanged(
                        id,
                        moment,
                        kitchen.pots()
                                .apply(reference("Choose the pot it is in now."))
                                .orElseThrow(() -> new BatchService.Refused("Choose the pot it is in now.")));
            case TICKED -> new CookEvent.Ticked(id, moment, label("step"), !"no".equals(value));
            case TIMER_STARTED ->
                new CookEvent.TimerStarted(
                        id,
                        moment,
                        label("timer"),
                        Duration.ofSeconds(
                                Math.round(60 * number(0.1, 1440, "Give minutes, from 0.1 to 1440, such as 5."))));
            case WANTED ->
                new CookEvent.Wanted(
                        id,
                        moment,
                        moment.plusMillis(Math.round(
                                60_000 * number(1, 1440, "Give the minutes until then, from 1 to 1440, such as 45."))));
            case TIMER_STOPPED ->
                new CookEvent.TimerStopped(id, moment, reference("That timer is not there any more."));
            case UNDONE -> new CookEvent.Undone(id, moment, reference("That entry is not part of this cook any more."));
            case CONFIRMED ->
                new CookEvent.Confirmed(id, moment, reference("That entry is not part of this cook any more."));
            case FINISHED ->
                new CookEvent.Finished(
                        id,
                        moment,
                        Optional.of(pot ? weighed(cook, id, moment).net() : sauce()),
                        choice == null || choice.isEmpty() ? Optional.empty() : Optional.of(chosen(SpoonCoat.class)),
                        jarLabel());
            // A cook is started by its plan, and jars are said with what takes it off.
            case STARTED, JARRED -> throw unknown();
        };
    }

    private static BatchService.Refused unknown() {
        return new BatchService.Refused("That is nothing this page knows: reload it and try again.");
    }

    /** Jars that were filled as it came off, if the form says so: their size, how many, the headspace, what is left over. */
    private Optional<Function<Instant, CookEvent>> jars() {
        if (second == null || second.isBlank()) {
            return Optional.empty();
        }
        String[] parts = second.split("[x×*]");
        String wrong = "Give jars as number × ml, such as 2 × 250.";
        if (parts.length != 2) {
            throw new BatchService.Refused(wrong, "second");
        }
        int count = (int) number(parts[0], 1, 200, "second", wrong);
        double millilitres = number(parts[1].replace("ml", ""), 5, 5000, "second", wrong);
        double left = optional(third, 0, MAX_GRAMS, "third", "Give what is left over in ml, or leave it free.")
                .orElse(0.0);
        double free = optional(
                        headspace,
                        0,
                        60,
                        "headspace",
                        "Give what is left free under the rim in mm, 0 to 60, such as 15.")
                .orElse(USUAL_HEADSPACE);
        return Optional.of(moment -> new CookEvent.Jarred(
                UUID.nameUUIDFromBytes((id() + "-jars").getBytes(StandardCharsets.US_ASCII)),
                moment,
                Volume.ofMillilitres(millilitres),
                count,
                Length.ofMillimetres(free),
                Volume.ofMillilitres(left)));
    }

    private String jarLabel() {
        String written = label == null ? "" : label.strip();
        if (written.length() > LONGEST_JAR_LABEL) {
            throw new BatchService.Refused(
                    "A label holds " + LONGEST_JAR_LABEL + " letters at most; this has " + written.length() + ".",
                    "label");
        }
        return written;
    }

    private CookEvent.Added added(Kitchen kitchen, UUID id, Instant moment) {
        String line = value == null ? "" : value.strip();
        if (line.isEmpty() || line.length() > 200) {
            throw new BatchService.Refused("Write what went in, such as 100 ml water or 1 tbsp honey.");
        }
        ReadLine read = kitchen.lines().apply(line);
        if (read.foods().isEmpty()) {
            throw new BatchService.Refused("“" + line
                    + "” is not understood: write an amount and a food, such as 100 ml water or 1 tbsp honey.");
        }
        return new CookEvent.Added(id, moment, read.mixture(), line);
    }

    /** So many grams stayed in the sieve: what of the solids and what of the liquid, as a plan has it. */
    private CookEvent.Strained strained(Cook cook, UUID id, Instant moment) {
        Mixture there = cook.forecast(moment).current().mixture();
        double left = number(
                0, there.mass().grams() * 0.9, "Give the grams that stayed in the sieve, less than what is there.");
        Sieve sieve = Sieve.leaving(there, Mass.ofGrams(left));
        return new CookEvent.Strained(id, moment, sieve.solidsHeld(), sieve.liquidHeld());
    }

    private CookEvent.Weighed weighed(Cook cook, UUID id, Instant moment) {
        Mass read = sauce();
        Mass tare = cook.conditions().pot().tare();
        if (!pot) {
            return new CookEvent.Weighed(id, moment, read.plus(tare), tare);
        }
        if (read.compareTo(tare) < 0) {
            throw new BatchService.Refused("The empty pot alone weighs " + Math.round(tare.grams())
                    + " g: if the pot was not on the scale, untick that it was.");
        }
        return new CookEvent.Weighed(id, moment, read, tare);
    }

    private Mass sauce() {
        double grams = TypedMass.grams(value)
                .orElseThrow(() -> new BatchService.Refused(
                        "Give the weight in grams as a plain number, such as 702, or with its unit, such as 24.8 oz."));
        if (!(grams > 0) || grams > MAX_GRAMS) {
            throw new BatchService.Refused("Give a weight of more than zero and at most 300 000 g.");
        }
        return Mass.ofGrams(grams);
    }

    private static Optional<Double> optional(String typed, double min, double max, String field, String otherwise) {
        return typed == null || typed.isBlank()
                ? Optional.empty()
                : Optional.of(number(typed, min, max, field, otherwise));
    }

    /** The figure in the field called value. */
    private double number(double min, double max, String otherwise) {
        return number(value, min, max, "value", otherwise);
    }

    private static double number(String typed, double min, double max, String field, String otherwise) {
        return NumberInput.read(typed, min, max).orElseThrow(() -> new BatchService.Refused(otherwise, field));
    }

    private <E extends Enum<E>> E chosen(Class<E> type) {
        try {
            return Enum.valueOf(type, choice == null ? "" : choice);
        } catch (IllegalArgumentException e) {
            throw new BatchService.Refused("Choose one of those shown.");
        }
    }

    /** What was chosen as a few words, cut where it is too long to be one. */
    private String label(String otherwise) {
        return choice == null || choice.isBlank()
                ? otherwise
                : choice.strip()
                        .substring(0, Math.min(LONGEST_LABEL, choice.strip().length()));
    }

    private UUID reference(String otherwise) {
        try {
            return UUID.fromString(choice == null ? "" : choice);
        } catch (IllegalArgumentException e) {
            throw new BatchService.Refused(otherwise);
        }
    }
}
