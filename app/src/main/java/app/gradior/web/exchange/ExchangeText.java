package app.gradior.web.exchange;

import com.networknt.schema.Error;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.TokenStreamLocation;

/** What is said of files that come in. */
final class ExchangeText {
    static final String NEEDS_ITS_TOKEN = "Needs a token for it.";
    static final String FILE_TOO_LARGE = "This file is larger than 2 MB: delete what is not the recipe.";

    static final String CHOOSE_AN_ARCHIVE = "Choose the zip file that you downloaded.";
    static final String NO_ARCHIVE =
            "This is not a downloaded kitchen: choose the zip that “Download everything” gave you.";
    static final String NEWER = "This comes from a newer Gradior than this one: update this one first.";
    static final String BREAKS_OFF = "This file breaks off in the middle: download it once more. Nothing was taken in.";
    static final String HOLDS_TOO_MUCH = "This holds more than a kitchen can. Nothing was taken in.";
    static final String POINTS_ELSEWHERE =
            "Something in this file belongs to another kitchen of this house. Nothing was taken in.";
    static final String HOLDS_WHAT_CANT_BE =
            "Something in this file was changed so that it can't be read. Nothing was taken in.";

    private ExchangeText() {}

    static String notOfThisColumn(String table, String column) {
        return "In " + table + KitchenArchive.LINES + " of this file, “" + column
                + "” holds what can't be there. Nothing was taken in.";
    }

    static String noPicture(String name) {
        return "“" + name + "” in this file is no picture. Nothing was taken in.";
    }

    /** What came in, in a sentence. */
    static String takenIn(KitchenIntake.TakenIn taken) {
        String came = Stream.of(
                        counted(taken.came("sauce"), "sauce", "sauces"),
                        counted(taken.came("pot"), "pot", "pots"),
                        counted(taken.came("cook"), "batch", "batches"),
                        counted(taken.came("jar"), "jar", "jars"))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
        String here = taken.wereHere() == 0
                ? ""
                : " " + taken.wereHere() + " things were here already and stayed as they were.";
        return (came.isEmpty() ? "Nothing new came in." : "Came in: " + came + ".") + here;
    }

    private static String counted(int n, String one, String many) {
        return n == 0 ? "" : n + " " + (n == 1 ? one : many);
    }

    static String imported(int sauces) {
        return sauces + (sauces == 1 ? " sauce" : " sauces") + " imported.";
    }

    /** That a file of ours can't be read, and where if that is known (null if not). */
    static String malformed(TokenStreamLocation at) {
        return "This looks like a Gradior file but breaks off or is malformed"
                + (at == null ? "." : ": look at line " + at.getLineNr() + ", column " + at.getColumnNr() + ".");
    }

    static String notOfTheFormat(Error first) {
        return "This is not a " + KitchenFile.FORMAT + " file: at " + first.getInstanceLocation() + ", "
                + first.getMessage() + ".";
    }

    static String unknownValue(String what) {
        return "This Gradior file holds a value that is not known here: " + what;
    }

    static String impossibleFood(String name, String why) {
        return "The food “" + name + "” can't be: " + why;
    }
}
