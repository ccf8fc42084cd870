package app.gradior.web.text;

import app.gradior.pot.TypicalPot;
import org.springframework.stereotype.Component;

/** What the usual pots are called, in the sizes they are sold in. */
@Component("potNames")
public class PotNames {
    private static final double CM_PER_INCH = 2.54;

    PotNames() {}

    /** Such as "Saucepan, 20 cm". */
    public static String of(TypicalPot pot, boolean inches) {
        String name = Names.of(pot);
        return name.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + name.substring(1) + ", " + size(pot, inches);
    }

    /** Such as "20 cm", or "8 in". */
    public static String size(TypicalPot pot, boolean inches) {
        return inches
                ? Math.round(pot.us().rim().centimetres() / CM_PER_INCH) + " in"
                : Math.round(pot.metric().rim().centimetres()) + " cm";
    }

    /** For templates: both sizes, since what is chosen decides only when it is sent. */
    public String sizes(TypicalPot pot) {
        return size(pot, false) + " or " + size(pot, true);
    }

    /** For templates: what it is called without its size. */
    public String name(TypicalPot pot) {
        return Names.of(pot);
    }
}
