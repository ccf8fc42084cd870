package app.gradior.food;

import app.gradior.quantity.Celsius;
import app.gradior.quantity.Share;
import java.util.Locale;
import java.util.Optional;

/**
 * The starches of a kitchen, with what tells them apart. Potencies and setbacks follow the cook's rule that 8 g of corn
 * starch make 240 ml a medium sauce and that twice as much flour is needed; the others stand in proportion to these, as
 * handbooks of starch technology rank them. They are estimates: makers' powders differ by about a tenth.
 */
public enum StarchKind {
    CORN(1.0, 1.8, 62, 74, 95, 0.10, 0, 0.54, Bearing.FAIR, Bearing.FAIR, Bearing.POOR, Look.CLOUDY),
    WHEAT_FLOUR(0.5, 1.7, 56, 66, 90, 0.05, 10, 0.53, Bearing.FAIR, Bearing.GOOD, Bearing.POOR, Look.OPAQUE),
    POTATO(1.4, 1.2, 57, 68, 75, 0.50, 0, 0.68, Bearing.POOR, Bearing.POOR, Bearing.POOR, Look.CLEAR),
    TAPIOCA(1.1, 1.15, 60, 72, 80, 0.35, 0, 0.51, Bearing.FAIR, Bearing.POOR, Bearing.GOOD, Look.CLEAR),
    ARROWROOT(1.15, 1.15, 64, 76, 82, 0.35, 0, 0.54, Bearing.GOOD, Bearing.POOR, Bearing.FAIR, Look.CLEAR),
    WAXY_CORN(1.15, 1.0, 62, 74, 85, 0.05, 0, 0.54, Bearing.GOOD, Bearing.GOOD, Bearing.GOOD, Look.CLEAR),
    RICE_FLOUR(0.6, 1.3, 66, 78, 88, 0.05, 0, 0.67, Bearing.GOOD, Bearing.GOOD, Bearing.GOOD, Look.MATT),
    GLUTINOUS_RICE_FLOUR(0.6, 1.05, 60, 72, 85, 0.05, 0, 0.65, Bearing.GOOD, Bearing.GOOD, Bearing.GOOD, Look.OPAQUE);

    /** How light goes through what it thickens. */
    public enum Look {
        CLEAR,
        CLOUDY,
        MATT,
        OPAQUE
    }

    /** How a thickened sauce bears acid, long boiling or freezing. */
    public enum Bearing {
        POOR,
        FAIR,
        GOOD
    }

    private final double potency;
    private final double setback;
    private final double swellsFrom;
    private final double swollenHalfAt;
    private final Celsius thickensFullyAt;
    private final double lossPerMinute;
    private final int cookOutMinutes;
    private final double gramsPerMillilitre;
    private final Bearing acid;
    private final Bearing longBoil;
    private final Bearing freezing;
    private final Look look;

    StarchKind(
            double potency,
            double setback,
            double swellsFrom,
            double swollenHalfAt,
            double thickensFullyAt,
            double lostInTwentyMinutes,
            int cookOutMinutes,
            double gramsPerMillilitre,
            Bearing acid,
            Bearing longBoil,
            Bearing freezing,
            Look look) {
        this.potency = potency;
        this.setback = setback;
        this.swellsFrom = swellsFrom;
        this.swollenHalfAt = swollenHalfAt;
        this.thickensFullyAt = Celsius.of(thickensFullyAt);
        this.lossPerMinute = -Math.log(1 - lostInTwentyMinutes) / 20;
        this.cookOutMinutes = cookOutMinutes;
        this.gramsPerMillilitre = gramsPerMillilitre;
        this.acid = acid;
        this.longBoil = longBoil;
        this.freezing = freezing;
        this.look = look;
    }

    /** The kind with a key such as {@code waxy-corn}, as the ingredient table writes it; empty if there is none. */
    public static Optional<StarchKind> ofKey(String key) {
        for (StarchKind kind : values()) {
            if (kind.key().equals(key)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Thickening by weight of powder, corn starch being 1. */
    public double potency() {
        return potency;
    }

    /** How many times thicker its part of the thickness is at 20 °C than its cooling alone would make it. */
    public double setback() {
        return setback;
    }

    /**
     * How much of its final thickness it has once it was so hot: none below the onset of gelatinisation, half at its end,
     * all where its paste is full, straight between. Onset and end are the usual ranges of the literature; that half is
     * there at the end is an estimate.
     *
     * @return 0 to 1
     */
    public double swollenAt(Celsius temperature) {
        double t = temperature.degrees();
        if (t <= swellsFrom) {
            return 0;
        }
        return t <= swollenHalfAt
                ? 0.5 * (t - swellsFrom) / (swollenHalfAt - swellsFrom)
                : Math.min(1, 0.5 + 0.5 * (t - swollenHalfAt) / (thickensFullyAt.degrees() - swollenHalfAt));
    }

    /**
     * What of its thickening is left after so long at the boil: exp(−r·t), r from how much is lost in twenty minutes, an
     * estimate from how handbooks rank the starches. Acid makes it faster for those that bear it badly.
     *
     * @param minutes 0 or more
     * @param acid of the sauce
     */
    public double leftAfterBoiling(double minutes, Share acid) {
        double faster = 1
                + acid.percent()
                        * switch (this.acid) {
                            case GOOD -> 0.1;
                            case FAIR -> 0.5;
                            case POOR -> 1;
                        };
        return Math.exp(-lossPerMinute * faster * minutes);
    }

    /** Where its granules have swollen fully. */
    public Celsius thickensFullyAt() {
        return thickensFullyAt;
    }

    /** Minutes of simmering that take its raw taste away, 0 where a short minute does. */
    public int cookOutMinutes() {
        return cookOutMinutes;
    }

    /** Grams in a millilitre of a level spoon, g/ml. */
    public double gramsPerMillilitre() {
        return gramsPerMillilitre;
    }

    public Bearing acid() {
        return acid;
    }

    public Bearing longBoil() {
        return longBoil;
    }

    public Bearing freezing() {
        return freezing;
    }

    public Look look() {
        return look;
    }
}
