package app.gradior.web.text;

import java.util.ResourceBundle;

/**
 * What the kinds of things that core knows are called on the screen, by {@code names.properties}. One that has no name there
 * is an error, so that no constant is ever shown raw.
 */
public final class Names {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("names");

    private Names() {}

    /** @throws java.util.MissingResourceException if it has no name */
    public static String of(Enum<?> kind) {
        return BUNDLE.getString(key(kind));
    }

    /**
     * What is seen of it.
     *
     * @throws java.util.MissingResourceException if nothing is told of that
     */
    public static String look(Enum<?> kind) {
        return BUNDLE.getString(key(kind) + ".look");
    }

    /** Such as {@code Route.Kind.REDUCE}. */
    static String key(Enum<?> kind) {
        Class<?> type = kind.getDeclaringClass();
        Class<?> outer = type.getDeclaringClass();
        return (outer == null ? "" : outer.getSimpleName() + ".") + type.getSimpleName() + "." + kind.name();
    }
}
