package app.gradior.keeping;

/** Where a jar stands. */
public enum Place {
    COUNTER,
    FRIDGE,
    FREEZER
}
