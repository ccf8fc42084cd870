package app.gradior.practice;

/** What one may look with. */
public enum Instrument {
    /** The back of a spoon, as hot as the pot. */
    SPOON,
    /** 15 ml on a cold plate, after half a minute. */
    PLATE,
    SCALE,
    PROBE
}
