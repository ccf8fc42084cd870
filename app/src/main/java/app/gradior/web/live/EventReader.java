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
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.text.LidKeys;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;

/** Makes a typed event of what the cook page sent; what can't be read is refused with what to do. */
final class EventReader {
    private static final double MAX_GRAMS = 300_000;

    private static final int LONGEST_LABEL = 60;
    private static final int LONGEST_JAR_LABEL = 300;

    /** What a jar is left free under the rim if nothing is said: enough for what is frozen in it, mm. */
    private static final double USUAL_HEADSPACE = 15;

    /**
     * What an event is made with: what the kitchen knows.
     *
     * @param eye how well the eye tells that looks, in grades; empty for a usual one
     */
    record Kitchen(Function<String, ReadLine> lines, List<KitchenPot> pots, Supplier<Optional<Double>> eye) {
        static Kitchen of(LineGrammar grammar, List<KitchenPot> pots, Supplier<Optional<Double>> eye) {
            return new Kitchen(grammar::read, pots, eye);
        }

        private Optional<Pot> pot(UUID id) {
            return pots.stream().filter(p -> p.id().equals(id)).findFirst().map(KitchenPot::pot);
        }
    }

    private final EventForm form;
    private final Cook cook;
    private final UUID begunIn;
    private final Kitchen kitchen;

    /** @param begunIn the pot that the cook began in */
    EventReader(EventForm form, Cook cook, UUID begunIn, Kitchen kitchen) {
        this.form = form;
        this.cook = cook;
        this.begunIn = begunIn;
        this.kitchen = kitchen;
    }

    /** What happened, at a moment. */
    CookEvent event(Instant moment) {
        UUID id = form.event();
        if ("given-up".equals(form.kind())) {
            return new CookEvent.Finished(id, moment, Optional.empty(), Optional.empty());
        }
        return switch (EventKind.ofKey(form.kind()).orElseThrow(EventReader::unknown)) {
            case WEIGHED -> weighed(id, moment);
            case DIPPED ->
                new CookEvent.Dipped(
                        id,
                        moment,
                        Length.ofMillimetres(number(
                                0,
                                cook.conditions().pot().wall().millimetres(),
                                CookText.depthUpTo(cook.conditions().pot().wall()))));
            case JUGGED ->
                new CookEvent.Jugged(id, moment, Volume.ofMillilitres(number(1, MAX_GRAMS, CookText.VOLUME)));
            case SPOON_LOOKED ->
                new CookEvent.SpoonLooked(
                        id,
                        moment,
                        chosen(SpoonCoat.class),
                        optional(form.second(), -5, 125, "second", CookText.SPOON_TEMPERATURE)
                                .map(Celsius::of),
                        kitchen.eye().get());
            case PLATE_SPREAD_READ ->
                new CookEvent.PlateSpreadRead(
                        id,
                        moment,
                        Length.ofCentimetres(number(2, 40, CookText.SPREAD)),
                        Celsius.of(optional(form.second(), -5, 100, "second", CookText.PLATE_TEMPERATURE)
                                .orElse(Celsius.SERVED_WARM.degrees())));
            case TEMPERATURE_READ ->
                new CookEvent.TemperatureRead(id, moment, Celsius.of(number(-5, 160, CookText.TEMPERATURE)));
            case TASTED ->
                new CookEvent.Tasted(id, moment, chosen(CookEvent.Flavour.class), (int) number(-2, 2, CookText.TASTE));
            case HEAT_CHANGED -> new CookEvent.HeatChanged(id, moment, chosen(Activity.class));
            case HEAT_SWITCHED -> new CookEvent.HeatSwitched(id, moment, "on".equals(form.choice()));
            case LID_CHANGED -> new CookEvent.LidChanged(id, moment, LidKeys.lid(form.choice()));
            case SIMMERS -> new CookEvent.Simmers(id, moment);
            case STIRRED -> new CookEvent.Stirred(id, moment);
            case ADDED -> added(id, moment);
            case SLURRY_POURED ->
                new CookEvent.SlurryPoured(
                        id,
                        moment,
                        StarchKind.ofKey(form.choice()).orElseThrow(() -> new BatchService.Refused(CookText.STARCH)),
                        Mass.ofGrams(number(0.1, 5000, CookText.STARCH_GRAMS)),
                        Mass.ofGrams(number(form.second(), 0, 20_000, "second", CookText.SLURRY_WATER)));
            case BLENDED -> new CookEvent.Blended(id, moment);
            case STRAINED -> strained(id, moment);
            case POT_CHANGED ->
                new CookEvent.PotChanged(
                        id,
                        moment,
                        kitchen.pot(reference(CookText.POT)).orElseThrow(() -> new BatchService.Refused(CookText.POT)));
            case TICKED -> new CookEvent.Ticked(id, moment, label("step"), !"no".equals(form.value()));
            case TIMER_STARTED ->
                new CookEvent.TimerStarted(
                        id,
                        moment,
                        label("timer"),
                        Duration.ofSeconds(Math.round(60 * number(0.1, 1440, CookText.TIMER_MINUTES))));
            case WANTED ->
                new CookEvent.Wanted(
                        id, moment, moment.plusMillis(Math.round(60_000 * number(1, 1440, CookText.WANTED_MINUTES))));
            case TIMER_STOPPED -> new CookEvent.TimerStopped(id, moment, reference(CookText.TIMER_GONE));
            case UNDONE -> new CookEvent.Undone(id, moment, reference(CookText.ENTRY_GONE));
            case CONFIRMED -> new CookEvent.Confirmed(id, moment, reference(CookText.ENTRY_GONE));
            case FINISHED ->
                new CookEvent.Finished(
                        id,
                        moment,
                        Optional.of(form.pot() ? weighed(id, moment).net() : sauce()),
                        form.choice() == null || form.choice().isEmpty()
                                ? Optional.empty()
                                : Optional.of(chosen(SpoonCoat.class)),
                        jarLabel());
            // A cook is started by its plan, and jars are said with what takes it off.
            case STARTED, JARRED -> throw unknown();
        };
    }

