package app.gradior.sauce;

import app.gradior.food.Mixture;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;

/**
 * What stays in a sieve: the solids first, and liquid that clings to them.
 *
 * @param solidsHeld share of fibre and body
 * @param liquidHeld share of everything else
 */
public record Sieve(Share solidsHeld, Share liquidHeld) {
    /** How many times more of the solids than of the liquid a sieve holds; an estimate. */
    private static final double SOLIDS_TO_LIQUID = 12;

    private static final int HALVINGS = 60;

    /** The sieve in which so much of a mixture stays; all of it if it weighs no more. */
    public static Sieve leaving(Mixture mixture, Mass left) {
        double all = mixture.mass().kilograms();
        double wanted = Math.min(left.kilograms(), all);
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            Sieve sieve = of(middle);
            double stays = all
                    - mixture.strained(sieve.solidsHeld(), sieve.liquidHeld())
                            .mass()
                            .kilograms();
            low = stays < wanted ? middle : low;
            high = stays < wanted ? high : middle;
        }
        return of(high);
    }

    private static Sieve of(double liquidHeld) {
        return new Sieve(Share.of(Math.min(1, SOLIDS_TO_LIQUID * liquidHeld)), Share.of(liquidHeld));
    }
}
