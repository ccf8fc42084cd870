package app.gradior.web.equipment;

import app.gradior.pot.Ring;
import app.gradior.quantity.Power;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;

/**
 * A ring as a kitchen keeps it.
 *
 * @param sizeMm how wide it is
 * @param xMm where its middle lies on the stove, from the left
 * @param yMm from the back
 * @param dial its marks as on the dial: "1-9", or words parted by commas
 */
public record KitchenRing(UUID id, String name, Ring.Kind kind, int watts, int sizeMm, int xMm, int yMm, String dial) {
    private static final int MAX_MARKS = 30;

    public Ring ring() {
        return new Ring(kind, Power.ofWatts(watts));
    }

    /** The same of another kind. */
    public KitchenRing with(Ring.Kind other) {
        return new KitchenRing(id, name, other, watts, sizeMm, xMm, yMm, dial);
    }

    /** The marks one by one. */
    public List<String> marks() {
        String[] ends = dial.split("[-–]");
        if (ends.length == 2 && isNumber(ends[0]) && isNumber(ends[1])) {
            List<String> marks = new ArrayList<>();
            for (int i = Integer.parseInt(ends[0].strip());
                    i <= Integer.parseInt(ends[1].strip()) && marks.size() < MAX_MARKS;
                    i++) {
                marks.add(String.valueOf(i));
            }
            return marks;
        }
        return Arrays.stream(dial.split(","))
                .map(String::strip)
                .filter(mark -> !mark.isEmpty() && mark.length() <= 20)
                .limit(MAX_MARKS)
                .toList();
    }

    private static boolean isNumber(String text) {
        return text.strip().matches("\\d{1,2}");
    }
}
