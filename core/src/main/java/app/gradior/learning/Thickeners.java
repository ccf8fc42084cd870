package app.gradior.learning;

import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What thickens a finished sauce, by source: each kind of starch, the body of its purées, its sugars, what sets. The figures
 * are in grams of equal thickening per kilogram of sauce, about grade 4.7; estimates.
 *
 * @param perKilogram 0 or more, by source
 */
public record Thickeners(Map<String, Double> perKilogram) {
    private static final double STARCH = 5;
    private static final double SUGAR = 0.2;
    private static final double GELATIN_WARM = 0.5;
    private static final double GELATIN_COLD = 16;

    /** In the order of their names. */
    public Thickeners {
        perKilogram = java.util.Collections.unmodifiableMap(new TreeMap<>(perKilogram));
    }

    /** @param servedCold whether it is eaten under the point where gelatin sets */
    public static Thickeners of(Mixture sauce, boolean servedCold) {
        Map<String, Double> sources = new TreeMap<>();
        if (sauce.isEmpty()) {
            return new Thickeners(sources);
        }
        double kilograms = sauce.mass().kilograms();
        for (StarchKind kind : StarchKind.values()) {
            put(
                    sources,
                    kind.name(),
                    STARCH * kind.potency() * sauce.powder(kind).grams() / kilograms);
        }
        put(sources, "BODY", 1000 * sauce.releasedBody());
        put(sources, "SUGAR", SUGAR * sauce.sugars().grams() / kilograms);
        put(
                sources,
                "GELATIN",
                (servedCold ? GELATIN_COLD : GELATIN_WARM) * sauce.gelatin().grams() / kilograms);
        return new Thickeners(sources);
    }

    private static void put(Map<String, Double> sources, String source, double grams) {
        if (grams > 0) {
            sources.put(source, grams);
        }
    }

    private double total() {
        return perKilogram.values().stream().mapToDouble(x -> x).sum();
    }

    /**
     * How far another version is: d = min(1, √[(½Σ|p − p′|)² + (½ ln(X/X′))²]), p the parts of the total X.
     *
     * @return 0 (thickened alike) to 1
     */
    public double distance(Thickeners other) {
        double here = total();
        double there = other.total();
        if (here <= 0 || there <= 0) {
            return here == there ? 0 : 1;
        }
        Set<String> all = new HashSet<>(perKilogram.keySet());
        all.addAll(other.perKilogram.keySet());
        double apart = 0;
        for (String source : all) {
            apart += Math.abs(
                    perKilogram.getOrDefault(source, 0.0) / here - other.perKilogram.getOrDefault(source, 0.0) / there);
        }
        return Math.min(1, Math.hypot(apart / 2, Math.log(here / there) / 2));
    }
}
