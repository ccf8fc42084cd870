package app.gradior.web.help;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The words and the keys of each place, explained once: what the help page and the sheet on {@code ?} show. */
final class HelpText {
    private HelpText() {}

    /** What is drawn beside a word. */
    enum Drawing {
        NONE,
        GRADES,
        RANGE,
        SECTION,
        SURFACES
    }

    /**
     * A word of ours.
     *
     * @param places where it stands first, by the names that pages have for themselves
     */
    record Word(String id, String title, String text, Drawing drawing, List<String> places) {}

    /** A key and what it does on a page. */
    record Key(String place, String keys, String does) {}

    private static Word word(String id, String title, Drawing drawing, String places, String text) {
        return new Word(id, title, text, drawing, Arrays.asList(places.split(" ")));
    }

    static final List<Word> WORDS = List.of(
            word(
                    "grade",
                    "Grade",
                    Drawing.GRADES,
                    "stove sauces cook quick plan journal",
                    "How thick a sauce is, as a number. 2 is like cream, 4 coats a spoon, 5.5 falls in sheets, 6.5 is like ketchup. "
                            + "One grade more is about three times as thick. A sauce is thinner hot than on the plate."),
            word(
                    "looks",
                    "Looks",
                    Drawing.GRADES,
                    "cook quick plan practice",
                    "What you see when you lift a spoon out of the pot and draw a finger across its back. "
                            + "Each look goes with a range of grades."),
            word(
                    "slack",
                    "Slack",
                    Drawing.NONE,
                    "evening",
                    "Time that is kept free before the table, more for what is less certain. "
                            + "If a dish takes longer, it uses its slack and nothing else moves."),
            word(
                    "pot-number",
                    "Pot number",
                    Drawing.NONE,
                    "practice",
                    "The same number is the same practice pot for everybody: as fast, as thick, with the same errors of its "
                            + "instruments. So two can compare what they made of it."),
            word(
                    "range",
                    "Range",
                    Drawing.RANGE,
                    "stove cook quick plan pots journal evening",
                    "“Between 18 and 29 min” holds four times out of five. "
                            + "A weighing makes it narrower, and so does every batch in the same pot."),
            word(
                    "surface",
                    "Surface",
                    Drawing.SURFACES,
                    "cook quick plan pots",
                    "How the top of the sauce moves. It says more than the number on the dial: steaming, a bare simmer, a simmer, "
                            + "a lively simmer, a rolling boil."),
            word(
                    "dip-mark",
                    "Dip mark",
                    Drawing.SECTION,
                    "cook quick plan",
                    "How deep the sauce stands in this pot when it is time to stop. Dip the handle of a wooden spoon and look."),
            word(
                    "route",
                    "Route",
                    Drawing.NONE,
                    "plan",
                    "A way to the thickness you want: reduce only, reduce and then add a slurry, slurry only, or blend first. "
                            + "The board shows what each one leaves and how long it takes."),
            word(
                    "board",
                    "Board",
                    Drawing.NONE,
                    "plan",
                    "The curve shows what is left against how thick it is, from now to nearly dry. "
                            + "Drag the handle along it to see other places to stop."),
            word(
                    "slurry",
                    "Slurry",
                    Drawing.NONE,
                    "plan quick cook",
                    "Starch stirred into cold water. It goes into the boiling sauce, a third at a time. "
                            + "It thickens without reducing, so more sauce is left."),
            word(
                    "yield",
                    "Yield",
                    Drawing.NONE,
                    "plan journal",
                    "How much sauce there is at the end, as a weight or a volume."),
            word(
                    "pace",
                    "How fast a pot loses water",
                    Drawing.NONE,
                    "pots plan journal",
                    "Two pots at a simmer lose water at different speeds. Gradior starts from the width of the pot and the surface, "
                            + "then learns from your weighings. A ten-minute test with water tells most."),
            word(
                    "typical",
                    "Typical size",
                    Drawing.SECTION,
                    "pots plan cook stove",
                    "A pot that nobody has measured yet. Plans work with its usual size, and the range is a little wider."),
            word(
                    "guessed",
                    "Guessed",
                    Drawing.NONE,
                    "sauces",
                    "An amount such as a splash or to taste, for which Gradior takes a usual weight. Click it to set your own."),
            word(
                    "step",
                    "Step",
                    Drawing.NONE,
                    "sauces",
                    "A line that starts with a verb, such as Simmer 10 min. The lines below it go in at that step."),
            word(
                    "batch",
                    "Batch",
                    Drawing.NONE,
                    "journal stove",
                    "A sauce that was cooked and is off the heat. The journal shows its forecast beside what really happened."),
            word(
                    "jar",
                    "Jar",
                    Drawing.NONE,
                    "shelf",
                    "A part of a batch with a number and a label. Each thing that happens to it is kept and can be undone."),
            word(
                    "use-by",
                    "Use by",
                    Drawing.NONE,
                    "shelf",
                    "Usual guidance for home fridges of 4 °C or less. It follows from what is in the sauce; the shortest rule counts."));

