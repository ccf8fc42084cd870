package app.gradior.pot;

import app.gradior.quantity.Power;

/**
 * A burner.
 *
 * @param kind how it heats
 * @param rated its power as its maker states it
 */
public record Ring(Kind kind, Power rated) {
    /** A mid-sized electric ring: what is assumed where the cook has not said. */
    public static final Ring USUAL = new Ring(Kind.CERAMIC, Power.ofWatts(2000));

    /** How a ring heats, with the share of its power that reaches the pot (US appliance test figures, rounded). */
    public enum Kind {
        GAS(0.40),
        COIL(0.70),
        CERAMIC(0.70),
        INDUCTION(0.85);

        private final double efficiency;

        Kind(double efficiency) {
            this.efficiency = efficiency;
        }

        public double efficiency() {
            return efficiency;
        }
    }

    /** What reaches the pot at full power. */
    public Power useful() {
        return Power.ofWatts(rated.watts() * kind.efficiency());
    }
}
