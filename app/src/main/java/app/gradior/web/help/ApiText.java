package app.gradior.web.help;

/** What is said to whoever writes a program. */
final class ApiText {
    static final String WHAT_IT_IS =
            "Sauces and cooks of a kitchen, for its people's own programs, and the feed for scales and probes. "
                    + "Make a token under Kitchen, Account, Who comes in.";

    private ApiText() {}
}
