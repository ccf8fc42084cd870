package app.gradior.keeping;

import app.gradior.quantity.Bounds;
import app.gradior.quantity.Length;
import app.gradior.quantity.Volume;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A kind of jar.
 *
 * @param brim what it holds to the brim, 20 ml to 10 l
 * @param height inside, 2 to 50 cm
 * @param wide whether its mouth is as wide as it is
 */
public record JarSize(Volume brim, Length height, boolean wide) {
    /** The smallest and the largest that there are, in ml. */
    public static final double LEAST_ML = 20;

    public static final double MOST_ML = 10_000;
    private static final double HEADSPACE_MM = 10;
    private static final double LARGE_ML = 500;

    /** @throws IllegalArgumentException if a figure is out of its bounds */
    public JarSize {
        Bounds.check("what a jar holds in ml", brim.millilitres(), LEAST_ML, MOST_ML);
        Bounds.check("height of a jar in mm", height.millimetres(), 20, 500);
    }

    /** The room to leave under the lid: 1 cm; in the freezer, where water grows by a tenth, by its size and mouth. */
    public Length headspace(Place place) {
        if (place != Place.FREEZER) {
            return Length.ofMillimetres(HEADSPACE_MM);
        }
        boolean large = brim.millilitres() > LARGE_ML;
        return Length.ofMillimetres(wide ? large ? 25 : 15 : large ? 40 : 20);
    }

    /** What goes in at most: the headspace taken off as a slice of it. */
    public Volume fill(Place place) {
        double part = headspace(place).millimetres() / height.millimetres();
        return brim.times(Math.max(0.1, 1 - part));
    }

    /** As wide as it is inside, straight. */
    public Length across() {
        return Length.ofMillimetres(1000 * 2 * Math.sqrt(brim.cubicMetres() / height.metres() / Math.PI));
    }

    /**
     * So many filled jars of some sizes, and what is left over.
     *
     * @param volumes of each jar with the index of its size
     */
    public record Filling(List<Filled> jars, Volume left) {}

    /** A jar of a size with so much in it. */
    public record Filled(int size, Volume volume) {}

    /**
     * How a yield goes into jars: the largest that it fills, as many as there are, and the rest into the smallest that
     * holds it.
     *
     * @param sizes the kinds of jars
     * @param atHand how many there are of each; as long as {@code sizes}
     */
    public static Filling fill(Volume yield, List<JarSize> sizes, List<Integer> atHand, Place place) {
        List<Integer> bySize = new ArrayList<>();
        for (int i = 0; i < sizes.size(); i++) {
            bySize.add(i);
        }
        bySize.sort(
                Comparator.comparing((Integer i) -> sizes.get(i).fill(place)).reversed());
        int[] free = atHand.stream().mapToInt(n -> n).toArray();
        List<Filled> jars = new ArrayList<>();
        double left = yield.millilitres();
        for (int i : bySize) {
            double holds = sizes.get(i).fill(place).millilitres();
            while (free[i] > 0 && left >= holds) {
                jars.add(new Filled(i, sizes.get(i).fill(place)));
                left -= holds;
                free[i]--;
            }
        }
        // A spoonful is no jar.
        for (int k = bySize.size() - 1; k >= 0 && left >= 10; k--) {
            int i = bySize.get(k);
            if (free[i] > 0 && sizes.get(i).fill(place).millilitres() >= left) {
                jars.add(new Filled(i, Volume.ofMillilitres(left)));
                left = 0;
            }
        }
        return new Filling(List.copyOf(jars), Volume.ofMillilitres(Math.max(0, left)));
    }
}
