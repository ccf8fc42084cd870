package app.gradior.web.pots;

import app.gradior.plan.BoilOff;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.quantity.Mass;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.planning.Kitchenware;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Boil-off tests as they go on: begun, started, ended, weighed. */
@Component
class BoilOffs {
    private static final int LONGEST_MARK = 20;

    private final BoilOffMapper tests;
    private final Kitchenware kitchenware;
    private final Clock clock;

    BoilOffs(BoilOffMapper tests, Kitchenware kitchenware, Clock clock) {
        this.tests = tests;
        this.kitchenware = kitchenware;
        this.clock = clock;
    }

    Optional<BoilOffMapper.Test> find(UUID kitchen, UUID id) {
        return tests.find(kitchen, id);
    }

    /**
     * Begins a test.
     *
     * @param mark where the dial stands, as it is called there; cut to what is kept of it
     * @param waterG what is in the pot
     */
    void begin(
            UUID kitchen,
            UUID id,
            KitchenPot pot,
            KitchenRing ring,
            Activity activity,
            String mark,
            boolean hood,
            double waterG) {
        String stripped = mark == null ? "" : mark.strip();
        String kept = stripped.isEmpty() ? null : stripped.substring(0, Math.min(LONGEST_MARK, stripped.length()));
        tests.insert(
                kitchen,
                new BoilOffMapper.Test(
                        id,
                        pot.id(),
                        ring.id(),
                        activity,
                        kept,
                        hood,
                        waterG,
                        clock.instant(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null));
    }

    void start(UUID kitchen, UUID id) {
        tests.start(kitchen, id, clock.instant());
    }

    void end(UUID kitchen, UUID id) {
        tests.end(kitchen, id, clock.instant());
    }

    /**
     * Ends a test by what the water weighs after it.
     *
     * @return false if no pot loses water like that: nothing is kept then
     */
    boolean finish(UUID kitchen, BoilOffMapper.Test test, KitchenPot pot, KitchenRing ring, double afterG) {
        Conditions conditions = new Conditions(
                pot.pot(),
                ring.ring(),
                test.activity(),
                Lid.OFF,
                kitchenware.room(kitchen).withHood(test.hood()));
        Optional<BoilOff> found = BoilOff.of(
                conditions,
                Mass.ofGrams(test.beforeG()),
                Mass.ofGrams(afterG),
                Duration.between(test.startedAt(), test.endedAt()));
        found.ifPresent(off -> tests.finish(kitchen, test.id(), afterG, off.k(), off.logSd()));
        return found.isPresent();
    }

    void giveUp(UUID kitchen, UUID id) {
        tests.giveUp(kitchen, id);
    }

    /** Strikes a test out of what is known of its pot, or lets it count again. */
    void exclude(UUID kitchen, UUID id, boolean out) {
        tests.exclude(kitchen, id, out ? clock.instant() : null);
    }
}
