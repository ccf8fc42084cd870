package app.gradior.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.food.Allergen;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A jar is what its events make of it, and no event makes it keep longer than it may. */
class JarTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Paris");
    private static final Instant MADE = Instant.parse("2026-11-24T18:00:00Z");
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    private final List<JarEvent> events = new ArrayList<>();

    private static Keeping keeping(KeepingRule... rules) {
        return new Keeping(Set.copyOf(List.of(rules)), Set.of(), Set.<Allergen>of(), true, false, Mass.ZERO);
    }

    private static Instant after(double days) {
        return MADE.plus(Duration.ofMinutes(Math.round(days * 24 * 60)));
    }

    private static UUID id() {
        return UUID.randomUUID();
    }

    private Jar jar(KeepingRule... rules) {
        return Jar.of(MADE, keeping(rules), events, ZONE);
    }

    private void filled(Place place) {
        events.add(new JarEvent.Filled(id(), MADE, Volume.ofMillilitres(190), place));
    }

    @Test
    void inTheFridgeItsDaysCountFromTheDayItWasMade() {
        filled(Place.FRIDGE);
        assertThat(jar(KeepingRule.TOMATO).useBy()).hasValue(DAY.plusDays(5));
        events.add(new JarEvent.Opened(id(), after(1)));
        assertThat(jar(KeepingRule.TOMATO).useBy()).hasValue(DAY.plusDays(5));
        assertThat(jar(KeepingRule.TOMATO).opened()).hasValue(after(1));
    }

    @Test
    void openedItsDaysCountFromThenAndNeverPastTheClosedOnes() {
        filled(Place.FRIDGE);
        events.add(new JarEvent.Taken(id(), after(0.1), Volume.ofMillilitres(40)));
        Jar jar = jar(KeepingRule.TOMATO);
        assertThat(jar.useBy()).hasValue(DAY.plusDays(4));
        assertThat(jar.left().millilitres()).isCloseTo(150, within(1e-9));
    }

    @Test
    void freezingStopsTheDaysAndThawingTurnsNothingBack() {
        filled(Place.FRIDGE);
        events.add(new JarEvent.Moved(id(), after(4), Place.FREEZER));
        assertThat(jar(KeepingRule.TOMATO).useBy()).hasValue(DAY.plusDays(4).plusMonths(4));
        events.add(new JarEvent.Moved(id(), after(30), Place.FRIDGE));
        Jar thawed = jar(KeepingRule.TOMATO);
        // One of its five days was left when it was frozen.
        assertThat(thawed.useBy()).hasValue(DAY.plusDays(31));
        assertThat(thawed.thawed()).isTrue();
        assertThat(thawed.refuses(new JarEvent.Moved(id(), after(30), Place.FREEZER), keeping(KeepingRule.TOMATO), DAY))
                .hasValue(Jar.Refusal.FROZEN_ONCE);
    }

    @Test
    void onTheCounterItCoolsAndNoDayIsTold() {
        filled(Place.COUNTER);
        assertThat(jar(KeepingRule.SYRUP).useBy()).isEmpty();
        assertThat(jar(KeepingRule.SYRUP).cooling()).hasValue(MADE);
        events.add(new JarEvent.Moved(id(), MADE.plus(Duration.ofMinutes(90)), Place.FRIDGE));
        assertThat(jar(KeepingRule.SYRUP).cooling()).isEmpty();
        assertThat(jar(KeepingRule.SYRUP).stoodOut()).isFalse();
        events.set(1, new JarEvent.Moved(id(), MADE.plus(Duration.ofMinutes(121)), Place.FRIDGE));
        assertThat(jar(KeepingRule.SYRUP).stoodOut()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(JarEvent.Way.class)
    void whatIsGoneIsGoneUntilThatIsUndone(JarEvent.Way way) {
        filled(Place.FRIDGE);
        JarEvent gone = new JarEvent.Gone(id(), after(1), way);
        events.add(gone);
        assertThat(jar(KeepingRule.TOMATO).gone()).hasValue(way);
        assertThat(jar(KeepingRule.TOMATO).here()).isFalse();
        assertThat(jar(KeepingRule.TOMATO)
                        .refuses(new JarEvent.Opened(id(), after(2)), keeping(KeepingRule.TOMATO), DAY))
                .hasValue(Jar.Refusal.GONE);
        JarEvent undo = new JarEvent.Undone(id(), after(1), gone.id());
        events.add(undo);
        assertThat(jar(KeepingRule.TOMATO).here()).isTrue();
        events.add(new JarEvent.Undone(id(), after(1), undo.id()));
        assertThat(jar(KeepingRule.TOMATO).here()).isFalse();
    }

    @Test
    void whatCannotBeIsRefusedWithItsReason() {
        filled(Place.FRIDGE);
        Keeping egg = keeping(KeepingRule.EGG_COOKED);
        Jar jar = Jar.of(MADE, egg, events, ZONE);
        assertThat(jar.refuses(new JarEvent.Moved(id(), after(1), Place.FREEZER), egg, DAY))
                .hasValue(Jar.Refusal.NOT_TO_BE_FROZEN);
        assertThat(jar.refuses(new JarEvent.Taken(id(), after(1), Volume.ofMillilitres(191)), egg, DAY))
                .hasValue(Jar.Refusal.TAKES_MORE_THAN_IS_IN);
        Keeping stock = keeping(KeepingRule.MEAT_STOCK);
        Jar late = Jar.of(MADE, stock, events, ZONE);
        assertThat(late.refuses(new JarEvent.Moved(id(), after(9), Place.FREEZER), stock, DAY.plusDays(9)))
                .hasValue(Jar.Refusal.PAST_ITS_DAY);
        events.add(new JarEvent.Moved(id(), after(1), Place.FREEZER));
        assertThat(Jar.of(MADE, stock, events, ZONE).refuses(new JarEvent.Opened(id(), after(1)), stock, DAY))
                .hasValue(Jar.Refusal.STILL_FROZEN);
        assertThatIllegalArgumentException().isThrownBy(() -> Jar.of(MADE, egg, events.subList(1, 2), ZONE));
    }

    /** 3000 lives of jars: what opens, thaws or takes never adds a day to what was told before. */
    @Test
    void nothingButFreezingTellsALaterDay() {
        Random random = new Random(4);
        KeepingRule[] all = KeepingRule.values();
        for (int life = 0; life < 3000; life++) {
            events.clear();
            filled(random.nextBoolean() ? Place.FRIDGE : Place.FREEZER);
            Keeping keeping = keeping(all[random.nextInt(all.length)], all[random.nextInt(all.length)]);
            double day = 0;
            Jar before = Jar.of(MADE, keeping, events, ZONE);
            for (int i = 0; i < 6; i++) {
                day += random.nextDouble() * 3;
                JarEvent next = switch (random.nextInt(4)) {
                    case 0 -> new JarEvent.Opened(id(), after(day));
                    case 1 -> new JarEvent.Taken(id(), after(day), Volume.ofMillilitres(5));
                    case 2 -> new JarEvent.Moved(id(), after(day), Place.FRIDGE);
                    default -> new JarEvent.Moved(id(), after(day), Place.FREEZER);
                };
                LocalDate today = after(day).atZone(ZONE).toLocalDate();
                if (before.refuses(next, keeping, today).isPresent()) {
                    continue;
                }
                events.add(next);
                Jar jar = Jar.of(MADE, keeping, events, ZONE);
                if (jar.place() == Place.FRIDGE && before.useBy().isPresent()) {
                    assertThat(jar.useBy().orElseThrow())
                            .as(events.toString())
                            .isBeforeOrEqualTo(before.useBy().get());
                }
                before = jar;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "190, 85, true, FRIDGE, 10",
        "190, 85, true, FREEZER, 15",
        "1000, 160, true, FREEZER, 25",
        "250, 95, false, FREEZER, 20",
        "750, 180, false, FREEZER, 40"
    })
    void theRoomUnderTheLidFollowsPlaceSizeAndMouth(double ml, double mm, boolean wide, Place place, double headspace) {
        JarSize size = new JarSize(Volume.ofMillilitres(ml), Length.ofMillimetres(mm), wide);
        assertThat(size.headspace(place).millimetres()).isEqualTo(headspace);
        assertThat(size.fill(place).millilitres()).isLessThan(ml);
    }

    @Test
    void jarsAndWhatIsLeftOverAddUpToTheYield() {
        Random random = new Random(9);
        List<JarSize> sizes = List.of(
                new JarSize(Volume.ofMillilitres(190), Length.ofMillimetres(85), true),
                new JarSize(Volume.ofMillilitres(500), Length.ofMillimetres(115), true),
                new JarSize(Volume.ofMillilitres(106), Length.ofMillimetres(60), false));
        for (int i = 0; i < 2000; i++) {
            Volume yield = Volume.ofMillilitres(random.nextDouble() * 4000);
            Place place = Place.values()[random.nextInt(3)];
            List<Integer> atHand = List.of(random.nextInt(6), random.nextInt(4), random.nextInt(6));
            JarSize.Filling filling = JarSize.fill(yield, sizes, atHand, place);
            double sum = filling.left().millilitres();
            int[] used = new int[3];
            for (JarSize.Filled jar : filling.jars()) {
                sum += jar.volume().millilitres();
                used[jar.size()]++;
                assertThat(jar.volume().millilitres())
                        .isLessThanOrEqualTo(sizes.get(jar.size()).fill(place).millilitres() + 1e-9);
            }
            assertThat(sum).isCloseTo(yield.millilitres(), within(1e-6));
            for (int s = 0; s < 3; s++) {
                assertThat(used[s]).isLessThanOrEqualTo(atHand.get(s));
            }
            boolean free = used[0] < atHand.get(0) || used[1] < atHand.get(1) || used[2] < atHand.get(2);
            assertThat(filling.left().millilitres() < 10
                            || !free
                            || largestFree(sizes, atHand, used, place)
                                    < filling.left().millilitres())
                    .isTrue();
        }
    }

    private static double largestFree(List<JarSize> sizes, List<Integer> atHand, int[] used, Place place) {
        double most = 0;
        for (int s = 0; s < sizes.size(); s++) {
            if (used[s] < atHand.get(s)) {
                most = Math.max(most, sizes.get(s).fill(place).millilitres());
            }
        }
        return most;
    }
}
