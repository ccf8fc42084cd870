package app.gradior.evening;

import app.gradior.measure.Amount;
import app.gradior.measure.LinePart;
import app.gradior.measure.ReadLine;
import app.gradior.quantity.Interval;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How long getting a sauce's foods ready takes, by the words of its lines. All figures are estimates. */
final class Preparation {
    /** Taking a food out and measuring it. */
    private static final double GATHERED = 0.5;

    /** Minutes a piece, by the stem of a word; of what is given by weight, a piece is 100 g. The first that fits counts. */
    private static final List<Map.Entry<String, Double>> A_PIECE = List.of(
            Map.entry("zest", 1.0),
            Map.entry("juic", 0.7),
            Map.entry("squeez", 0.7),
            Map.entry("julienn", 3.0),
            Map.entry("dice", 2.0),
            Map.entry("chop", 2.0),
            Map.entry("slice", 1.5),
            Map.entry("cut", 1.0),
            Map.entry("minc", 2.0),
            Map.entry("grat", 1.0),
            Map.entry("crush", 0.5),
            Map.entry("press", 0.5),
            Map.entry("peel", 1.0),
            Map.entry("pit", 1.0),
            Map.entry("ston", 1.0),
            Map.entry("cor", 0.7),
            Map.entry("seed", 0.7),
            Map.entry("pick", 1.0),
            Map.entry("leaves", 1.0),
            Map.entry("torn", 0.5));

    /** A clove of garlic, a sprig, a small chilli: a quarter of what a piece takes. */
    private static final double SMALL_PIECE_G = 15;

    private static final double SMALL = 0.25;

    /** Nobody cuts up more than this for a sauce by hand in one go. */
    private static final double MAX_MINUTES = 60;

    private static final double QUICK = 0.7;
    private static final double LEISURELY = 1.6;

    private Preparation() {}

    static Interval gathering(List<ReadLine.Understood> foods, double pace) {
        return range(GATHERED * Math.max(1, foods.size()) * pace);
    }

    /** Zero where nothing is to be cut. */
    static Interval of(List<ReadLine.Understood> foods, double pace) {
        return range(Math.min(
                MAX_MINUTES, foods.stream().mapToDouble(Preparation::minutes).sum() * pace));
    }

    private static Interval range(double minutes) {
        return new Interval(QUICK * minutes, minutes, LEISURELY * minutes);
    }

    private static double minutes(ReadLine.Understood food) {
        String line = food.typed().toLowerCase(Locale.ROOT);
        double a = food.parts().stream()
                .filter(part -> part.kind() == LinePart.Kind.PREPARATION || part.kind() == LinePart.Kind.FOOD)
                .mapToDouble(part -> each(line.substring(part.start(), Math.min(line.length(), part.end()))))
                .max()
                .orElse(0);
        if (a == 0) {
            return 0;
        }
        double pieces = food.amount().kind() == Amount.Kind.COUNTED
                ? food.amount().middle()
                : food.mass().grams() / 100;
        boolean small = food.amount().kind() == Amount.Kind.COUNTED
                && food.mass().grams() / Math.max(1, pieces) < SMALL_PIECE_G;
        return a * pieces * (small ? SMALL : 1);
    }

    private static double each(String words) {
        for (String word : words.split("[^\\p{L}]+")) {
            for (Map.Entry<String, Double> stem : A_PIECE) {
                if (word.startsWith(stem.getKey())) {
                    return stem.getValue();
                }
            }
        }
        return 0;
    }
}
