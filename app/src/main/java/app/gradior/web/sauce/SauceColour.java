package app.gradior.web.sauce;

import app.gradior.measure.ReadLine;
import app.gradior.sauce.SauceLine;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;

/** About what colour a sauce has, by what goes in: so that it is recognised in a list. */
public final class SauceColour {
    private static final ResourceBundle FOODS = ResourceBundle.getBundle("colours");

    /** Of a sauce of which no food has a colour of its own. */
    private static final String PLAIN = "#c9955c";

    private SauceColour() {}

    /** As #rrggbb. */
    public static String of(ReadSauce sauce) {
        double[] sum = new double[3];
        double weight = 0;
        for (SauceLine line : sauce.lines()) {
            if (!(line instanceof SauceLine.OfFood food)) {
                continue;
            }
            for (ReadLine.Understood part : food.read().foods()) {
                Optional<String> entry = entry(part.ingredient().key());
                if (entry.isEmpty()) {
                    continue;
                }
                String[] colourAndStrength = entry.get().split(" ");
                double counts = part.mass().grams() * Double.parseDouble(colourAndStrength[1]);
                int rgb = Integer.parseInt(colourAndStrength[0].substring(1), 16);
                for (int i = 0; i < 3; i++) {
                    // Light adds up by its square, roughly as an eye sees it.
                    double channel = (rgb >> (16 - 8 * i)) & 0xff;
                    sum[i] += counts * channel * channel;
                }
                weight += counts;
            }
        }
        if (weight == 0) {
            return PLAIN;
        }
        return String.format(
                Locale.ROOT,
                "#%02x%02x%02x",
                Math.round(Math.sqrt(sum[0] / weight)),
                Math.round(Math.sqrt(sum[1] / weight)),
                Math.round(Math.sqrt(sum[2] / weight)));
    }

    /** By the whole key, or by ever fewer of its first words. */
    private static Optional<String> entry(String key) {
        for (String begins = key;
                !begins.isEmpty();
                begins = begins.substring(0, Math.max(0, begins.lastIndexOf('-')))) {
            if (FOODS.containsKey(begins)) {
                return Optional.of(FOODS.getString(begins));
            }
        }
        return Optional.empty();
    }
}
