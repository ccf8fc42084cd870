package app.gradior.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Power;
import app.gradior.quantity.Share;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A pot under a stand-in hears what happens to its cook and goes on at its own pace. */
class CookedPotTest {
    private static final Instant START = Instant.parse("2026-11-01T18:00:00Z");
    private static final Pot WIDE =
            Pot.straight(Length.ofMillimetres(240), Length.ofMillimetres(120), Material.STEEL, Mass.ofGrams(2000));
    private static final Pot NARROW =
            Pot.straight(Length.ofMillimetres(160), Length.ofMillimetres(120), Material.STEEL, Mass.ofGrams(900));
    private static final Conditions SIMMER = new Conditions(
            WIDE, new Ring(Ring.Kind.INDUCTION, Power.ofWatts(2500)), Activity.SIMMER, Lid.OFF, Room.USUAL);

    private final List<CookEvent> told = new ArrayList<>(List.of(
            new CookEvent.Started(
                    UUID.randomUUID(),
                    START,
                    food("vegetable-stock", 1000),
                    Celsius.of(90),
                    SIMMER,
                    new Target.Weight(Mass.ofGrams(300)),
                    Knowledge.NONE),
            new CookEvent.Simmers(UUID.randomUUID(), START)));

    private static Mixture food(String key, double grams) {
        return IngredientTable.shipped()
                .find(key)
                .orElseGet(() -> IngredientTable.shipped().get("water"))
                .of(Mass.ofGrams(grams));
    }

    private static Instant at(int minutes) {
        return START.plus(Duration.ofMinutes(minutes));
    }

    private static double grams(SimulatedPot pot) {
        return pot.mixture().mass().grams();
    }

    private Cook cook() {
        return Cook.of(told);
    }

    @Test
    void itLosesWhatTheModelForecastsWhereItIsAsTheModelThinks() {
        told.add(new CookEvent.HeatChanged(UUID.randomUUID(), at(10), Activity.LIVELY_SIMMER));
        told.add(new CookEvent.LidChanged(UUID.randomUUID(), at(15), Lid.AJAR));
        double model = cook().forecast(at(30)).current().mixture().mass().grams();

        double here = grams(new CookedPot(1).at(cook(), at(30)));

        assertThat(here).isEqualTo(model, within(0.02 * (1000 - model)));
    }

    @Test
    void goingOnIsTheSameAsBeginningAgain() {
        CookedPot asked = new CookedPot(1.3);
        for (int minute = 0; minute <= 20; minute++) {
            asked.at(cook(), at(minute));
        }
        assertThat(grams(asked.at(cook(), at(21)))).isEqualTo(grams(new CookedPot(1.3).at(cook(), at(21))));
        // Something that is entered late counts from when it was.
        told.add(new CookEvent.HeatSwitched(UUID.randomUUID(), at(5), false));
        assertThat(grams(asked.at(cook(), at(21)))).isEqualTo(grams(new CookedPot(1.3).at(cook(), at(21))));
        assertThat(grams(asked.at(cook(), at(3)))).isEqualTo(grams(new CookedPot(1.3).at(cook(), at(3))));
    }

    @Test
    void whatGoesInAndOutIsInThePot() {
        double before = grams(new CookedPot(1).at(cook(), at(10)));
        told.add(new CookEvent.Added(UUID.randomUUID(), at(10), food("water", 200), "200 ml water"));
        assertThat(grams(new CookedPot(1).at(cook(), at(10)))).isEqualTo(before + 200, within(1e-6));
        told.add(new CookEvent.SlurryPoured(
                UUID.randomUUID(), at(10), StarchKind.CORN, Mass.ofGrams(20), Mass.ofGrams(40)));
        SimulatedPot thick = new CookedPot(1).at(cook(), at(10));
        assertThat(grams(thick)).isEqualTo(before + 260, within(1e-6));
        assertThat(thick.wrong(Mishap.LUMPS)).isZero();
        told.add(new CookEvent.Strained(UUID.randomUUID(), at(11), Share.of(1), Share.of(0.1)));
        assertThat(grams(new CookedPot(1).at(cook(), at(11)))).isLessThan(0.95 * grams(thick));
    }

    @Test
    void inANarrowerPotItGoesSlowerAndOffItStops() {
        double wide = grams(new CookedPot(1).at(cook(), at(30)));
        told.add(new CookEvent.PotChanged(UUID.randomUUID(), at(5), NARROW));
        double narrow = grams(new CookedPot(1).at(cook(), at(30)));
        assertThat(narrow).isGreaterThan(wide + 40);
        told.add(new CookEvent.Finished(
                UUID.randomUUID(), at(20), java.util.Optional.empty(), java.util.Optional.empty()));
        SimulatedPot off = new CookedPot(1).at(cook(), at(60));
        assertThat(off.isOff()).isTrue();
        assertThat(grams(off)).isEqualTo(grams(new CookedPot(1).at(cook(), at(20))), within(0.5));
    }

    @Test
    void whatIsReadOffItChangesNothing() {
        double before = grams(new CookedPot(0.7).at(cook(), at(12)));
        told.add(new CookEvent.Weighed(UUID.randomUUID(), at(12), Mass.ofGrams(2300), Mass.ofGrams(2000)));
        told.add(new CookEvent.Stirred(UUID.randomUUID(), at(12)));
        assertThat(grams(new CookedPot(0.7).at(cook(), at(12)))).isEqualTo(before);
    }
}