    /** Jars that were filled as it came off, if the form says so: their size, how many, the headspace, what is left over. */
    Optional<Function<Instant, CookEvent>> jars() {
        if (form.second() == null || form.second().isBlank()) {
            return Optional.empty();
        }
        String[] parts = form.second().split("[x×*]");
        String wrong = CookText.JARS;
        if (parts.length != 2) {
            throw new BatchService.Refused(wrong, "second");
        }
        int count = (int) number(parts[0], 1, 200, "second", wrong);
        double millilitres = number(parts[1].replace("ml", ""), 5, 5000, "second", wrong);
        double left = optional(form.third(), 0, MAX_GRAMS, "third", CookText.LEFT_OVER)
                .orElse(0.0);
        double free = optional(form.headspace(), 0, 60, "headspace", CookText.HEADSPACE)
                .orElse(USUAL_HEADSPACE);
        return Optional.of(moment -> new CookEvent.Jarred(
                UUID.nameUUIDFromBytes((form.event() + "-jars").getBytes(StandardCharsets.US_ASCII)),
                moment,
                Volume.ofMillilitres(millilitres),
                count,
                Length.ofMillimetres(free),
                Volume.ofMillilitres(left)));
    }

    private String jarLabel() {
        String written = form.label() == null ? "" : form.label().strip();
        if (written.length() > LONGEST_JAR_LABEL) {
            throw new BatchService.Refused(CookText.labelTooLong(LONGEST_JAR_LABEL, written.length()), "label");
        }
        return written;
    }

