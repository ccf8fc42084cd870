package app.gradior.measure;

/** Whose spoons and cups a kitchen means when it does not say. */
public enum Measures {
    /** US customary: a cup of 237 ml, a tablespoon of 14.8 ml. */
    US,
    /** A cup of 250 ml, spoons of 15 and 5 ml. */
    METRIC,
    /** A cup of 284 ml, a pint of 568 ml, fluid ounces of 28.4 ml, spoons of 15 and 5 ml. */
    IMPERIAL
}
