package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.gradior.Mixtures;
import app.gradior.RandomMixtures;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Outside;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SolversTest {
    private static final Celsius WARM = Celsius.SERVED_WARM;
    private static final ThicknessFactor ONE = ThicknessFactor.ONE;

    static LongStream seeds() {
        return RandomMixtures.seeds(300);
    }

    private static double grade(Mixture mixture) {
        return Thickness.grade(mixture, WARM, ONE).value();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSlurryPouredGivesTheGradeAsked(long seed) {
        Random random = new Random(seed);
        Mixture sauce = RandomMixtures.sauce(random);
        StarchKind kind = StarchKind.values()[random.nextInt(8)];
        Grade wanted = Grade.of(grade(sauce) + 0.2 + random.nextDouble() * 2);
        double ratio = 0.5 + 2 * random.nextDouble();

        Slurry.Answer answer = Slurry.forGrade(sauce, kind, ratio, wanted, WARM, ONE);

        if (answer instanceof Slurry.Answer.Found found) {
            Slurry slurry = found.slurry();
            Mixture poured = sauce.plus(Slurry.powder(kind).of(slurry.powder()))
                    .plus(Mixtures.of("water", slurry.water().grams()))
                    .cookedAt(Mixtures.BOILING);
            assertThat(grade(poured)).as("seed %d", seed).isCloseTo(wanted.value(), within(0.02));
            assertThat(slurry.water().grams()).isCloseTo(ratio * slurry.powder().grams(), within(1e-6));
            assertThat(slurry.thirds()).hasSize(3);
            assertThat(slurry.thirds().get(2).value()).isCloseTo(wanted.value(), within(0.02));
        } else {
            assertThat(((Slurry.Answer.NotEnough) answer).reached()).isLessThan(wanted);
        }
    }

    @Test
    void aThinStockTakesEightGramsToAGlassAndABit() {
        Mixture stock = Mixtures.of("chicken-stock", 240);
        Slurry slurry =
                ((Slurry.Answer.Found) Slurry.forGrade(stock, StarchKind.CORN, 1, Grade.of(4.7), WARM, ONE)).slurry();

        assertThat(slurry.powder().grams()).isBetween(7.0, 9.0);
        assertThat(slurry.levelTeaspoons()).isCloseTo(slurry.powder().grams() / 0.54 / 5, within(1e-9));
        assertThat(slurry.thirds()).isSorted();
    }

    @Test
    void whatIsThickEnoughNeedsNoSlurryAndWhatNoStarchReachesIsSaid() {
        assertThat(Slurry.forGrade(Mixtures.puree(12, 200), StarchKind.CORN, 1, Grade.of(2), WARM, ONE))
                .isInstanceOf(Slurry.Answer.NoneNeeded.class);
        assertThat(Slurry.forGrade(Mixtures.of("water", 200), StarchKind.WHEAT_FLOUR, 20, Grade.of(20), WARM, ONE))
                .isInstanceOfSatisfying(Slurry.Answer.NotEnough.class, not -> {
                    assertThat(not.reached()).isLessThan(Grade.of(20));
                    assertThat(not.nearest().powder().grams()).isCloseTo(50, within(1e-6));
                });
    }

    @ParameterizedTest
    @EnumSource(StarchKind.class)
    void theReverseQuestionIsAnsweredByTheSameFunction(StarchKind kind) {
        Mixture stock = Mixtures.of("vegetable-stock", 500);
        Slurry given = Slurry.of(stock, kind, Mass.ofGrams(15), 2, WARM, ONE);
        Grade gives = given.thirds().get(2);

        Slurry.Answer.Found found = (Slurry.Answer.Found) Slurry.forGrade(stock, kind, 2, gives, WARM, ONE);

        assertThat(found.slurry().powder().grams()).isCloseTo(15, within(0.01));
        assertThat(given.after().mass().grams()).isCloseTo(545, within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void thinningBackUndoesReducingTooFar(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));
        Mixture tooFar = sauce.evaporatedTo(Share.of(0.6));
        assumeThat(Outside.of(tooFar)).isEmpty();
        assumeThat(grade(tooFar)).isLessThan(8.9);

        Optional<ThinBack> back = ThinBack.water(tooFar, Grade.of(grade(sauce)), WARM, ONE);

        assertThat(back).as("seed %d", seed).isPresent();
        assertThat(grade(back.get().after())).isCloseTo(grade(sauce), within(0.02));
        // Alcohol and acid that left do not come back, so it takes about the water that went, not exactly that.
        double went = sauce.mass().grams() - tooFar.mass().grams();
        assertThat(back.get().liquid().grams()).isBetween(0.5 * went - 1, 1.6 * went + 1);
    }

    @Test
    void whatIsThinEnoughNeedsNoWaterAndThickLiquidThinsNothing() {
        Mixture thin = Mixtures.of("water", 100);
        assertThat(ThinBack.water(thin, Grade.of(3), WARM, ONE).orElseThrow().liquid())
                .isEqualTo(Mass.ZERO);
        assertThat(ThinBack.with(Mixtures.puree(30, 10), Mixtures.puree(20, 100), Grade.of(3), WARM, ONE)
                        .found())
                .isEmpty();
        assertThat(ThinBack.with(Mixtures.of("apple-juice", 10), Mixtures.puree(20, 100), Grade.of(4), WARM, ONE)
                        .found())
                .isPresent();
    }

    @ParameterizedTest
    @EnumSource(Correction.Taste.class)
    void aCorrectionBringsTheShareAsked(Correction.Taste taste) {
        Mixture sauce = Mixtures.of("fresh-tomato", 500).plus(Mixtures.of("fine-salt", 6));
        Mixture addition = switch (taste) {
            case SALT -> Mixtures.of("fine-salt", 1);
            case SUGAR -> Mixtures.of("honey", 1);
            case ACID -> Mixtures.of("lemon-juice", 1);
        };
        Share wanted = Share.of(taste.of(sauce).value() + 0.01);

        assertThat(Correction.bring(sauce, taste, wanted, addition))
                .isInstanceOfSatisfying(Correction.Answer.Add.class, add -> {
                    assertThat(taste.of(add.after()).value()).isCloseTo(wanted.value(), within(1e-12));
                    assertThat(add.after().mass().grams())
                            .isCloseTo(sauce.mass().grams() + add.addition().grams(), within(1e-9));
                });
    }

    @Test
    void tooSaltyIsThinnedByWaterAndNeverBySalt() {
        Mixture salty = Mixtures.of("water", 500).plus(Mixtures.of("fine-salt", 15));

        assertThat(Correction.bring(salty, Correction.Taste.SALT, Share.of(0.015), Mixtures.of("water", 1)))
                .isInstanceOfSatisfying(
                        Correction.Answer.Add.class,
                        add -> assertThat(add.addition().grams()).isCloseTo(14.97 / 0.015 - 515, within(0.5)));
        assertThat(Correction.bring(salty, Correction.Taste.SALT, Share.of(0.015), Mixtures.of("fine-salt", 1)))
                .isEqualTo(new Correction.Answer.NotByThis(Correction.Taste.SALT.of(salty)));
    }

    @Test
    void whatTheAdditionItselfLacksIsNotBroughtByIt() {
        Mixture sauce = Mixtures.of("water", 500);
        Mixture stock = Mixtures.of("chicken-stock", 100);

        assertThat(Correction.bring(sauce, Correction.Taste.SALT, Share.of(0.03), stock))
                .isEqualTo(new Correction.Answer.NotByThis(Correction.Taste.SALT.of(stock)));
        assertThat(Correction.bring(sauce, Correction.Taste.SALT, Share.NONE, stock))
                .isEqualTo(new Correction.Answer.Add(Mass.ZERO, sauce));
    }

    @Test
    void theImpossibleIsRefused() {
        Mixture water = Mixtures.of("water", 100);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Slurry.forGrade(water, StarchKind.CORN, 0.1, Grade.of(4), WARM, ONE));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Slurry.of(water, StarchKind.CORN, Mass.ofGrams(5), 50, WARM, ONE));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Correction.bring(Mixture.EMPTY, Correction.Taste.SALT, Share.NONE, water));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Correction.bring(water, Correction.Taste.SALT, Share.NONE, Mixture.EMPTY));
    }
}
