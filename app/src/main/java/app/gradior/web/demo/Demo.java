package app.gradior.web.demo;

import app.gradior.cook.CookEvent;
import app.gradior.plan.BoilOff;
import app.gradior.plan.Route;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.exchange.KitchenFile;
import app.gradior.web.exchange.KitchenFiles;
import app.gradior.web.exchange.Unreadable;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.DemoKitchen;
import app.gradior.web.planning.Kitchenware;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.PlanService;
import app.gradior.web.planning.Planning;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.text.LidKeys;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Fills a visitor's demo kitchen from its file: what it tells of so many minutes ago is so many minutes ago then. */
@Component
public class Demo implements ApplicationRunner {
    private final DemoKitchen demo;
    private final Pots pots;
    private final Rings rings;
    private final BoilOffMapper tests;
    private final KitchenFiles files;
    private final Planning planning;
    private final PlanService plans;
    private final BatchService cooks;
    private final Verdicts verdicts;
    private final Kitchenware kitchenware;
    private final DemoShelf shelf;
    private final DemoEvenings evenings;
    private final JsonMapper json;

    Demo(
            DemoKitchen demo,
            Pots pots,
            Rings rings,
            BoilOffMapper tests,
            KitchenFiles files,
            Planning planning,
            PlanService plans,
            BatchService cooks,
            Verdicts verdicts,
            Kitchenware kitchenware,
            DemoShelf shelf,
            DemoEvenings evenings,
            JsonMapper json) {
        this.demo = demo;
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.files = files;
        this.planning = planning;
        this.plans = plans;
        this.cooks = cooks;
        this.verdicts = verdicts;
        this.kitchenware = kitchenware;
        this.shelf = shelf;
        this.evenings = evenings;
        this.json = json;
    }

    /** A file that can't be read is told at the start, not to the first visitor. */
    @Override
    public void run(ApplicationArguments arguments) {
        if (demo.offered()) {
            read();
        }
    }

    private KitchenFile read() {
        try {
            return files.read(json.readTree(Path.of(demo.file())));
        } catch (Unreadable e) {
            throw new IllegalStateException(demo.file() + ": " + e.getMessage(), e);
        }
    }

