package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Evaporation;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import org.junit.jupiter.api.Test;

/** What to do otherwise next time comes of the pot's own pace and of the share of salt that was right. */
class NextBatchTest {
    private static final Evaporation POT = new Evaporation(new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(900)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL));

    private static final Mixture STOP = new Mixture.Builder()
            .with(Component.WATER, Mass.ofGrams(390))
            .with(Component.SALT, Mass.ofGrams(10))
            .build();

    private static NextBatch against(double lastGrams, int salt) {
        return NextBatch.of(STOP, Mass.ofGrams(lastGrams), POT, Knowledge.NONE, salt);
    }

    @Test
    void reducingFurtherTakesThePotsMinutesAndLessSalt() {
        NextBatch next = against(500, 0);
        double gramsAMinute = POT.pace(STOP, Knowledge.NONE.thickness()).loss().gramsPerMinute();
        assertThat(next.minutesLonger()).isCloseTo(100 / gramsAMinute, within(1e-9));
        // 10 g in 500 were right: 8 are in 400.
        assertThat(next.saltMore()).isCloseTo(-2, within(1e-9));
    }

    @Test
    void stoppingEarlierIsTheOtherWayRound() {
        NextBatch next = against(320, 0);
        assertThat(next.minutesLonger()).isNegative();
        assertThat(next.saltMore()).isCloseTo(2.5, within(1e-9));
    }

    @Test
    void whatWasSaidOfItsSaltIsANoticeablePartOfIt() {
        assertThat(against(400, 2).saltMore()).isCloseTo(-1.5, within(1e-9));
        assertThat(against(400, -1).saltMore()).isCloseTo(1.5, within(1e-9));
        assertThat(against(400, 0).saltMore()).isZero();
    }

    @Test
    void aFasterPotTakesFewerMinutesMore() {
        Knowledge fast = new Knowledge(1.5, 0.1, Knowledge.NONE.thickness(), 0.1);
        assertThat(NextBatch.of(STOP, Mass.ofGrams(500), POT, fast, 0).minutesLonger())
                .isCloseTo(against(500, 0).minutesLonger() / 1.5, within(1e-9));
    }
}
