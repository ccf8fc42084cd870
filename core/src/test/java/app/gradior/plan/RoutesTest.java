package app.gradior.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.gradior.Mixtures;
import app.gradior.RandomMixtures;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.plan.Route.Kind;
import app.gradior.plan.Route.Remark;
import app.gradior.plan.Suggestion.Reason;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Interval;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class RoutesTest {
    private static final Pot CASSEROLE =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(2000));
    private static final Conditions SIMMER =
            new Conditions(CASSEROLE, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL);
    private static final Goal GLAZE = Goal.of(Use.GLAZE, Celsius.SERVED_WARM);
    private static final Goal POUR = Goal.of(Use.POUR, Celsius.SERVED_WARM);
    private static final Goal TOSS = Goal.of(Use.TOSS, Celsius.SERVED_WARM);

    private static final Mixture PLUM =
            Mixtures.of("plum", 600).plus(Mixtures.of("water", 300)).blended();
    private static final Mixture SALTY = Mixtures.of("soy-sauce", 150).plus(Mixtures.of("water", 400));
    private static final Mixture BROTH = Mixtures.of("water", 700);
    private static final Mixture CHUNKS = Mixtures.of("plum", 700).plus(Mixtures.of("water", 150));
    private static final Mixture SYRUP = Mixtures.sucrose(35, 600);
    private static final Mixture PASTE = Mixtures.puree(14, 500);

    private static final Mixture RIGHT = Mixtures.puree(17.5, 500);

    private static Routes routes(Mixture sauce, PlanRequest request) {
        return Routes.of(new Planner(sauce, SIMMER, Knowledge.NONE), request);
    }

    private static PlanRequest min(Goal goal, Target min) {
        PlanRequest plain = PlanRequest.of(goal);
        return new PlanRequest(
                goal, plain.stop(), Optional.of(min), plain.starch(), plain.school(), false, plain.slurryAt());
    }

    private static PlanRequest stopping(Goal goal, Target stop) {
        PlanRequest plain = PlanRequest.of(goal);
        return new PlanRequest(
                goal, Optional.of(stop), plain.min(), plain.starch(), plain.school(), false, plain.slurryAt());
    }

    static Stream<Arguments> rules() {
        return Stream.of(
                Arguments.of("pulp and water is reduced", PLUM, PlanRequest.of(GLAZE), Kind.REDUCE, Reason.WATERY),
                Arguments.of("a salty base is not reduced", SALTY, PlanRequest.of(POUR), Kind.SLURRY, Reason.TOO_SALTY),
                Arguments.of(
                        "broth has no body",
                        BROTH,
                        PlanRequest.of(POUR),
                        Kind.REDUCE_THEN_SLURRY,
                        Reason.NEVER_BY_REDUCING),
                Arguments.of("chunks are blended", CHUNKS, PlanRequest.of(TOSS), Kind.BLEND, Reason.BODY_IN_PIECES),
                Arguments.of("a syrup is reduced", SYRUP, PlanRequest.of(POUR), Kind.REDUCE, Reason.SYRUP),
                Arguments.of("a paste is thinned", PASTE, PlanRequest.of(POUR), Kind.REDUCE, Reason.THICK_ALREADY),
                Arguments.of("what is right is left", RIGHT, PlanRequest.of(TOSS), Kind.REDUCE, Reason.RIGHT_ALREADY),
                Arguments.of(
                        "short of yield",
                        PLUM,
                        min(GLAZE, new Target.Weight(Mass.ofGrams(700))),
                        Kind.REDUCE_THEN_SLURRY,
                        Reason.SHORT_OF_YIELD),
                Arguments.of(
                        "a fraction that is too thin is lifted",
                        PLUM,
                        stopping(GLAZE, new Target.Reduced(Share.of(0.9), Target.Basis.WEIGHT)),
                        Kind.REDUCE_THEN_SLURRY,
                        Reason.THIN_AS_ASKED),
                Arguments.of(
                        "a fraction that is thick enough stands",
                        PLUM,
                        stopping(POUR, new Target.Reduced(Share.of(0.3), Target.Basis.WEIGHT)),
                        Kind.REDUCE,
                        Reason.AS_ASKED));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void theRulesPropose(String rule, Mixture sauce, PlanRequest request, Kind kind, Reason reason) {
        assertThat(routes(sauce, request).suggestion()).isEqualTo(new Suggestion(kind, reason));
    }

    @Test
    void whatTakesTooLongIsThickenedInstead() {
        Conditions slow = SIMMER.with(Activity.BARE_SIMMER)
                .with(Pot.straight(
                        Length.ofCentimetres(16), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(900)));
        Routes routes = Routes.of(new Planner(PLUM, slow, Knowledge.NONE), PlanRequest.of(GLAZE));

        assertThat(routes.suggestion()).isEqualTo(new Suggestion(Kind.REDUCE_THEN_SLURRY, Reason.TOO_LONG));
        assertThat(routes.route(Kind.REDUCE_THEN_SLURRY)
                        .outcome()
                        .orElseThrow()
                        .minutes()
                        .middle())
                .isLessThan(routes.route(Kind.REDUCE)
                        .outcome()
                        .orElseThrow()
                        .minutes()
                        .middle());
    }

    @Test
    void whatIsRightAsItIsNeedsNoTimeAndNoStarch() {
        Routes routes = routes(RIGHT, PlanRequest.of(TOSS));
        Route.Outcome outcome = routes.route(Kind.REDUCE).outcome().orElseThrow();

        assertThat(outcome.served().value())
                .isBetween(TOSS.aim().value(), TOSS.high().value());
        assertThat(outcome.minutes().middle()).isZero();
        assertThat(outcome.yieldGrams().middle()).isCloseTo(500, within(1e-9));
        assertThat(routes.has(Kind.SLURRY)).isFalse();
        assertThat(routes.nearest()).isEmpty();
    }

    @Test
    void everyRouteComesOutAsThickAsIsWanted() {
        Routes routes = routes(CHUNKS, PlanRequest.of(TOSS));

        assertThat(routes.routes()).hasSize(4).allSatisfy(route -> {
            Route.Outcome outcome = route.outcome().orElseThrow();
            assertThat(outcome.served().value()).isCloseTo(TOSS.aim().value(), within(0.01));
            assertThat(outcome.suits()).isTrue();
            assertThat(Thickness.grade(outcome.end(), TOSS.served(), ThicknessFactor.ONE))
                    .isEqualTo(outcome.served());
        });
        Route.Outcome reduced = routes.route(Kind.REDUCE).outcome().orElseThrow();
        Route.Outcome lifted = routes.route(Kind.REDUCE_THEN_SLURRY).outcome().orElseThrow();
        Route.Outcome poured = routes.route(Kind.SLURRY).outcome().orElseThrow();
        Route.Outcome blended = routes.route(Kind.BLEND).outcome().orElseThrow();
        assertThat(lifted.yieldGrams().middle())
                .isBetween(reduced.yieldGrams().middle(), poured.yieldGrams().middle());
        assertThat(blended.minutes().middle()).isLessThan(reduced.minutes().middle());
        assertThat(reduced.energy().joules()).isGreaterThan(lifted.energy().joules());
        assertThat(poured.minutes().middle()).isZero();
        assertThat(reduced.strength()).isGreaterThan(poured.strength());
        assertThat(lifted.powderGrams().orElseThrow().width()).isPositive();
    }

    @ParameterizedTest
    @ValueSource(doubles = {500, 600, 700, 800})
    void theSlurryIsPouredAsFarDownAsTheYieldAllows(double grams) {
        Routes routes = routes(PLUM, min(GLAZE, new Target.Weight(Mass.ofGrams(grams))));
        Route.Outcome outcome = routes.route(Kind.REDUCE_THEN_SLURRY).outcome().orElseThrow();

        assertThat(outcome.enough()).isTrue();
        assertThat(outcome.yieldGrams().middle()).isBetween(grams, grams + 12);
    }

    @Test
    void whereThicknessAndYieldCannotBothBeHadTheNearestIsOffered() {
        Routes routes = routes(PLUM, min(GLAZE, new Target.Yield(Volume.ofMillilitres(650))));
        Routes.Nearest nearest = routes.nearest().orElseThrow();

        assertThat(nearest.atYield().at().volume().millilitres()).isBetween(650.0, 660.0);
        assertThat(nearest.atYield().served().middle()).isLessThan(GLAZE.low().value());
        assertThat(nearest.atThinEnd().orElseThrow().served().middle())
                .isBetween(GLAZE.low().value(), GLAZE.low().value() + 0.1);
        assertThat(nearest.atThinEnd().orElseThrow().at().volume().millilitres())
                .isLessThan(650);
        assertThat(routes(PLUM, min(GLAZE, new Target.Weight(Mass.ofGrams(100))))
                        .nearest())
                .isEmpty();
    }

    @Test
    void whatNoRouteLeavesIsSaidInTimesTheSauce() {
        PlanRequest plenty = min(GLAZE, new Target.Weight(Mass.ofGrams(2500)));
        Routes routes = routes(PLUM, plenty);
        double max =
                routes.route(Kind.SLURRY).outcome().orElseThrow().end().mass().grams();

        assertThat(routes.timesForTheMinimum(plenty).orElseThrow()).isCloseTo(2500 / max, within(1e-9));
        PlanRequest some = min(GLAZE, new Target.Weight(Mass.ofGrams(700)));
        assertThat(routes(PLUM, some).timesForTheMinimum(some)).isEmpty();
        PlanRequest more = stopping(GLAZE, new Target.Weight(Mass.ofGrams(1500)));
        assertThat(routes(PLUM, more).suggestion()).isEqualTo(new Suggestion(Kind.REDUCE, Reason.OUT_OF_REACH));
    }

    @Test
    void theCookMayPourTheSlurryElsewhere() {
        PlanRequest plain = PlanRequest.of(GLAZE);
        PlanRequest said = new PlanRequest(
                GLAZE,
                plain.stop(),
                plain.min(),
                Optional.of(StarchKind.POTATO),
                new SlurryRatio.BySpoons(2),
                true,
                Optional.of(Mass.ofGrams(800)));
        Route.Outcome outcome = routes(PLUM.plus(Mixtures.of("cider-vinegar", 120)), said)
                .route(Kind.REDUCE_THEN_SLURRY)
                .outcome()
                .orElseThrow();
        Slurry slurry = outcome.slurry().orElseThrow();

        assertThat(outcome.stop().mass().grams()).isCloseTo(800, within(6.0));
        assertThat(slurry.kind()).isEqualTo(StarchKind.POTATO);
        assertThat(slurry.water().grams() / slurry.powder().grams())
                .isCloseTo(2 / StarchKind.POTATO.gramsPerMillilitre(), within(1e-6));
        assertThat(outcome.remarks())
                .contains(Remark.WEEPS_FROZEN, Remark.ACID_THINS, Remark.BOIL_THINS, Remark.CLEAR, Remark.STAYS_LOOSE);
    }

    static Stream<Arguments> starches() {
        Mixture sour = Mixtures.of("water", 400).plus(Mixtures.of("cider-vinegar", 120));
        Mixture cream = Mixtures.of("heavy-cream", 200);
        return Stream.of(
                Arguments.of(BROTH, false, StarchKind.CORN, StarchChoice.Reason.USUAL),
                Arguments.of(BROTH, true, StarchKind.TAPIOCA, StarchChoice.Reason.FREEZES),
                Arguments.of(sour, false, StarchKind.ARROWROOT, StarchChoice.Reason.BEARS_ACID),
                Arguments.of(sour, true, StarchKind.WAXY_CORN, StarchChoice.Reason.FREEZES),
                Arguments.of(sour.plus(cream), false, StarchKind.WAXY_CORN, StarchChoice.Reason.BEARS_ACID));
    }

    @ParameterizedTest
    @MethodSource("starches")
    void theStarchSuitsTheSauce(Mixture sauce, boolean frozen, StarchKind kind, StarchChoice.Reason reason) {
        assertThat(StarchChoice.of(sauce, frozen)).isEqualTo(new StarchChoice(kind, reason));
    }

    @Test
    void aTargetOfTheThermometerStopsWhereItBoilsSo() {
        Routes routes = routes(SYRUP, stopping(POUR, new Target.AtBoilingPoint(Celsius.of(104))));
        Route.Outcome outcome = routes.route(Kind.REDUCE).outcome().orElseThrow();

        assertThat(outcome.stop().stove().degrees()).isCloseTo(102, within(0.05));
        assertThat(outcome.stop().brix().percent()).isBetween(60.0, 70.0);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void everyLiftOfTheBoardLeadsToTheAim(long seed) {
        Mixture sauce = RandomMixtures.sauce(new Random(seed));
        Planner planner = new Planner(sauce, SIMMER, Knowledge.NONE);
        Board board = Board.of(planner, GLAZE, StarchKind.CORN, 2, 40);

        for (int i = 0; i < board.steps().size(); i++) {
            Board.Step step = board.steps().get(i);
            assertThat(step.served().low()).isLessThanOrEqualTo(step.served().middle());
            if (i > 0) {
                assertThat(step.at().mass())
                        .isLessThan(board.steps().get(i - 1).at().mass());
                assertThat(step.minutes().middle())
                        .isGreaterThanOrEqualTo(
                                board.steps().get(i - 1).minutes().middle());
            }
            step.lift().ifPresent(lift -> {
                Mixture after = Slurry.pour(step.at().mixture(), StarchKind.CORN, lift.powder(), 2)
                        .after();
                double grade = Thickness.grade(after, GLAZE.served(), ThicknessFactor.ONE)
                        .value();
                if (lift.powder().kilograms() > 0) {
                    assertThat(grade).as("seed " + seed).isCloseTo(GLAZE.aim().value(), within(0.03));
                } else {
                    assertThat(grade)
                            .as("seed " + seed)
                            .isGreaterThanOrEqualTo(GLAZE.aim().value() - 1e-9);
                }
                assertThat(lift.yield().grams()).isCloseTo(after.mass().grams(), within(1e-9));
            });
        }
    }

    @Test
    void limitsAreMarkedWhereTheyArePassed() {
        Mixture sauce = PLUM.plus(Mixtures.of("fine-salt", 6)).plus(Mixtures.of("port-style-wine", 80));
        Board board = Board.of(new Planner(sauce, SIMMER, Knowledge.NONE), GLAZE, StarchKind.CORN, 2, 60);

        int salt = board.marks().get(Limit.SALT);
        assertThat(board.steps().get(salt).at().salt().value()).isGreaterThan(0.015);
        assertThat(board.steps().get(salt - 1).at().salt().value()).isLessThanOrEqualTo(0.015);
        int alcohol = board.marks().get(Limit.ALCOHOL);
        assertThat(board.steps().get(alcohol).at().alcohol().value()).isLessThan(0.005);
        assertThat(board.marks()).doesNotContainKey(Limit.SUGAR);
    }

    @Test
    void figuresThatCannotBeAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Goal(Grade.of(5), Grade.of(4), Grade.of(6), Celsius.SERVED_WARM))
                .withMessageContaining("must rise");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> min(GLAZE, new Target.AtBrix(Share.of(0.5))))
                .withMessageContaining("a weight or a volume");
        assertThatIllegalArgumentException().isThrownBy(() -> new SlurryRatio.BySpoons(0));
        assertThatIllegalArgumentException().isThrownBy(() -> new SlurryRatio.ByWeight(21));
    }

    private static PlanRequest pouring(Goal goal, StarchKind kind, boolean frozen, Optional<Mass> at) {
        PlanRequest plain = PlanRequest.of(goal);
        return new PlanRequest(goal, plain.stop(), plain.min(), Optional.of(kind), plain.school(), frozen, at);
    }

    private static Route.Outcome outcome(Routes routes, Kind kind) {
        return routes.route(kind).outcome().orElseThrow();
    }

    @Test
    void aSyrupIsToldFromABodyAndFromAStock() {
        assertThat(routes(SYRUP, PlanRequest.of(POUR)).syrupy(POUR)).isTrue();
        assertThat(routes(PLUM, PlanRequest.of(GLAZE)).syrupy(GLAZE)).isFalse();
        assertThat(routes(BROTH, PlanRequest.of(POUR)).syrupy(POUR)).isFalse();
        Mixture stock = Mixtures.of("soy-sauce", 300);
        assertThat(routes(stock, stopping(POUR, new Target.Weight(Mass.ofGrams(150))))
                        .syrupy(POUR))
                .isFalse();
        Mixture thickened = SYRUP.plus(Mixtures.of("corn-starch", 40)).cookedAt(Mixtures.BOILING);
        assertThat(routes(thickened, stopping(POUR, new Target.Weight(Mass.ofGrams(600))))
                        .syrupy(POUR))
                .isFalse();
    }

    @Test
    void aRouteThatThereIsNotStandsForReducing() {
        Routes routes = routes(BROTH, PlanRequest.of(POUR));

        assertThat(routes.has(Kind.SLURRY)).isTrue();
        assertThat(routes.has(Kind.REDUCE)).isFalse();
        assertThat(routes.has(Kind.BLEND)).isFalse();
        assertThat(routes.route(Kind.BLEND)).isEqualTo(routes.route(Kind.REDUCE));
    }

    /** Stirring as often as each step wants it, summed here anew from the steps that the board shows. */
    @Test
    void handsAreWantedForStirringSlurryAndBlending() {
        Routes routes = routes(CHUNKS, PlanRequest.of(TOSS));
        Route.Outcome reduced = outcome(routes, Kind.REDUCE);
        double stirring = 0;
        double before = 0;
        for (Board.Step step : routes.board().steps()) {
            if (step.at().mass().compareTo(reduced.stop().mass()) >= 0) {
                stirring += 0.4 * (step.minutes().middle() - before) / Caution.stirEveryMinutes(step.at());
                before = step.minutes().middle();
            }
        }

        assertThat(reduced.handsOn()).isCloseTo(stirring, within(1e-9)).isGreaterThan(0.5);
        assertThat(reduced.unattended()).isCloseTo(reduced.minutes().middle() - stirring, within(1e-9));
        assertThat(outcome(routes, Kind.SLURRY).handsOn()).isEqualTo(4);
        assertThat(outcome(routes, Kind.SLURRY).unattended()).isZero();
        Route.Outcome lifted = outcome(routes, Kind.REDUCE_THEN_SLURRY);
        assertThat(lifted.handsOn()).isGreaterThan(4).isLessThan(4 + stirring);
        assertThat(outcome(routes, Kind.BLEND).handsOn()).isBetween(3.0, 3 + stirring);
    }

    /** The powder is that for a sauce a little thinner, and a little thicker, than its lines say. */
    @Test
    void thePowderHasTheRangeOfTheSaucesOwnThickness() {
        Route.Outcome poured = outcome(routes(PLUM, PlanRequest.of(GLAZE)), Kind.SLURRY);
        Interval powder = poured.powderGrams().orElseThrow();
        double sd = Interval.Z_80 * Knowledge.NONE.logSdOfThickness();

        assertThat(powder.middle())
                .isEqualTo(poured.slurry().orElseThrow().powder().grams());
        assertThat(powder.low()).isCloseTo(powderAt(sd), within(0.01)).isLessThan(powder.middle());
        assertThat(powder.high()).isCloseTo(powderAt(-sd), within(0.01)).isGreaterThan(powder.middle());
    }

    private static double powderAt(double lnThickness) {
        Slurry.Answer answer = Slurry.forGrade(
                PLUM,
                StarchKind.CORN,
                PlanRequest.of(GLAZE).school().waterPerPowder(StarchKind.CORN),
                GLAZE.aim(),
                GLAZE.served(),
                ThicknessFactor.ofLogarithm(lnThickness));
        return ((Slurry.Answer.Found) answer).slurry().powder().grams();
    }

    @Test
    void aRouxIsOfferedBesideTheSlurry() {
        Route.Outcome poured = outcome(routes(PLUM, PlanRequest.of(GLAZE)), Kind.SLURRY);

        assertThat(poured.roux().orElseThrow().grade().value())
                .isCloseTo(GLAZE.aim().value(), within(0.01));
        assertThat(outcome(routes(PLUM, PlanRequest.of(GLAZE)), Kind.REDUCE).roux())
                .isEmpty();
    }

    @Test
    void theSlurryIsPouredAfterThreeFifthsOfTheTimeUnlessTheCookSaysWhere() {
        Routes routes = routes(PLUM, PlanRequest.of(GLAZE));
        double whole = outcome(routes, Kind.REDUCE).minutes().middle();
        double part = outcome(routes, Kind.REDUCE_THEN_SLURRY).minutes().middle();
        assertThat(part).isBetween(0.6 * whole - 1.5, 0.6 * whole);

        Routes said = routes(PLUM, stopping(GLAZE, new Target.Weight(Mass.ofGrams(800))));
        assertThat(outcome(said, Kind.REDUCE_THEN_SLURRY).stop().mass().grams()).isCloseTo(800, within(6.0));
    }

    @Test
    void whatASauceBecomesIsRemarkedOn() {
        assertThat(outcome(routes(PLUM, PlanRequest.of(GLAZE)), Kind.REDUCE).remarks())
                .containsExactly(Remark.DARKER);
        assertThat(outcome(routes(RIGHT, PlanRequest.of(TOSS)), Kind.REDUCE).remarks())
                .containsExactly(Remark.FRESH);
        assertThat(outcome(routes(PLUM, pouring(GLAZE, StarchKind.CORN, true, Optional.empty())), Kind.REDUCE)
                        .remarks())
                .containsExactly(Remark.DARKER, Remark.FREEZES_WELL);
        assertThat(poured(BROTH, StarchKind.CORN, false))
                .containsExactlyInAnyOrder(Remark.FRESH, Remark.CLOUDY, Remark.GELS_COLD);
        assertThat(poured(BROTH, StarchKind.WHEAT_FLOUR, true))
                .contains(Remark.COOK_OUT, Remark.DULLED, Remark.WEEPS_FROZEN);
        assertThat(poured(BROTH, StarchKind.TAPIOCA, true))
                .contains(Remark.FREEZES_WELL, Remark.CLEAR)
                .doesNotContain(Remark.COOK_OUT, Remark.DULLED, Remark.ACID_THINS, Remark.SLIMY_WITH_DAIRY);
        Mixture milky = BROTH.plus(Mixtures.of("whole-milk", 200));
        assertThat(poured(milky, StarchKind.ARROWROOT, false)).contains(Remark.SLIMY_WITH_DAIRY);
        assertThat(poured(milky, StarchKind.CORN, false)).doesNotContain(Remark.SLIMY_WITH_DAIRY);
        assertThat(poured(BROTH, StarchKind.ARROWROOT, false)).doesNotContain(Remark.SLIMY_WITH_DAIRY);
    }

    private static Set<Remark> poured(Mixture sauce, StarchKind kind, boolean frozen) {
        return outcome(routes(sauce, pouring(POUR, kind, frozen, Optional.empty())), Kind.SLURRY)
                .remarks();
    }

    @Test
    void whatTurnsSourByReducingIsThickenedInstead() {
        Mixture sour = Mixtures.of("plum", 500)
                .plus(Mixtures.of("cider-vinegar", 150))
                .plus(Mixtures.of("water", 150))
                .blended();
        Routes routes = routes(sour, PlanRequest.of(GLAZE));

        assertThat(outcome(routes, Kind.REDUCE).stop().acid().value()).isGreaterThan(0.03);
        assertThat(routes.suggestion()).isEqualTo(new Suggestion(Kind.REDUCE_THEN_SLURRY, Reason.TOO_SOUR));
        assertThat(outcome(routes, Kind.REDUCE_THEN_SLURRY).stop().acid().value())
                .isLessThanOrEqualTo(0.03);
    }

    @Test
    void aPlainSauceIsPlainlyReduced() {
        Mixture plain = Mixtures.puree(9, 500);

        assertThat(routes(plain.plus(Mixtures.of("heavy-cream", 350)), PlanRequest.of(GLAZE))
                        .suggestion())
                .isEqualTo(new Suggestion(Kind.REDUCE, Reason.PLAIN));
        assertThat(routes(plain, PlanRequest.of(GLAZE)).suggestion())
                .isEqualTo(new Suggestion(Kind.REDUCE, Reason.WATERY));
    }

    @Test
    void aBandOfItsOwnIsAQuarterGradeToEitherSide() {
        Goal four = Goal.of(Grade.of(4), Celsius.of(20));

        assertThat(four).isEqualTo(new Goal(Grade.of(3.75), Grade.of(4), Grade.of(4.25), Celsius.of(20)));
        assertThat(four.suits(Grade.of(3.75))).isTrue();
        assertThat(four.suits(Grade.of(4.25))).isTrue();
        assertThat(four.suits(Grade.of(3.74))).isFalse();
        assertThat(four.suits(Grade.of(4.26))).isFalse();
        assertThat(new Goal(Grade.of(4), Grade.of(4), Grade.of(4), Celsius.of(20)).suits(Grade.of(4)))
                .isTrue();
    }
}