    private CookEvent.Added added(UUID id, Instant moment) {
        String line = form.value() == null ? "" : form.value().strip();
        if (line.isEmpty() || line.length() > 200) {
            throw new BatchService.Refused(CookText.WHAT_WENT_IN);
        }
        ReadLine read = kitchen.lines().apply(line);
        if (read.foods().isEmpty()) {
            throw new BatchService.Refused(CookText.notUnderstood(line));
        }
        return new CookEvent.Added(id, moment, read.mixture(), line);
    }

    /** So many grams stayed in the sieve: what of the solids and what of the liquid, as a plan has it. */
    private CookEvent.Strained strained(UUID id, Instant moment) {
        Mixture there = cook.forecast(moment).current().mixture();
        double left = number(0, there.mass().grams() * 0.9, CookText.SIEVE);
        Sieve sieve = Sieve.leaving(there, Mass.ofGrams(left));
        return new CookEvent.Strained(id, moment, sieve.solidsHeld(), sieve.liquidHeld());
    }

    private CookEvent.Weighed weighed(UUID id, Instant moment) {
        Mass read = sauce();
        Mass tare = form.pot() ? tare() : cook.conditions().pot().tare();
        if (!form.pot()) {
            return new CookEvent.Weighed(id, moment, read.plus(tare), tare);
        }
        if (read.compareTo(tare) < 0) {
            throw new BatchService.Refused(say -> CookText.lessThanThePot(say.grams(tare)));
        }
        return new CookEvent.Weighed(id, moment, read, tare);
    }

    /** What the empty pot weighs: typed, where the pot was never measured. */
    private Mass tare() {
        String typed = form.tare() == null ? "" : form.tare().strip();
        if (typed.isEmpty()) {
            return EmptyPot.weight(cook, begunIn, kitchen.pots())
                    .orElseThrow(() -> new BatchService.Refused(CookText.EMPTY_POT_UNKNOWN, "tare"));
        }
        return TypedMass.grams(typed)
                .filter(grams -> grams > 0 && grams <= MAX_GRAMS)
                .map(Mass::ofGrams)
                .orElseThrow(() -> new BatchService.Refused(CookText.EMPTY_POT, "tare"));
    }

    private Mass sauce() {
        double grams = TypedMass.grams(form.value()).orElseThrow(() -> new BatchService.Refused(CookText.WEIGHT));
        if (!(grams > 0) || grams > MAX_GRAMS) {
            throw new BatchService.Refused(CookText.WEIGHT_BOUNDS);
        }
        return Mass.ofGrams(grams);
    }

    /** The figure in the field called value. */
    private double number(double min, double max, String otherwise) {
        return number(form.value(), min, max, "value", otherwise);
    }

    private <E extends Enum<E>> E chosen(Class<E> type) {
        try {
            return Enum.valueOf(type, form.choice() == null ? "" : form.choice());
        } catch (IllegalArgumentException e) {
            throw new BatchService.Refused(CookText.CHOOSE);
        }
    }

    /** What was chosen as a few words, cut where it is too long to be one. */
    private String label(String otherwise) {
        return form.choice() == null || form.choice().isBlank()
                ? otherwise
                : form.choice()
                        .strip()
                        .substring(
                                0, Math.min(LONGEST_LABEL, form.choice().strip().length()));
    }

    private UUID reference(String otherwise) {
        try {
            return UUID.fromString(form.choice() == null ? "" : form.choice());
        } catch (IllegalArgumentException e) {
            throw new BatchService.Refused(otherwise);
        }
    }

    private static BatchService.Refused unknown() {
        return new BatchService.Refused(CookText.RELOAD);
    }

    static Optional<Double> optional(String typed, double min, double max, String field, String otherwise) {
        return typed == null || typed.isBlank()
                ? Optional.empty()
                : Optional.of(number(typed, min, max, field, otherwise));
    }

    private static double number(String typed, double min, double max, String field, String otherwise) {
        return NumberInput.read(typed, min, max).orElseThrow(() -> new BatchService.Refused(otherwise, field));
    }
}
