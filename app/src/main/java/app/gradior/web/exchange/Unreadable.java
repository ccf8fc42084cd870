package app.gradior.web.exchange;

/** A file that can't be read in; its message says to the cook why and what to do. */
public final class Unreadable extends Exception {
    private static final long serialVersionUID = 1;

    Unreadable(String message) {
        super(message);
    }
}
