package app.gradior.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.learning.ThicknessKnowledge.Batch;
import app.gradior.learning.ThicknessKnowledge.Kind;
import app.gradior.learning.ThicknessKnowledge.Reading;
import app.gradior.learning.ThicknessKnowledge.Versions;
import app.gradior.quantity.Interval;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Kitchens with four sauces and two people, each batch forecast from those before it: how well thickness comes out. */
class GradeWorldTest {
    private static final int KITCHENS = 200;
    private static final int BATCHES = 40;
    private static final double[] CENTRES = {4.0, 5.2};
    private static final double[] EDGES = {2.0, 3.2, 4.4, 5.6, 6.8};
    private static final double LOOK_VARIANCE = .35 * .35 + 1.2 * 1.2 / 12;
    private static final double PLATE_VARIANCE = .25 * .25;
    private static final double VERDICT_VARIANCE = .40 * .40 + .8 * .8 / 12;
    private static final double DELTA = .12 / ThicknessKnowledge.LN_PER_GRADE;
    private static final double SAUCE = .5 / ThicknessKnowledge.LN_PER_GRADE;

    /** How often a batch is looked at, spread on a plate and judged. */
    private record Readings(int looks, boolean exactly, double plates, double verdicts) {}

    private static final class World {
        final Random random;
        final double[] sauces = new double[4];
        final double[] biases = new double[2];
        final double[][] wishes = new double[2][2];

        World(long seed) {
            random = new Random(seed);
            for (int i = 0; i < 4; i++) {
                sauces[i] = SAUCE * random.nextGaussian();
            }
            for (int i = 0; i < 2; i++) {
                biases[i] = .35 * random.nextGaussian();
                wishes[i] = new double[] {.40 * random.nextGaussian(), .40 * random.nextGaussian()};
            }
        }

        boolean chance(double of) {
            return random.nextDouble() < of;
        }

        Batch batch(int id, int sauce, double delta, Readings how) {
            int use = chance(.2) ? random.nextInt(2) : sauce / 2;
            int person = chance(.75) ? 0 : 1;
            double model = CENTRES[use] + .5 * random.nextGaussian();
            double more = sauces[sauce] + delta;
            List<Reading> readings = new ArrayList<>();
            int looks = how.exactly() ? how.looks() : random.nextInt(how.looks() + 1);
            for (int i = 0; i < looks; i++) {
                double then = model - random.nextDouble() * (i == 2 ? .3 : 1.5);
                double seen = then + more + biases[person] + .35 * random.nextGaussian();
                int band = 0;
                while (band < EDGES.length && seen >= EDGES[band]) {
                    band++;
                }
                band = chance(.02) ? random.nextInt(6) : band;
                double centre = band == 0 ? 1.4 : EDGES[band - 1] + .6;
                readings.add(new Reading(Kind.LOOK, person, null, centre - then, LOOK_VARIANCE));
            }
            if (chance(how.plates())) {
                double read = chance(.02) ? 1 + 7 * random.nextDouble() : model + more + .25 * random.nextGaussian();
                readings.add(new Reading(Kind.PLATE, null, null, read - model, PLATE_VARIANCE));
            }
            if (chance(how.verdicts())) {
                double felt = model + more - CENTRES[use] - wishes[person][use] + .40 * random.nextGaussian();
                long step = chance(.02) ? random.nextInt(5) - 2 : Math.round(Math.max(-2, Math.min(2, felt / .8)));
                readings.add(
                        new Reading(Kind.VERDICT, person, use, .8 * step - (model - CENTRES[use]), VERDICT_VARIANCE));
            }
            return new Batch(id, sauce, 1, readings);
        }
    }

    private static ThicknessKnowledge knowledge(List<Batch> batches) {
        Map<Object, Versions> versions = new HashMap<>();
        batches.forEach(b -> versions.put(b.sauce(), new Versions(List.of(1), List.of())));
        return new ThicknessKnowledge(batches, versions, 1, ThicknessKnowledge.PASSES);
    }

    /** Median errors of f in grades, by batches already made of the sauce, and the share of ranges that held in %. */
    private static double[][] errors(int kitchens, Readings how, int[] from, int[] to) {
        List<List<Double>> errors = new ArrayList<>();
        Arrays.stream(from).forEach(i -> errors.add(new ArrayList<>()));
        double[] held = new double[from.length];
        for (int kitchen = 0; kitchen < kitchens; kitchen++) {
            World world = new World(303_000 + kitchen);
            List<Batch> batches = new ArrayList<>();
            int[] made = new int[4];
            for (int n = 0; n < BATCHES; n++) {
                double at = world.random.nextDouble();
                int sauce = at < .5 ? 0 : at < .75 ? 1 : at < .9 ? 2 : 3;
                double delta = DELTA * world.random.nextGaussian();
                ThicknessKnowledge.Known known = knowledge(batches).of(sauce, 1);
                double off = Math.abs(known.mean() - world.sauces[sauce] - delta);
                for (int g = 0; g < from.length; g++) {
                    if (made[sauce] >= from[g] && made[sauce] <= to[g]) {
                        errors.get(g).add(off);
                        held[g] += off <= Interval.Z_80 * known.sd() ? 1 : 0;
                    }
                }
                batches.add(world.batch(n, sauce, delta, how));
                made[sauce]++;
            }
        }
        double[][] medians = new double[2][from.length];
        for (int g = 0; g < from.length; g++) {
            double[] sorted =
                    errors.get(g).stream().mapToDouble(e -> e).sorted().toArray();
            medians[0][g] = sorted[sorted.length / 2];
            medians[1][g] = 100 * held[g] / sorted.length;
        }
        return medians;
    }

