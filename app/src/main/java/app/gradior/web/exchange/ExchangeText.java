package app.gradior.web.exchange;

import com.networknt.schema.Error;
import tools.jackson.core.TokenStreamLocation;

/** What is said of files that come in. */
final class ExchangeText {
    static final String FILE_TOO_LARGE = "This file is larger than 2 MB: delete what is not the recipe.";

    private ExchangeText() {}

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
