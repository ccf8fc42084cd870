package app.gradior.cook;

import static app.gradior.cook.SimulatedCook.START;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.gradior.Mixtures;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Knowledge;
import app.gradior.plan.Target;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.SpoonCoat;
import java.lang.reflect.Proxy;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class CookEventTest {
    private static final UUID ID = new UUID(1, 2);
    private static final Mixture WATER = Mixtures.of("water", 100);
    private static final Mass TEN = Mass.ofGrams(10);

    /** What is stored and sent of old goes by these names. */
    private static final String KEYS =
            "started simmers heat lid on-heat added blended strained undone confirmed finished"
                    + " slurry pot stirred ticked timer wanted timer-stopped tasted jarred weighed dipped jugged spoon plate"
                    + " temperature";

    static List<CookEvent> oneOfEach() {
        return List.of(
                new CookEvent.Started(
                        ID, START, WATER, Celsius.ROOM, SimulatedCook.SIMMER, new Target.Weight(TEN), Knowledge.NONE),
                new CookEvent.Simmers(ID, START),
                new CookEvent.HeatChanged(ID, START, Activity.SIMMER),
                new CookEvent.LidChanged(ID, START, Lid.OFF),
                new CookEvent.HeatSwitched(ID, START, false),
                new CookEvent.Added(ID, START, WATER),
                new CookEvent.Blended(ID, START),
                new CookEvent.Strained(ID, START, Share.of(0.5), Share.of(0.1)),
                new CookEvent.Undone(ID, START, ID),
                new CookEvent.Confirmed(ID, START, ID),
                new CookEvent.Finished(ID, START, Optional.of(TEN), Optional.empty()),
                new CookEvent.SlurryPoured(ID, START, StarchKind.CORN, TEN, TEN),
                new CookEvent.PotChanged(ID, START, SimulatedCook.CASSEROLE),
                new CookEvent.Stirred(ID, START),
                new CookEvent.Ticked(ID, START, "1", true),
                timer(Duration.ofMinutes(5)),
                new CookEvent.Wanted(ID, START, START.plusSeconds(60)),
                new CookEvent.TimerStopped(ID, START, ID),
                new CookEvent.Tasted(ID, START, CookEvent.Flavour.SALT, 2),
                jarred(200),
                new CookEvent.Weighed(ID, START, TEN, TEN),
                new CookEvent.Dipped(ID, START, Length.ofCentimetres(3)),
                new CookEvent.Jugged(ID, START, Volume.ofMillilitres(400)),
                new CookEvent.SpoonLooked(ID, START, SpoonCoat.MOUNDS, Optional.empty()),
                new CookEvent.PlateSpreadRead(ID, START, Length.ofCentimetres(8), Celsius.of(40)),
                new CookEvent.TemperatureRead(ID, START, Celsius.of(101)));
    }

    private static CookEvent.TimerStarted timer(Duration time) {
        return new CookEvent.TimerStarted(ID, START, "rice", time);
    }

    private static CookEvent.Jarred jarred(int count) {
        return new CookEvent.Jarred(
                ID, START, Volume.ofMillilitres(250), count, Length.ofMillimetres(15), Volume.ofMillilitres(0));
    }

    @Test
    void thereIsOneOfEachKindAndEachKeepsItsName() {
        assertThat(oneOfEach()).extracting(CookEvent::kind).containsExactly(EventKind.values());
        assertThat(EventKind.values()).extracting(EventKind::key).containsExactly(KEYS.split(" "));
        assertThat(EventKind.ofKey("of-no-kind")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("oneOfEach")
    void anEventIsFoundByItsNameAndAnswersForItsOwnKind(CookEvent event) {
        EventKind kind = event.kind();
        assertThat(EventKind.ofKey(kind.key())).contains(kind);
        assertThat(kind.type()).isEqualTo(event.getClass());
        assertThat(event.match(naming())).isEqualTo(Arrays.asList(event.getClass(), event));
    }

    /** Answers with the kind that was asked for and the event that it was asked about. */
    @SuppressWarnings("unchecked")
    private static CookEvent.Cases<List<Object>> naming() {
        return (CookEvent.Cases<List<Object>>) Proxy.newProxyInstance(
                CookEventTest.class.getClassLoader(),
                new Class<?>[] {CookEvent.Cases.class},
                (proxy, method, arguments) -> Arrays.asList(method.getParameterTypes()[0], arguments[0]));
    }

    @ParameterizedTest
    @ValueSource(ints = {-3, 3})
    void aTasteGoesFromFarTooLittleToFarTooMuch(int level) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CookEvent.Tasted(ID, START, CookEvent.Flavour.HOT, level));
        int most = Integer.signum(level) * 2;
        assertThatCode(() -> new CookEvent.Tasted(ID, START, CookEvent.Flavour.HOT, most))
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 201})
    void jarsAreCountedFromOneToTwoHundred(int count) {
        assertThatIllegalArgumentException().isThrownBy(() -> jarred(count));
        assertThat(jarred(1).count()).isEqualTo(1);
    }

    @Test
    void aTimerRunsForADayAtMost() {
        assertThat(timer(Duration.ofHours(24)).rings()).isEqualTo(START.plus(Duration.ofDays(1)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> timer(Duration.ofHours(24).plusMillis(1)));
        assertThatIllegalArgumentException().isThrownBy(() -> timer(Duration.ZERO));
        assertThatIllegalArgumentException().isThrownBy(() -> timer(Duration.ofSeconds(-1)));
    }

    @Test
    void whatWasNotSaidInWordsHasNone() {
        assertThat(new CookEvent.Added(ID, START, WATER, null).typed()).isEmpty();
        assertThat(new CookEvent.Added(ID, START, WATER, "a splash").typed()).isEqualTo("a splash");
        assertThat(new CookEvent.Finished(ID, START, Optional.empty(), Optional.empty(), null).label())
                .isEmpty();
        assertThat(new CookEvent.Finished(ID, START, Optional.empty(), Optional.empty(), "plum").label())
                .isEqualTo("plum");
        assertThat(new CookEvent.Weighed(ID, START, TEN, TEN).net()).isEqualTo(Mass.ZERO);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CookEvent.SlurryPoured(ID, START, StarchKind.CORN, Mass.ZERO, TEN));
    }
}
