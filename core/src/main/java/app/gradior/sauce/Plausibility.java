package app.gradior.sauce;

import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.measure.Ambiguity.Implausible;
import app.gradior.measure.Ambiguity.Implausible.Why;
import app.gradior.measure.KitchenUnit;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine.Understood;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Notices amounts that no household's sauce has, so that they are asked about. What is asked stays in the pot as it was
 * written until the cook says otherwise; "(as written)" behind a line says that it is meant so. The bounds are estimates
 * from how sauces are usually written.
 */
final class Plausibility {
    private static final Mass HEAVY = Mass.ofKilograms(5);
    private static final double MAX_PACKS = 10;
    private static final double MAX_TIMES_THE_REST = 20;
    private static final double MAX_SPICE = 0.03;
    private static final double MAX_SALT = 0.06;

    /** Below this a line is not far more than the rest, however little that is. */
    private static final Mass SMALL = Mass.ofKilograms(1);

    /** A rest of so much is needed before shares of the whole say anything. */
    private static final Mass ENOUGH = Mass.ofGrams(100);

    private static final double MIN_TELLING_GRAMS = 5;
    private static final String AS_WRITTEN = "as written";

    private final List<Understood> all;
    private final LineGrammar grammar;
    private final double total;

    Plausibility(List<Understood> all, LineGrammar grammar) {
        this.all = all;
        this.grammar = grammar;
        this.total = all.stream().mapToDouble(food -> food.mass().grams()).sum();
    }

    /** The line, with a doubt if it strikes. */
    Understood judged(Understood line) {
        return why(line)
                .map(why -> line.with(new Implausible(
                        why,
                        why == Why.MUCH_SALT || why == Why.MUCH_SPICE
                                ? Optional.of(Share.of(share(line)))
                                : Optional.empty(),
                        rewrites(line, why),
                        line.typed().toLowerCase(Locale.ROOT).contains(AS_WRITTEN))))
                .orElse(line);
    }

    private double share(Understood line) {
        return line.mass().grams() / total;
    }

    private Optional<Why> why(Understood line) {
        double grams = line.mass().grams();
        Ingredient food = line.ingredient();
        Optional<Double> pack = food.pack().map(p -> p.mass().grams());
        boolean counted = line.amount().unit().isEmpty()
                && line.typed().matches("(?i).*\\b(cans?|tins?|jars?|cartons?|bottles?|packs?|packets?|tubs?)\\b.*");
        if (counted && (line.amount().middle() > MAX_PACKS || pack.isPresent() && grams > MAX_PACKS * pack.get())) {
            return Optional.of(Why.MANY_PACKS);
        }
        if (grams > HEAVY.grams()) {
            return Optional.of(Why.HEAVY);
        }
        if (total - grams >= ENOUGH.grams()) {
            if (food.of(line.mass()).share(Component.SALT).value() > 0.5 && share(line) > MAX_SALT) {
                return Optional.of(Why.MUCH_SALT);
            }
            if (food.group().equals("spice") && share(line) > MAX_SPICE) {
                return Optional.of(Why.MUCH_SPICE);
            }
        }
        double median = medianOfTheRest(line);
        return grams > SMALL.grams() && median > 0 && grams > MAX_TIMES_THE_REST * median
                ? Optional.of(Why.FAR_MORE_THAN_THE_REST)
                : Optional.empty();
    }

    /** Of what goes in by more than a seasoning; nothing where that is one line only. */
    private double medianOfTheRest(Understood line) {
        double[] rest = all.stream()
                .filter(other -> other != line)
                .filter(other -> !List.of("spice", "herb", "seasoning")
                        .contains(other.ingredient().group()))
                .mapToDouble(other -> other.mass().grams())
                .filter(grams -> grams >= MIN_TELLING_GRAMS)
                .sorted()
                .toArray();
        int middle = rest.length / 2;
        return rest.length < 2 ? 0 : rest.length % 2 == 1 ? rest[middle] : (rest[middle - 1] + rest[middle]) / 2;
    }

    /** Lines that may be meant: a slip of a unit, or of the point. */
    private List<String> rewrites(Understood line, Why why) {
        String typed = line.typed();
        String before = typed.substring(0, line.amount().start());
        String number = typed.substring(
                line.amount().start(),
                Math.max(line.amount().start(), line.amount().numberEnd()));
        String unit = typed.substring(
                Math.max(line.amount().start(), line.amount().numberEnd()),
                line.amount().end());
        String after = typed.substring(line.amount().end());
        List<String> candidates = new ArrayList<>();
        if (why == Why.MANY_PACKS) {
            candidates.add(before + "1" + unit + after);
        }
        Optional<KitchenUnit> said = line.amount().unit();
        if (said.filter(u -> u == KitchenUnit.KILOGRAM).isPresent()) {
            candidates.add(before + number + " g" + after);
        }
        if (said.filter(u -> u == KitchenUnit.LITRE).isPresent()) {
            candidates.add(before + number + " ml" + after);
        }
        if (said.filter(u -> u == KitchenUnit.TABLESPOON || u == KitchenUnit.METRIC_TABLESPOON)
                .isPresent()) {
            candidates.add(before + number + " tsp" + after);
        }
        if (said.filter(u -> u == KitchenUnit.CUP || u == KitchenUnit.METRIC_CUP)
                .isPresent()) {
            candidates.add(before + number + " tbsp" + after);
        }
        double tenth = line.amount().middle() / 10;
        if (tenth > 0 && why != Why.MANY_PACKS) {
            candidates.add(before + plain(tenth) + unit + after);
        }
        double median = medianOfTheRest(line);
        List<Understood> likely = candidates.stream()
                .map(grammar::read)
                .filter(Understood.class::isInstance)
                .map(Understood.class::cast)
                .filter(other -> other.ingredient().equals(line.ingredient()))
                .filter(other -> other.mass().grams() < line.mass().grams())
                .collect(Collectors.toCollection(ArrayList::new));
        if (median > 0 && (why == Why.HEAVY || why == Why.FAR_MORE_THAN_THE_REST)) {
            likely.sort(Comparator.comparingDouble(
                    other -> Math.abs(Math.log(other.mass().grams() / median))));
        }
        List<String> rewrites =
                likely.stream().limit(2).map(Understood::typed).collect(Collectors.toCollection(ArrayList::new));
        rewrites.add(typed.strip() + " (" + AS_WRITTEN + ")");
        return rewrites;
    }

    private static String plain(double number) {
        return Math.abs(number - Math.rint(number)) < 1e-9
                ? String.valueOf(Math.round(number))
                : String.format(Locale.ROOT, "%.3g", number)
                        .replaceAll("0+$", "")
                        .replaceAll("\\.$", "");
    }
}
