package app.gradior.food;

import java.util.Locale;

/** Foods that must be named on a label because some people fall ill from them. */
public enum Allergen {
    CELERY,
    CRUSTACEANS,
    EGG,
    FISH,
    GLUTEN,
    LUPIN,
    MILK,
    MOLLUSCS,
    MUSTARD,
    NUTS,
    PEANUTS,
    SESAME,
    SOYA,
    SULPHITES;

    /** @throws IllegalArgumentException if there is no such allergen */
    public static Allergen ofKey(String key) {
        return valueOf(key.toUpperCase(Locale.ROOT));
    }

    /** How it is written in files and forms. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
