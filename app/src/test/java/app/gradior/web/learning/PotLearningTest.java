package app.gradior.web.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.learning.EvaporationKnowledge.PotRingActivity;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.BoilDown;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Mass;
import app.gradior.thickness.ThicknessFactor;
import app.gradior.web.batch.BatchAim;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A pot that boils off otherwise than before is asked about, and learnt afresh or not as it is answered. */
@ExtendWith(RunningApplication.class)
class PotLearningTest {
    private static final Duration TOOK = Duration.ofMinutes(25);

    private TestKitchen kitchen;
    private BatchService cooks;
    private SauceReader reader;
    private PotLearning learning;
    private KitchenPot pot;
    private Sauce sauce;

    @BeforeEach
    void furnish(SauceService sauces, SauceReader reader, BatchService cooks, PotLearning learning) {
        this.reader = reader;
        this.cooks = cooks;
        this.learning = learning;
        kitchen = TestKitchen.of("cook");
        pot = kitchen.casserole();
        sauce = sauces.add(kitchen.id(), "Stock", "900 ml water\n60 g caster sugar");
    }

    /** A batch that truly went at some k. */
    private UUID batch(double k) {
        Conditions conditions = new Conditions(pot.pot(), Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
        var mixture = reader.read(kitchen.id(), sauce).mixture();
        Instant start = cooks.now();
        UUID id = cooks.start(
                kitchen.id(),
                UUID.randomUUID(),
                new BatchService.CookStart(
                        sauce,
                        mixture,
                        pot,
                        null,
                        conditions,
                        Knowledge.NONE,
                        new Target.Weight(Mass.ofGrams(400)),
                        BatchAim.NONE,
                        null),
                start);
        RunningApplication.clock().pass(Duration.ofMinutes(5).plus(TOOK));
        BoilDown truth = new BoilDown(mixture, new Evaporation(conditions), ThicknessFactor.ONE, k);
        cooks.append(kitchen.id(), id, new CookEvent.Simmers(UUID.randomUUID(), start.plus(Duration.ofMinutes(5))));
        cooks.append(
                kitchen.id(),
                id,
                new CookEvent.Finished(
                        UUID.randomUUID(),
                        cooks.now(),
                        Optional.of(truth.after(TOOK).mass()),
                        Optional.empty()));
        return id;
    }

    private double k() {
        return learning.knowledge(kitchen.id())
                .about(PotRingActivity.of(pot.id(), null, Activity.SIMMER), sauce.id())
                .k()
                .middle();
    }

    private MvcTestResult answer(boolean other) {
        return TestKitchen.mvc()
                .post()
                .uri("/pots/" + pot.id() + "/another")
                .with(user(kitchen.cook()))
                .with(csrf())
                .param("other", String.valueOf(other))
                .exchange();
    }

    private String page(String path) {
        return new String(
                TestKitchen.mvc()
                        .get()
                        .uri(path)
                        .with(user(kitchen.cook()))
                        .exchange()
                        .getResponse()
                        .getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    void aReplacedPotIsAskedAboutAndIsLearntAfresh() {
        for (int i = 0; i < 4; i++) {
            batch(1.25);
        }
        assertThat(k()).isBetween(1.1, 1.3);
        assertThat(learning.change(kitchen.id(), pot.id())).isEmpty();
        UUID first = batch(0.7);
        batch(0.7);
        batch(0.7);

        PotLearning.Asked asked = learning.change(kitchen.id(), pot.id()).orElseThrow();
        assertThat(asked.since()).isEqualTo(cooks.row(kitchen.id(), first).finishedAt());
        assertThat(asked.factor()).isBetween(0.4, 0.8);
        assertThat(page("/pots/" + pot.id())).contains("Is it another pot?");
        assertThat(page("/journal/" + first)).contains("Is it another pot?");
        double mixed = k();
        assertThat(answer(true)).hasStatus3xxRedirection();
        assertThat(k()).isLessThan(mixed).isBetween(0.6, 0.85);
        assertThat(learning.change(kitchen.id(), pot.id())).isEmpty();
    }

    @Test
    void aPotThatIsSaidToBeTheSameIsNotAskedAboutAgain() {
        for (int i = 0; i < 4; i++) {
            batch(1.25);
        }
        for (int i = 0; i < 3; i++) {
            batch(0.7);
        }
        assertThat(learning.change(kitchen.id(), pot.id())).isPresent();
        double before = k();
        assertThat(answer(false)).hasStatus3xxRedirection();
        assertThat(learning.change(kitchen.id(), pot.id())).isEmpty();
        assertThat(k()).isEqualTo(before);
        assertThat(page("/pots/" + pot.id())).doesNotContain("Is it another pot?");
    }
}
