package app.gradior.food;

import app.gradior.quantity.Mass;
import java.util.Set;

/**
 * What 100 g of an ingredient are made of. Analyses rarely add up to 100 g; the difference, in either direction, is put
 * right on the rest or, failing that, on the water, so that mixing never makes or loses mass.
 */
public final class Composition {
    private final Mixture perKilogram;

    private Composition(Mixture perKilogram) {
        this.perKilogram = perKilogram;
    }

    /**
     * What a mixture is made of, as an ingredient: a blend, a sauce used in another.
     *
     * @throws IllegalArgumentException if the mixture is empty
     */
    public static Composition of(Mixture mixture) {
        if (mixture.isEmpty()) {
            throw new IllegalArgumentException("a food is made of something");
        }
        return new Composition(mixture.times(1 / mixture.mass().kilograms()));
    }

    /** The ingredient as so much of a mixture. */
    public Mixture of(Mass mass) {
        return perKilogram.times(mass.kilograms());
    }

    /** One kilogram of it. */
    public Mixture perKilogram() {
        return perKilogram;
    }

    /**
     * Figures of an ingredient in grams per 100 g, as tables give them.
     *
     * @param monoShare the simple sugars' share of the sugars, 0–1
     * @param starchKind the kind of its starch if it is a thickener, else null
     * @param body tomato-solids equivalents, g/100 g, fully released
     * @param texture how much of the body is released as bought
     * @param dissolves whether it dissolves on mixing (liquids, juices, syrups): its rest is then in solution, its starch
     *     is dextrins, and where it has hardly any fat to be an emulsion of, its protein but gelatin is peptides
     * @param gelatin part of the protein
     * @param pectin that sets, part of the fibre
     */
    public record Per100Grams(
            double water,
            double ethanol,
            double aceticAcid,
            double otherAcids,
            double sugars,
            double monoShare,
            double starch,
            StarchKind starchKind,
            double fibre,
            double protein,
            double fat,
            double salt,
            double other,
            double body,
            Texture texture,
            boolean dissolves,
            double gelatin,
            double pectin) {

        /** The part of the rest that dry goods and vegetables give to the serum. */
        private static final double DISSOLVED_OF_SOLIDS = 0.1;

        /** How far an analysis may miss 100 g before it is refused. */
        private static final double TOLERANCE_G = 3;

        /** Fat in 100 g of a milk or a cream, whose protein floats in it and is not dissolved. */
        private static final double EMULSION_FAT_G = 1;

        /** @throws IllegalArgumentException if the parts do not add up to 97–103 g, or one is negative */
        public Composition composition(Set<Allergen> allergens) {
            double known = water + ethanol + aceticAcid + otherAcids + sugars + starch + fibre + protein + fat + salt;
            double sum = known + other;
            if (!(Math.abs(sum - 100) <= TOLERANCE_G)) {
                throw new IllegalArgumentException("the parts must add up to 100 g but give " + sum);
            }
            double rest = other + 100 - sum;
            double mendedWater = water;
            if (rest < 0) {
                mendedWater += rest;
                rest = 0;
            }
            double dissolvedRest = dissolves ? rest : rest * DISSOLVED_OF_SOLIDS;
            double peptides = dissolves && fat < EMULSION_FAT_G ? Math.max(0, protein - gelatin) : 0;
            Mixture.Builder builder = new Mixture.Builder()
                    .with(Component.WATER, per(mendedWater))
                    .with(Component.ETHANOL, per(ethanol))
                    .with(Component.ACETIC_ACID, per(aceticAcid))
                    .with(Component.OTHER_ACIDS, per(otherAcids))
                    .with(Component.SUCROSE, per(sugars * (1 - monoShare)))
                    .with(Component.SIMPLE_SUGARS, per(sugars * monoShare))
                    .with(dissolves ? Component.DEXTRINS : Component.STARCH, per(starch))
                    .with(Component.FIBRE, per(fibre))
                    .with(Component.PROTEIN, per(protein - peptides))
                    .with(Component.PEPTIDES, per(peptides))
                    .with(Component.FAT, per(fat))
                    .with(Component.SALT, per(salt))
                    .with(Component.DISSOLVED_OTHER, per(dissolvedRest))
                    .with(Component.SOLID_OTHER, per(rest - dissolvedRest))
                    .withBody(texture, per(body))
                    .withGelatin(per(gelatin))
                    .withPectin(per(pectin))
                    .with(allergens);
            if (starchKind != null) {
                builder.withPowder(starchKind, Mass.ofKilograms(1), per(mendedWater));
            }
            return new Composition(builder.build());
        }

        private static Mass per(double gramsPer100Grams) {
            return Mass.ofKilograms(gramsPer100Grams / 100);
        }
    }
}
