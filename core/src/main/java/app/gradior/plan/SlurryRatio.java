package app.gradior.plan;

import app.gradior.food.StarchKind;
import app.gradior.quantity.Bounds;

/**
 * How much cold water a cook stirs a starch into. Cooks count level spoons of both; by weight the same words are far apart,
 * since a spoon of powder weighs about half of one of water.
 */
public sealed interface SlurryRatio {
    /** The water by weight of the powder. */
    double waterPerPowder(StarchKind kind);

    /** By level spoons of starch to water, as a key names them: 1:1, 2:1, or 1:2 for any other. */
    static SlurryRatio ofSpoons(String key) {
        return new BySpoons(key.equals("1:1") ? 1 : key.equals("2:1") ? 0.5 : 2);
    }

    /**
     * By level spoons.
     *
     * @param water spoons of water to one of starch, 0.3 to 10
     */
    record BySpoons(double water) implements SlurryRatio {
        /** @throws IllegalArgumentException if the ratio is outside its bounds */
        public BySpoons {
            Bounds.check("spoons of water to one of starch", water, 0.3, 10);
        }

        @Override
        public double waterPerPowder(StarchKind kind) {
            return water / kind.gramsPerMillilitre();
        }
    }

    /**
     * By the scale.
     *
     * @param water grams of water to one of starch, 0.3 to 20
     */
    record ByWeight(double water) implements SlurryRatio {
        /** @throws IllegalArgumentException if the ratio is outside its bounds */
        public ByWeight {
            Bounds.check("grams of water to one of starch", water, 0.3, 20);
        }

        @Override
        public double waterPerPowder(StarchKind kind) {
            return water;
        }
    }
}
