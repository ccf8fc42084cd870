package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.IngredientTable;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.web.equipment.KitchenPot;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class EmptyPotTest {
    private static final Instant START = Instant.parse("2026-11-26T18:00:00Z");
    private static final UUID POT = new UUID(1, 1);

    private static KitchenPot told(UUID id, double centimetres) {
        return KitchenPot.unmeasured(id, "Pan", Pot.ofWidth(Length.ofCentimetres(centimetres)));
    }

    private static KitchenPot measured(KitchenPot pot, double tareG) {
        return new KitchenPot(
                pot.id(), pot.name(), pot.baseMm(), pot.rimMm(), pot.wallMm(), pot.material(), tareG, true, true);
    }

    private static Cook cook(Pot pot, CookEvent... more) {
        List<CookEvent> events = new ArrayList<>();
        events.add(new CookEvent.Started(
                UUID.randomUUID(),
                START,
                IngredientTable.shipped().get("passata").of(Mass.ofGrams(800)),
                Celsius.ROOM,
                new Conditions(pot, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL),
                new Target.Weight(Mass.ofGrams(400)),
                Knowledge.NONE));
        events.addAll(List.of(more));
        return Cook.of(events);
    }

    private static CookEvent weighed(double gross, double tare, int minute) {
        return new CookEvent.Weighed(
                UUID.randomUUID(), START.plusSeconds(60L * minute), Mass.ofGrams(gross), Mass.ofGrams(tare));
    }

    @Test
    void theWeightOfAMeasuredPotIsKnownAlsoWhereItWasPutRightSince() {
        KitchenPot pot = measured(told(POT, 24), 1700);
        assertThat(EmptyPot.weight(cook(pot.pot()), POT, List.of(pot))).contains(Mass.ofGrams(1700));
        assertThat(EmptyPot.weight(cook(pot.pot()), POT, List.of(measured(pot, 1725))))
                .contains(Mass.ofGrams(1725));
    }

    @Test
    void theWeightOfAPotThatWasOnlyToldIsNotKnown() {
        KitchenPot pot = told(POT, 24);
        assertThat(EmptyPot.weight(cook(pot.pot()), POT, List.of(pot))).isEmpty();
    }

    @Test
    void onceSaidItIsKnownForTheRestOfTheCook() {
        KitchenPot pot = told(POT, 24);
        Cook cook = cook(pot.pot(), weighed(2200, 1400, 5), weighed(2100, 1410, 8));
        assertThat(EmptyPot.weight(cook, POT, List.of(pot))).contains(Mass.ofGrams(1410));
    }

    @Test
    void inAnotherPotItIsAskedAnewUnlessThatOneWasMeasured() {
        KitchenPot pot = told(POT, 24);
        KitchenPot other = told(new UUID(2, 2), 28);
        CookEvent moved = new CookEvent.PotChanged(UUID.randomUUID(), START.plusSeconds(600), other.pot());
        Cook cook = cook(pot.pot(), weighed(2200, 1400, 5), moved);
        assertThat(EmptyPot.weight(cook, POT, List.of(pot, other))).isEmpty();
        KitchenPot known = measured(other, 1900);
        CookEvent intoKnown = new CookEvent.PotChanged(UUID.randomUUID(), START.plusSeconds(600), known.pot());
        assertThat(EmptyPot.weight(cook(pot.pot(), intoKnown), POT, List.of(pot, known)))
                .contains(Mass.ofGrams(1900));
    }

    @Test
    void aPotThatWasMeasuredDuringTheCookIsKnownFromThenOn() {
        KitchenPot pot = told(POT, 24);
        assertThat(EmptyPot.weight(cook(pot.pot()), POT, List.of(measured(pot, 1650))))
                .contains(Mass.ofGrams(1650));
    }
}