    static final List<Key> KEYS = List.of(
            new Key("stove", "1 – 6", "start a sauce on that ring, or go to the one that is on it"),
            new Key("stove", "N", "write a sauce"),
            new Key("sauces", "Ctrl S", "save"),
            new Key("sauces", "Ctrl Enter", "save and plan"),
            new Key("sauces", "Alt S", "scale"),
            new Key("sauces", "Alt W", "swap an ingredient"),
            new Key("plan", "← →", "move the handle along the curve"),
            new Key("plan", "P", "pin this plan, to compare it"),
            new Key("cook", "W D S P J T A", "weigh, dip, spoon, plate, jug, temperature, taste"),
            new Key("cook", "H L + M", "heat, lid, add something, timer"),
            new Key("cook", "B", "it simmers now"),
            new Key("cook", "Space", "stirred"),
            new Key("cook", "R", "what to do when something is wrong"),
            new Key("cook", "F", "take it off"),
            new Key("shelf", "O Z T", "the chosen jar: opened, frozen, thaw it in the fridge"),
            new Key("shelf", "G X I", "given, finished, into the fridge"),
            new Key("practice", "Space", "stir"),
            new Key("practice", "← →", "less heat, more heat"),
            new Key("practice", "S P W T", "look: spoon, cold plate, scale, probe"),
            new Key("practice", "L + Y B", "lid, water, slurry, blend"),
            new Key("practice", "G", "say how thick it is"),
            new Key("practice", ", . K", "slower, faster, pause"),
            new Key("practice", "O M", "the other pot, sound"),
            new Key("practice", "F", "take it off"),
            new Key("evening", "N J", "add a sauce, add another job"),
            new Key("evening", "← →", "the chosen task five minutes sooner, later"),
            new Key("quick", "1 2 3", "reduce, thicken, too thick or too thin"),
            new Key("", "?", "this help"),
            new Key("", "Esc", "close what is open"));

    /** The places as they are called, in the order of the help page. */
    static final List<String> PLACES =
            List.of("quick", "stove", "sauces", "plan", "cook", "pots", "journal", "shelf", "evening", "practice");

    /** What a place is called. */
    static String called(String place) {
        return switch (place) {
            case "plan" -> "Plan board";
            case "cook" -> "Cook page";
            case "" -> "Everywhere";
            default -> place.substring(0, 1).toUpperCase(Locale.ROOT) + place.substring(1);
        };
    }

    /** The words of a place, or all for one that has none, with this in them. */
    static List<Word> words(String place, String sought) {
        String like = sought.toLowerCase(Locale.ROOT);
        Stream<Word> words =
                WORDS.stream().filter(w -> !PLACES.contains(place) || w.places().contains(place));
        return words.filter(w ->
                        (w.title() + " " + w.text()).toLowerCase(Locale.ROOT).contains(like))
                .toList();
    }

    /** The keys of a place and those that go everywhere; all for a place that has none. */
    static List<Key> keys(String place, String sought) {
        String like = sought.toLowerCase(Locale.ROOT);
        return KEYS.stream()
                .filter(k -> !PLACES.contains(place)
                        || k.place().equals(place)
                        || k.place().isEmpty())
                .filter(k -> (k.keys() + " " + k.does() + " " + called(k.place()))
                        .toLowerCase(Locale.ROOT)
                        .contains(like))
                .toList();
    }
}
