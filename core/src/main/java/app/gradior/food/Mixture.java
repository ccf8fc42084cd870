package app.gradior.food;

import app.gradior.quantity.Bounds;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * What is in the pan: an immutable amount of each {@link Component}, with what the components do not tell, namely how
 * much starch powder of each kind is raw or swollen, and how much body there is in which texture. Mixing adds,
 * evaporation takes water, ethanol and acetic acid, straining takes fibre and body; nothing else appears or vanishes.
 */
public final class Mixture {
    private static final double SALT_IN_BRIX = 1.15;

    private static final double PEPTIDES_IN_BRIX = 1.29;

    private static final Texture[] TEXTURES = Texture.values();

    public static final Mixture EMPTY = new Builder().build();

    private final double[] kilograms;
    private final Powders powders;
    private final double[] body;
    private final double gelatin;
    private final double pectin;
    private final Set<Allergen> allergens;
    private final double total;

    private Mixture(
            double[] kilograms,
            Powders powders,
            double[] body,
            double gelatin,
            double pectin,
            Set<Allergen> allergens) {
        this.kilograms = kilograms;
        this.powders = powders;
        this.body = body;
        this.gelatin = gelatin;
        this.pectin = pectin;
        this.allergens = allergens;
        double sum = 0;
        for (double part : kilograms) {
            sum += part;
        }
        this.total = sum;
    }

    /** Gathers the parts of a mixture; used by {@link Composition} and by tests that need a plain solution. */
    public static final class Builder {
        private final double[] kilograms = new double[Component.COUNT];
        private final double[] rawPowder = new double[Powders.COUNT];
        private final double[] body = new double[Texture.COUNT];
        private double powderMoisture;
        private double gelatin;
        private double pectin;
        private final Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);

        public Builder with(Component component, Mass mass) {
            kilograms[component.ordinal()] += mass.kilograms();
            return this;
        }

        /** Notes that so much of what is in the mixture came as a starch powder, with its own moisture. */
        Builder withPowder(StarchKind kind, Mass powder, Mass moisture) {
            rawPowder[kind.ordinal()] += powder.kilograms();
            powderMoisture += moisture.kilograms();
            return this;
        }

        /** Notes body, counted in tomato-solids equivalents; it is an index of thickening and adds no mass. */
        public Builder withBody(Texture texture, Mass equivalents) {
            body[texture.ordinal()] += equivalents.kilograms();
            return this;
        }

        /** Notes how much of the protein is gelatin; it adds no mass. */
        public Builder withGelatin(Mass mass) {
            gelatin += mass.kilograms();
            return this;
        }

        /** Notes how much of the fibre is pectin that sets; it adds no mass. */
        public Builder withPectin(Mass mass) {
            pectin += mass.kilograms();
            return this;
        }

        Builder with(Set<Allergen> more) {
            allergens.addAll(more);
            return this;
        }

