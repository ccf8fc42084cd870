package app.gradior.measure;

/** Whose spoons and cups a kitchen means when it does not say. */
public enum Measures {
    /** US customary: a cup of 237 ml, a tablespoon of 14.8 ml. */
    US("US cups and spoons"),
    /** A cup of 250 ml, spoons of 15 and 5 ml. */
    METRIC("metric cups and spoons"),
    /** A cup of 284 ml, a pint of 568 ml, fluid ounces of 28.4 ml, spoons of 15 and 5 ml. */
    IMPERIAL("imperial pints and fluid ounces");

    private final String label;

    Measures(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
