package app.gradior.pot;

import java.util.Locale;

/** How the surface of a sauce moves: what a cook sees of the heat. */
public enum Activity {
    STEAMING(-18, 0),
    BARE_SIMMER(-7, 0),
    SIMMER(-2, 8),
    LIVELY_SIMMER(0, 20),
    ROLLING_BOIL(0, 35);

    private final double aboveBoiling;
    private final double boilingFlux;

    Activity(double aboveBoiling, double kilogramsPerSquareMetreHour) {
        this.aboveBoiling = aboveBoiling;
        this.boilingFlux = kilogramsPerSquareMetreHour / 3600;
    }

    /** How far below its boiling point the sauce is, K. */
    public double belowBoiling() {
        return -aboveBoiling;
    }

    /** What the bubbles carry off beside the surface, kg/(m²·s). */
    public double bubbleFlux() {
        return boilingFlux;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
