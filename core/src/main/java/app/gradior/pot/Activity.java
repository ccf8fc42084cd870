package app.gradior.pot;

import java.util.Locale;

/** How the surface of a sauce moves: what a cook sees of the heat. */
public enum Activity {
    STEAMING("steaming", "steam, no bubbles", -18, 0),
    BARE_SIMMER("bare simmer", "a bubble now and then, at the edge", -7, 0),
    SIMMER("simmer", "small bubbles all over, steadily", -2, 8),
    LIVELY_SIMMER("lively simmer", "the whole surface moves", 0, 20),
    ROLLING_BOIL("rolling boil", "can't be stirred down", 0, 35);

    private final String label;
    private final String look;
    private final double aboveBoiling;
    private final double boilingFlux;

    Activity(String label, String look, double aboveBoiling, double kilogramsPerSquareMetreHour) {
        this.label = label;
        this.look = look;
        this.aboveBoiling = aboveBoiling;
        this.boilingFlux = kilogramsPerSquareMetreHour / 3600;
    }

    public String label() {
        return label;
    }

    /** What is seen. */
    public String look() {
        return look;
    }

    /** How far below its boiling point the sauce is, K. */
    double belowBoiling() {
        return -aboveBoiling;
    }

    /** What the bubbles carry off beside the surface, kg/(m²·s). */
    double boilingFlux() {
        return boilingFlux;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