        public Mixture build() {
            return new Mixture(
                    kilograms.clone(),
                    powderMoisture == 0 && !Amounts.any(rawPowder)
                            ? Powders.NONE
                            : new Powders(
                                    rawPowder.clone(),
                                    new double[Powders.COUNT],
                                    new double[Powders.COUNT],
                                    powderMoisture),
                    body.clone(),
                    gelatin,
                    pectin,
                    Set.copyOf(allergens));
        }
    }

    /**
     * A mixture taken apart, for keeping it outside of memory. {@link #of(Parts)} puts it together again.
     *
     * @param components the mass of each component that is there
     * @param rawPowder starch powder that has not swollen, by kind
     * @param swollenPowder starch powder that has
     * @param body tomato-solids equivalents by texture; an index, no mass
     * @param powderMoisture water that came bound in starch powders, part of the water
     * @param spentPowder what of the powder browning and long boiling have taken from its thickening; part of it; none if null
     * @param gelatin part of the protein; none if null
     * @param pectin part of the fibre; none if null
     */
    public record Parts(
            Map<Component, Mass> components,
            Map<StarchKind, Mass> rawPowder,
            Map<StarchKind, Mass> swollenPowder,
            Map<Texture, Mass> body,
            Mass powderMoisture,
            Set<Allergen> allergens,
            Map<StarchKind, Mass> spentPowder,
            Mass gelatin,
            Mass pectin) {
        /** What was kept before these were known has none of them. */
        public Parts {
            spentPowder = spentPowder == null ? Map.of() : spentPowder;
            gelatin = gelatin == null ? Mass.ZERO : gelatin;
            pectin = pectin == null ? Mass.ZERO : pectin;
        }
    }

    public Parts parts() {
        return new Parts(
                Amounts.present(Component.values(), kilograms),
                powders.raw(),
                powders.swollen(),
                Amounts.present(Texture.values(), body),
                Mass.ofKilograms(powders.moisture()),
                allergens,
                powders.spent(),
                Mass.ofKilograms(gelatin),
                Mass.ofKilograms(pectin));
    }

    /** The mixture of these parts. */
    public static Mixture of(Parts parts) {
        return new Mixture(
                Amounts.of(Component.COUNT, parts.components()),
                new Powders(
                        Amounts.of(Powders.COUNT, parts.rawPowder()),
                        Amounts.of(Powders.COUNT, parts.swollenPowder()),
                        Amounts.of(Powders.COUNT, parts.spentPowder()),
                        parts.powderMoisture().kilograms()),
                Amounts.of(Texture.COUNT, parts.body()),
                parts.gelatin().kilograms(),
                parts.pectin().kilograms(),
                Set.copyOf(parts.allergens()));
    }

    /** Everything of both. */
    public Mixture plus(Mixture other) {
        if (other.total == 0) {
            return this;
        }
        if (total == 0) {
            return other;
        }
        Set<Allergen> both = allergens;
        if (!both.containsAll(other.allergens)) {
            both = EnumSet.copyOf(other.allergens);
            both.addAll(allergens);
            both = Set.copyOf(both);
        }
        return new Mixture(
                Amounts.sum(kilograms, other.kilograms),
                powders.plus(other.powders),
                Amounts.sum(body, other.body),
                gelatin + other.gelatin,
                pectin + other.pectin,
                both);
    }

    /**
     * The same mixture, more or less of it.
     *
     * @param factor 0 or more
     * @throws IllegalArgumentException if the factor is negative, NaN or over a million
     */
    public Mixture times(double factor) {
        Bounds.check("factor", factor, 0, 1e6);
        return new Mixture(
                Amounts.scaled(kilograms, factor),
                powders.times(factor),
                Amounts.scaled(body, factor),
                gelatin * factor,
                pectin * factor,
                allergens);
    }

    /**
     * What is left when so much of the water is left. Ethanol goes with the water, E/E0 = (W/W0)^5 (Rayleigh distillation
     * with an effective relative volatility of 5), acetic acid more slowly, (W/W0)^0.7.
     *
     * @param waterLeft share of the water there is now
     */
    public Mixture evaporatedTo(Share waterLeft) {
        return evaporatedTo(waterLeft, Volatiles.ETHANOL_EXPONENT);
    }

    /**
     * The same where ethanol leaves more readily beside the water, as under a lid.
     *
     * @param ethanolExponent in E/E0 = (W/W0)^exponent
     */
    public Mixture evaporatedTo(Share waterLeft, double ethanolExponent) {
        double left = waterLeft.value();
        Volatiles volatiles = volatiles();
        double[] after = kilograms.clone();
        after[Component.WATER.ordinal()] *= left;
        after[Component.ETHANOL.ordinal()] = volatiles.ethanolAt(left, ethanolExponent);
        after[Component.ACETIC_ACID.ordinal()] = volatiles.aceticAt(left);
        return new Mixture(after, powders.dried(left), body, gelatin, pectin, allergens);
    }

    /** The same with less ethanol, or with as much as there is. */
    public Mixture withEthanolAtMost(Mass max) {
        if (kg(Component.ETHANOL) <= max.kilograms()) {
            return this;
        }
        double[] after = kilograms.clone();
        after[Component.ETHANOL.ordinal()] = max.kilograms();
        return with(after, powders, body);
    }

    /**
     * With starch powders browned dry or in fat: swollen, they will thicken so much less.
     *
     * @param thickening what is left of it
     */
    public Mixture browned(Share thickening) {
        return with(kilograms, powders.browned(thickening), body);
    }

    /** As it is after so many minutes more at the boil: what starch has swollen thickens a little less. */
    public Mixture boiledFor(double minutes) {
        if (minutes <= 0 || !hasSwollenStarch()) {
            return this;
        }
        return with(kilograms, powders.boiledFor(minutes, acidShare()), body);
    }

    private Mixture with(double[] components, Powders starches, double[] bodies) {
        return new Mixture(components, starches, bodies, gelatin, pectin, allergens);
    }

    /**
     * What is left when the whole weighs so much and only evaporation took the rest.
     *
     * @throws IllegalArgumentException if the weight is over the present one, or under what would be left dry
     */
    public Mixture evaporatedTo(Mass weight) {
        return evaporatedTo(waterLeftAt(weight));
    }

    /** The same with so much water: evaporated to it, or topped up with plain water. */
    public Mixture wateredTo(Mass water) {
        double now = kg(Component.WATER);
        if (water.kilograms() <= now) {
            return now == 0 ? this : evaporatedTo(Share.of(water.kilograms() / now));
        }
        double[] after = kilograms.clone();
        after[Component.WATER.ordinal()] = water.kilograms();
        return with(after, powders, body);
    }

    private Volatiles volatiles() {
        return new Volatiles(kg(Component.WATER), kg(Component.ETHANOL), kg(Component.ACETIC_ACID), total);
    }

    /**
     * The share of the present water that is left when the whole weighs so much.
     *
     * @param weight from {@link #dry()} to {@link #mass()}
     * @throws IllegalArgumentException if the weight can't be reached by evaporation
     */
    public Share waterLeftAt(Mass weight) {
        return volatiles().waterLeftAt(weight);
    }

    /** How much the whole loses for each kilogram of water lost, at the present make-up: 1 or more. */
    public double lossPerWater() {
        return lossPerWater(Volatiles.ETHANOL_EXPONENT);
    }

    /** The same where ethanol leaves more readily. */
    public double lossPerWater(double ethanolExponent) {
        return volatiles().lossPerWater(ethanolExponent);
    }

    /** What would be left with all water gone. */
    public Mass dry() {
        return Mass.ofKilograms(volatiles().dry());
    }

    /** With all body released: blended or milled. */
    public Mixture blended() {
        double[] released = {0, 0, body[0] + body[1] + body[2]};
        return with(kilograms, powders, released);
    }

    /** As it is once it was so hot: pieces fallen apart, starch swollen as far as the heat lets it; it stays so. */
    public Mixture cookedAt(Celsius temperature) {
        double[] fallenApart = {0, body[0] + body[1], body[2]};
        return with(kilograms, powders.cookedAt(temperature), fallenApart);
    }

    /**
     * What passes a sieve.
     *
     * @param solidsHeld share of fibre, body and undissolved rest that stays in the sieve
     * @param liquidHeld share of everything else that clings to what stays behind
     */
    public Mixture strained(Share solidsHeld, Share liquidHeld) {
        double solids = 1 - Math.max(solidsHeld.value(), liquidHeld.value());
        double liquid = 1 - liquidHeld.value();
        double[] after = Amounts.scaled(kilograms, liquid);
        after[Component.FIBRE.ordinal()] = kg(Component.FIBRE) * solids;
        after[Component.SOLID_OTHER.ordinal()] = kg(Component.SOLID_OTHER) * solids;
        return new Mixture(
                after,
                powders.times(liquid),
                Amounts.scaled(body, solids),
                gelatin * liquid,
                pectin * liquid,
                allergens);
    }

    public Mass mass() {
        return Mass.ofKilograms(total);
    }

    public Mass mass(Component component) {
        return Mass.ofKilograms(kg(component));
    }

    private double kg(Component component) {
        return kilograms[component.ordinal()];
    }

    /** The component's share of the whole; none in an empty mixture. */
    public Share share(Component component) {
        return shareOf(kg(component));
    }

    private Share shareOf(double part) {
        return total == 0 ? Share.NONE : Share.of(Math.min(1, part / total));
    }

    public boolean isEmpty() {
        return total == 0;
    }

    public Mass sugars() {
        return Mass.ofKilograms(sugarsKg());
    }

    private double sugarsKg() {
        return kg(Component.SUCROSE) + kg(Component.SIMPLE_SUGARS);
    }

    /** All protein, dissolved or not. */
    public Mass protein() {
        return Mass.ofKilograms(proteinKg());
    }

    private double proteinKg() {
        return kg(Component.PROTEIN) + kg(Component.PEPTIDES);
    }

    public Share sugarShare() {
        return shareOf(sugarsKg());
    }

    /** All acids, acetic included. */
    public Share acidShare() {
        return shareOf(acidsKg());
    }

    private double acidsKg() {
        return kg(Component.ACETIC_ACID) + kg(Component.OTHER_ACIDS);
    }

    /** The simple ones' share of the sugars; none where there are no sugars. */
    public Share simpleShareOfSugars() {
        double sugars = sugarsKg();
        return sugars == 0 ? Share.NONE : Share.of(Math.min(1, kg(Component.SIMPLE_SUGARS) / sugars));
    }

    /**
     * Dissolved solids of the serum, as a refractometer would read them: 100·s/(s + water + ethanol), with s = sugars +
     * dextrins + acids + 1.15·salt + 1.29·peptides + half of the dissolved rest; salt and peptides by how much more they
     * bend light than sugar does (a brine of 20 % reads 22; dn/dc 0.185 against 0.143 ml/g). The moisture of
     * starch powders is bound in the granules and does not count as water of the serum.
     *
     * @return Brix as a share: 0.62 is 62 % Brix
     */
    public Share brix() {
        double solids = sugarsKg()
                + kg(Component.DEXTRINS)
                + SALT_IN_BRIX * kg(Component.SALT)
                + PEPTIDES_IN_BRIX * kg(Component.PEPTIDES)
                + acidsKg()
                + 0.5 * kg(Component.DISSOLVED_OTHER);
        double solvent = freeWaterKg() + kg(Component.ETHANOL);
        return solids + solvent == 0 ? Share.NONE : Share.of(solids / (solids + solvent));
    }

    /** Water of the serum: all but what starch powders brought bound in their granules. */
    public Mass freeWater() {
        return Mass.ofKilograms(freeWaterKg());
    }

    private double freeWaterKg() {
        return Math.max(0, kg(Component.WATER) - powders.moisture());
    }

    /**
     * Swollen powder of a kind that still thickens, as a share of the sauce without its fat; powders of other kinds are left
     * out of the sauce, so that a second starch never seems to thin what the first has thickened.
     */
    public Share swollen(StarchKind kind) {
        double sauce = starchAndFatFreeKg() + powders.of(kind);
        double working = powders.working(kind);
        return sauce <= 0 ? Share.NONE : Share.of(Math.min(1, working / sauce));
    }

    public Mass powder(StarchKind kind) {
        return Mass.ofKilograms(powders.of(kind));
    }

    public boolean hasRawStarch() {
        return powders.anyRaw();
    }

    public boolean hasSwollenStarch() {
        return powders.anySwollen();
    }

    /**
     * Released body in tomato-solids equivalents per kilogram of sauce, starch powder and fat left out of the sauce so that
     * neither seems to thin it. May exceed 1 for gums, which thicken more than their weight of tomato solids.
     */
    public double releasedBody() {
        double released = 0;
        for (Texture texture : TEXTURES) {
            released += body[texture.ordinal()] * texture.released();
        }
        return perPlainSauce(released);
    }

    /** Body that is still in pieces, counted like {@link #releasedBody()}. */
    public double bodyInPieces() {
        return perPlainSauce(lockedKg());
    }

    /** Pectin that may set, as a share of the sauce without starch powder and fat. */
    public Share pectin() {
        return Share.of(Math.min(1, perPlainSauce(pectin)));
    }

    /** Gelatin beside the water it is in, g in 100 g. */
    public double gelatinPerWater() {
        double water = freeWaterKg();
        return gelatin == 0 ? 0 : water <= 0 ? Double.MAX_VALUE : 100 * gelatin / water;
    }

    public Mass gelatin() {
        return Mass.ofKilograms(gelatin);
    }

    private double perPlainSauce(double part) {
        double plain = starchAndFatFreeKg();
        return plain <= 0 ? 0 : part / plain;
    }

    /** Fat's share of the mass that is not starch powder. */
    public Share fatShareBesideStarch() {
        double starchFree = starchFreeKg();
        return starchFree <= 0 ? Share.NONE : Share.of(Math.min(1, kg(Component.FAT) / starchFree));
    }

    private double starchAndFatFreeKg() {
        return Math.max(0, starchFreeKg() - kg(Component.FAT));
    }

    private double starchFreeKg() {
        return total - powders.total();
    }

    /** All body there is, whatever its texture, in tomato-solids equivalents. */
    public Mass body() {
        return Mass.ofKilograms(body[0] + body[1] + body[2]);
    }

    /** Body that blending would still release. */
    public Mass lockedBody() {
        return Mass.ofKilograms(lockedKg());
    }

    private double lockedKg() {
        return body[0] * (1 - Texture.CHUNKY.released()) + body[1] * (1 - Texture.BROKEN_DOWN.released());
    }

    public Set<Allergen> allergens() {
        return allergens;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Mixture that
                && Arrays.equals(kilograms, that.kilograms)
                && powders.equals(that.powders)
                && Arrays.equals(body, that.body)
                && gelatin == that.gelatin
                && pectin == that.pectin
                && allergens.equals(that.allergens);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(kilograms) * 31 + Arrays.hashCode(body);
    }

    @Override
    public String toString() {
        return "Mixture of " + mass().grams() + " g";
    }
}