    @EventListener
    void furnish(Accounts.DemoOpened opened) {
        KitchenFile read = read();
        UUID kitchen = opened.kitchen();
        Instant now = cooks.now();
        Map<String, KitchenPot> potsByName = new HashMap<>();
        for (KitchenFile.PotEntry p : read.pots()) {
            KitchenPot pot = new KitchenPot(
                    UUID.randomUUID(),
                    p.name(),
                    p.baseMm(),
                    p.rimMm(),
                    p.wallMm(),
                    p.material(),
                    p.tareG(),
                    true,
                    true);
            pots.add(kitchen, pot);
            potsByName.put(p.name(), pot);
        }
        Map<String, UUID> ringsByName = new HashMap<>();
        if (!read.rings().isEmpty()) {
            rings.all(kitchen).forEach(ring -> rings.remove(kitchen, ring.id()));
        }
        for (KitchenFile.RingEntry r : read.rings()) {
            UUID id = UUID.randomUUID();
            rings.add(
                    kitchen,
                    new KitchenRing(id, r.name(), r.kind(), r.watts(), r.sizeMm(), r.xMm(), r.yMm(), r.dial()));
            ringsByName.put(r.name(), id);
        }
        for (KitchenFile.BoilOffEntry b : read.boilOffs()) {
            tested(kitchen, b, potsByName.get(b.pot()), ringsByName.get(b.ring()), now);
        }
        Map<String, Sauce> saucesByName = new HashMap<>();
        try {
            files.takeIn(kitchen, read).forEach(sauce -> saucesByName.put(sauce.name(), sauce));
        } catch (Unreadable e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
        shelf.sizes(kitchen, read.jarSizes());
        for (KitchenFile.BatchEntry batch : read.batches()) {
            UUID cook = cook(
                    kitchen, batch, saucesByName.get(batch.sauce()), potsByName.get(batch.pot()), ringsByName, now);
            judge(kitchen, cook, opened.person(), batch, now);
            shelf.fill(kitchen, cook, batch);
        }
        read.evenings().forEach(evening -> evenings.add(kitchen, evening, saucesByName));
    }

    private void tested(UUID kitchen, KitchenFile.BoilOffEntry b, KitchenPot pot, UUID ring, Instant now) {
        UUID id = UUID.randomUUID();
        Instant at = now.minus(minutes(b.minutesAgo()));
        Instant end = at.plus(minutes(b.minutes()));
        Conditions conditions = new Conditions(
                pot.pot(),
                rings.find(kitchen, ring).orElseThrow().ring(),
                b.activity(),
                Lid.OFF,
                kitchenware.room(kitchen));
        BoilOff found = BoilOff.of(
                        conditions, Mass.ofGrams(b.beforeG()), Mass.ofGrams(b.afterG()), Duration.between(at, end))
                .orElseThrow(() -> new IllegalStateException("the boil-off of " + b.pot() + " can't be"));
        tests.insert(
                kitchen,
                new BoilOffMapper.Test(
                        id,
                        pot.id(),
                        ring,
                        b.activity(),
                        b.mark(),
                        false,
                        b.beforeG(),
                        at,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null));
        tests.start(kitchen, id, at);
        tests.end(kitchen, id, end);
        tests.finish(kitchen, id, b.afterG(), found.k(), found.logSd());
    }

    private void judge(UUID kitchen, UUID cook, String person, KitchenFile.BatchEntry batch, Instant now) {
        if (batch.verdicts() == null) {
            return;
        }
        for (KitchenFile.VerdictEntry said : batch.verdicts()) {
            Instant at = now.minus(minutes(batch.startedMinutesAgo())).plus(minutes(said.afterMinutes()));
            verdicts.say(
                    kitchen,
                    new Verdict(
                            cook,
                            person,
                            said.nextDay(),
                            said.thickness(),
                            said.salt(),
                            null,
                            null,
                            null,
                            said.again(),
                            said.words() == null ? "" : said.words(),
                            at));
        }
    }

    private UUID cook(
            UUID kitchen,
            KitchenFile.BatchEntry batch,
            Sauce sauce,
            KitchenPot pot,
            Map<String, UUID> ringsByName,
            Instant now) {
        PlanForm form = form(pot, ringsByName.get(batch.ring()), batch);
        Planning.PlanAttempt planned = planning.plan(kitchen, sauce, form);
        Planning.FeasiblePlan possible = planned.possible()
                .orElseThrow(() -> new IllegalStateException("the batch of " + batch.sauce() + " can't be: "
                        + planned.problems().byField()));
        Instant start = now.minus(minutes(batch.startedMinutesAgo()));
        UUID cook = cooks.start(
                kitchen,
                UUID.randomUUID(),
                new BatchService.CookStart(
                        sauce,
                        possible.planner().sauce(),
                        pot,
                        ringsByName.get(batch.ring()),
                        possible.conditions(),
                        possible.knowledge(),
                        possible.target(),
                        possible.aim(),
                        plans.keep(kitchen, UUID.randomUUID(), planned).id()),
                start);
        List<CookEvent> events = batch.events().stream()
                .map(entry -> event(entry, start.plus(minutes(entry.afterMinutes())), pot))
                .toList();
        if (!events.isEmpty()) {
            cooks.append(kitchen, cook, events);
        }
        return cook;
    }

    private static PlanForm form(KitchenPot pot, UUID ring, KitchenFile.BatchEntry batch) {
        KitchenFile.TargetEntry t = batch.target();
        return PlanForm.EMPTY
                .with(PlanField.POT, pot.id())
                .with(PlanField.RING, ring)
                .with(PlanField.ACTIVITY, batch.activity().name())
                .with(PlanField.LID, batch.lid())
                .with(PlanField.AIM, t.aim().equals("use") ? "thick" : t.aim())
                .with(PlanField.AMOUNT, t.amount())
                .with(PlanField.UNIT, t.unit())
                .with(PlanField.WAY, t.way())
                .with(PlanField.PART, t.part())
                .with(PlanField.BASIS, t.basis())
                .with(PlanField.USE, t.use())
                .with(PlanField.SERVED, t.served())
                .with(PlanField.ROUTE, Route.Kind.REDUCE.key());
    }

    private static CookEvent event(KitchenFile.EventEntry entry, Instant at, KitchenPot pot) {
        UUID id = UUID.randomUUID();
        Mass tare = Mass.ofGrams(pot.tareG());
        return switch (entry.kind()) {
            case "weighed" ->
                new CookEvent.Weighed(id, at, Mass.ofGrams(entry.grams()).plus(tare), tare);
            case "plate" ->
                new CookEvent.PlateSpreadRead(id, at, Length.ofCentimetres(entry.cm()), Celsius.SERVED_WARM);
            case "looked" -> new CookEvent.SpoonLooked(id, at, entry.look(), Optional.empty());
            case "stirred" -> new CookEvent.Stirred(id, at);
            case "simmers" -> new CookEvent.Simmers(id, at);
            case "heat" -> new CookEvent.HeatChanged(id, at, entry.activity());
            case "lid" -> new CookEvent.LidChanged(id, at, LidKeys.lid(entry.lid()));
            case "finished" ->
                new CookEvent.Finished(
                        id,
                        at,
                        Optional.ofNullable(entry.grams()).map(Mass::ofGrams),
                        Optional.ofNullable(entry.look()));
            default -> throw new IllegalStateException("no event is of the kind " + entry.kind());
        };
    }

    private static Duration minutes(double minutes) {
        return Duration.ofMillis(Math.round(minutes * 60_000));
    }
}
