package app.gradior.recipe;

import java.util.Optional;

/** A document that no recipe can be read from. */
public final class NoRecipe extends Exception {
    private static final long serialVersionUID = 1;

    /** Why not. */
    public enum Reason {
        EMPTY,
        /** A web page without recipe data. */
        PAGE_WITHOUT_RECIPE,
        /** Data without an object of the type Recipe. */
        DATA_WITHOUT_RECIPE,
        /** Data that breaks off or is malformed. */
        BROKEN_DATA,
        NESTED_TOO_DEEP,
        /** A text in which no line is an ingredient and no sentence is a step. */
        TEXT_WITHOUT_RECIPE
    }

    private final Reason reason;
    private final int line;

    NoRecipe(Reason reason) {
        this(reason, 0);
    }

    NoRecipe(Reason reason, int line) {
        super(reason + (line > 0 ? " at line " + line : ""));
        this.reason = reason;
        this.line = line;
    }

    public Reason reason() {
        return reason;
    }

    /** Where it breaks off, from 1. */
    public Optional<Integer> line() {
        return line > 0 ? Optional.of(line) : Optional.empty();
    }
}
