package app.gradior.plan;

import app.gradior.food.Component;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.food.StarchKind;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.thickness.Grade;
import app.gradior.thickness.Thickness;
import app.gradior.thickness.ThicknessFactor;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Starch questions without a batch: what a liquid needs for a thickness, of every starch, and the reverse. The same
 * functions as a plan's.
 *
 * @param liquid what is to be thickened, with what was said of its sugar, acid and salt
 * @param served the temperature the thickness is judged at
 */
public record StarchBench(Mixture liquid, Celsius served, SlurryRatio school) {
    /** @throws IllegalArgumentException if there is no liquid */
    public StarchBench {
        if (liquid.isEmpty()) {
            throw new IllegalArgumentException("there is nothing to thicken");
        }
    }

    /**
     * A liquid told by its shares: the rest of it is water.
     *
     * @throws IllegalArgumentException if the shares come to more than nine tenths
     */
    public static Mixture liquid(Mass mass, Share sugar, Share acid, Share salt) {
        double dissolved = sugar.value() + acid.value() + salt.value();
        if (dissolved > 0.9) {
            throw new IllegalArgumentException("sugar, acid and salt come to " + Math.round(100 * dissolved)
                    + " %, which leaves too little water");
        }
        return new Mixture.Builder()
                .with(Component.SUCROSE, mass.times(sugar.value()))
                .with(Component.OTHER_ACIDS, mass.times(acid.value()))
                .with(Component.SALT, mass.times(salt.value()))
                .with(Component.WATER, mass.times(1 - dissolved))
                .build();
    }

    /**
     * A starch and what it takes.
     *
     * @param suits whether it stands this liquid's acid and its dairy
     */
    public record Row(StarchKind kind, Slurry.Answer answer, boolean suits) {}

    /** Every starch for a grade, in the order of the table. */
    public List<Row> forGrade(Grade wanted) {
        return Arrays.stream(StarchKind.values())
                .map(kind -> new Row(
                        kind,
                        Slurry.forGrade(liquid, kind, school.waterPerPowder(kind), wanted, served, ThicknessFactor.ONE),
                        StarchChoice.standsAcid(kind, liquid) && !StarchChoice.slimes(kind, liquid)))
                .toList();
    }

    /** What so much of a starch gives. */
    public Slurry of(StarchKind kind, Mass powder) {
        return Slurry.of(liquid, kind, powder, school.waterPerPowder(kind), served, ThicknessFactor.ONE);
    }

    /**
     * What is still to be done to a sauce that has so much starch in it already.
     *
     * @param more the starch still to add, if it is too thin
     * @param water the liquid to add, if it is too thick
     */
    public record Adjustment(Grade now, Optional<Slurry> more, Optional<ThinBack> water) {}

    /** The liquid with so much of a starch in it, brought to a grade. */
    public Adjustment mend(StarchKind kind, Mass there, Grade wanted) {
        Mixture sauce =
                Slurry.pour(liquid, kind, there, school.waterPerPowder(kind)).after();
        Grade now = Thickness.grade(sauce, served, ThicknessFactor.ONE);
        if (now.compareTo(wanted) > 0) {
            return new Adjustment(
                    now,
                    Optional.empty(),
                    ThinBack.with(
                                    IngredientTable.shipped().get("water").of(Mass.ofGrams(100)),
                                    sauce,
                                    wanted,
                                    served,
                                    ThicknessFactor.ONE)
                            .found());
        }
        Slurry.Answer answer =
                Slurry.forGrade(sauce, kind, school.waterPerPowder(kind), wanted, served, ThicknessFactor.ONE);
        return new Adjustment(
                now,
                answer instanceof Slurry.Answer.Found found ? Optional.of(found.slurry()) : Optional.empty(),
                Optional.empty());
    }

    /** A point of starch against grade. */
    public record Point(double powderGrams, double grade) {}

    /** The curve of a starch up to so much powder, in equal steps. */
    public List<Point> curve(StarchKind kind, Mass max, int count) {
        List<Point> points = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            Mass powder = max.times((double) i / (count - 1));
            Mixture after = Slurry.pour(liquid, kind, powder, school.waterPerPowder(kind))
                    .after();
            points.add(new Point(
                    powder.grams(),
                    Thickness.grade(after, served, ThicknessFactor.ONE).value()));
        }
        return points;
    }
}
