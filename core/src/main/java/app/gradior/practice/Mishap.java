package app.gradior.practice;

/** What may go wrong in a pot. */
public enum Mishap {
    /** It stood on the base too long: see {@link SimulatedPot#caught()}. */
    CAUGHT(15),
    /** It rose over the rim. */
    BOILED_OVER(10),
    /** Slurry swelled before anybody stirred. */
    LUMPS(8),
    /** Starch that was not at the boil for as long as it needs. */
    RAW_STARCH(8),
    /** Fat came out, or protein curdled. */
    SPLIT(15),
    /** Boiled down past what salt allows. */
    TOO_SALTY(15),
    /** Not ready by the time it was wanted. */
    TOO_LATE(15);

    private final double points;

    Mishap(double points) {
        this.points = points;
    }

    /** What it takes from a score when it went all the way. */
    double points() {
        return points;
    }
}