    @Test
    void thicknessComesOutAsWellAsItDidInManyKitchens() {
        double[] expected = {.302, .194, .153, .136, .119, .099, .088};
        double[][] found =
                errors(KITCHENS, new Readings(3, false, .5, .5), new int[] {0, 1, 2, 3, 4, 8, 17}, new int[] {
                    0, 1, 2, 3, 6, 12, 23
                });
        for (int g = 0; g < expected.length; g++) {
            assertThat(found[0][g]).as("median %d", g).isCloseTo(expected[g], within(g == 0 ? .03 : .02));
            assertThat(found[1][g]).as("held %d", g).isBetween(74.0, 86.0);
        }
    }

    @Test
    void aLookInEachBatchAndAPlateInOneOfFiveHalvesTheErrorInFiveBatchesAndLooksAloneDoNot() {
        int[] from = {0, 4};
        int[] to = {0, 6};
        double[] plates = errors(150, new Readings(1, true, .2, 0), from, to)[0];
        double[] looks = errors(150, new Readings(1, true, 0, 0), from, to)[0];
        assertThat(plates[1] / plates[0]).isLessThan(.56);
        assertThat(looks[1] / looks[0]).isBetween(.54, .72);
    }

    /** What is a version's own does not pass to one that is thickened by something else. */
    @Test
    void aVersionWithAnotherStarchInheritsLittleAndOneWithTheSameInheritsAll() {
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            batches.add(new Batch(i, "sauce", 1, List.of(new Reading(Kind.PLATE, null, null, .6, PLATE_VARIANCE))));
        }
        ThicknessKnowledge knowledge =
                new ThicknessKnowledge(batches, Map.of("sauce", new Versions(List.of(1), List.of())), 1, 4);
        ThicknessKnowledge.Known same = knowledge.ofNew("sauce", 1, 0);
        ThicknessKnowledge.Known other = knowledge.ofNew("sauce", 1, 1);
        assertThat(other.sd()).isGreaterThan(1.5 * same.sd());

        batches.add(new Batch(9, "sauce", 2, List.of(new Reading(Kind.PLATE, null, null, -.3, PLATE_VARIANCE))));
        double alike = new ThicknessKnowledge(batches, Map.of("sauce", new Versions(List.of(1, 2), List.of(0.0))), 1, 4)
                .of("sauce", 2)
                .mean();
        double apart = new ThicknessKnowledge(batches, Map.of("sauce", new Versions(List.of(1, 2), List.of(1.0))), 1, 4)
                .of("sauce", 2)
                .mean();
        assertThat(apart).isLessThan(alike - .1);
    }

    @Test
    void aPlateIsAskedForWhileAReaderIsNotToldApartFromTheSauce() {
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            batches.add(new Batch(i, "sauce", 1, List.of(new Reading(Kind.LOOK, "me", null, .5, LOOK_VARIANCE))));
        }
        assertThat(knowledge(batches).plateWouldTell("me")).isTrue();
        for (int i = 0; i < 10; i++) {
            batches.add(new Batch(
                    20 + i,
                    "sauce " + i % 4,
                    1,
                    List.of(
                            new Reading(Kind.LOOK, "me", null, .5, LOOK_VARIANCE),
                            new Reading(Kind.PLATE, null, null, .1, PLATE_VARIANCE))));
        }
        ThicknessKnowledge known = knowledge(batches);
        assertThat(known.plateWouldTell("me")).isFalse();
        assertThat(known.bias("me").mean()).isBetween(.2, .5);
    }

    @Test
    void tenThousandBatchesOfAKitchenAreFitted() {
        Random random = new Random(1);
        List<Batch> batches = new ArrayList<>();
        Map<Object, Versions> versions = new HashMap<>();
        for (int i = 0; i < 10_000; i++) {
            int sauce = random.nextInt(300);
            versions.put(sauce, new Versions(List.of(1, 2, 3, 4, 5), List.of(.3, .3, .3, .3)));
            double y = (sauce % 7 - 3) * .1;
            batches.add(new Batch(
                    i,
                    sauce,
                    1 + random.nextInt(5),
                    List.of(
                            new Reading(Kind.LOOK, i % 3, null, y + .3, LOOK_VARIANCE),
                            new Reading(Kind.PLATE, null, null, y, PLATE_VARIANCE))));
        }
        ThicknessKnowledge known = new ThicknessKnowledge(batches, versions, RangeKeeping.NONE);
        assertThat(known.bias(0).mean()).isCloseTo(.3, within(.02));
        assertThat(known.of(6, 5).mean()).isCloseTo(.3, within(.03));
        assertThat(known.of(3, 1).mean()).isCloseTo(0, within(.03));
    }
}
