package app.gradior.plan;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;

/** How much of something brings the salt, the sugar or the acid of a sauce to a share of it. */
public final class Correction {
    /** More than this many times the sauce is another sauce. */
    private static final double MAX_TIMES = 20;

    private Correction() {}

    /** What is tasted. */
    public enum Taste {
        SALT,
        SUGAR,
        ACID;

        /** Its share of a mixture. */
        public Share of(Mixture mixture) {
            return switch (this) {
                case SALT -> mixture.share(Component.SALT);
                case SUGAR -> mixture.sugarShare();
                case ACID -> mixture.acidShare();
            };
        }
    }

    /** What asking for a correction comes to. */
    public sealed interface Answer {
        /** Add so much of it. */
        record Add(Mass addition, Mixture after) implements Answer {}

        /**
         * This does not bring it there, however much of it goes in.
         *
         * @param nearest the share that is nearest: what it has now, or what the addition itself has
         */
        record NotByThis(Share nearest) implements Answer {}
    }

    /**
     * Solves (s + a·x)/(m + x) = w for x, with m and s the masses of the sauce and of what is tasted in it, a the share in
     * the addition and w the one wanted. More is brought by what has more of it; less by what has less, such as water.
     *
     * @param addition some of what is added; only its make-up counts
     * @throws IllegalArgumentException if the sauce or the addition is empty
     */
    public static Answer bring(Mixture sauce, Taste taste, Share wanted, Mixture addition) {
        if (sauce.isEmpty() || addition.isEmpty()) {
            throw new IllegalArgumentException("a correction needs a sauce and something to add");
        }
        double now = taste.of(sauce).value();
        double added = taste.of(addition).value();
        double towards = wanted.value() - now;
        if (towards == 0) {
            return new Answer.Add(Mass.ZERO, sauce);
        }
        double beyond = added - wanted.value();
        double kilograms = sauce.mass().kilograms() * towards / beyond;
        if (beyond == 0 || kilograms < 0 || kilograms > MAX_TIMES * sauce.mass().kilograms()) {
            boolean helps = Math.signum(added - now) == Math.signum(towards);
            return new Answer.NotByThis(Share.of(helps ? added : now));
        }
        Mixture more = addition.times(kilograms / addition.mass().kilograms());
        return new Answer.Add(Mass.ofKilograms(kilograms), sauce.plus(more));
    }
}
