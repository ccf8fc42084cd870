package app.gradior.web.keeping;

import app.gradior.keeping.Keeping;
import app.gradior.keeping.Place;
import app.gradior.web.text.UnitFormat;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What stands on a jar's label.
 *
 * @param lines the first is its name
 * @param address what its code leads to
 */
record LabelText(List<String> lines, String address) {
    static LabelText of(JarRow jar, String address, String kitchen, UnitFormat say) {
        Keeping keeping = jar.keeping();
        List<String> lines = new ArrayList<>();
        lines.add(jar.name());
        String made = "made " + say.day(jar.madeAt());
        LocalDate useBy = jar.useBy() != null
                ? jar.useBy()
                : jar.madeAt().atZone(say.preference().zone()).toLocalDate().plusDays(keeping.closedDays());
        lines.add(made + " · " + (jar.place() == Place.FREEZER ? "best by " : "use by ") + ShelfText.day(useBy));
        lines.add(
                jar.place() == Place.FREEZER
                        ? "frozen; thawed: " + keeping.thawedDays() + " days"
                        : "in the fridge; opened: " + keeping.openedDays() + " days");
        lines.add("contains " + ShelfText.contains(keeping));
        lines.add(say.millilitres(jar.left()) + ", " + say.grams(jar.leftMass()) + " · jar " + jar.number());
        lines.add(kitchen);
        return new LabelText(lines, address);
    }
}
