package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A line of a sauce as it was read. What was typed is kept word for word. */
public sealed interface ReadLine {
    String typed();

    /** The foods it brings, in order. */
    default List<Understood> foods() {
        return List.of();
    }

    /** All that it brings. */
    default Mixture mixture() {
        return foods().stream().map(food -> food.ingredient().of(food.mass())).reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** What each word of it was taken for: together they cover every word once. */
    default List<LinePart> parts() {
        int end = typed().stripTrailing().length();
        int start = typed().length() - typed().stripLeading().length();
        LinePart.Kind kind = this instanceof Unclear ? LinePart.Kind.UNREAD : LinePart.Kind.REMARK;
        return end > start ? List.of(new LinePart(kind, start, end)) : List.of();
    }

    /** This line with parts that stand before and behind what was read of it. */
    default ReadLine between(List<LinePart> before, List<LinePart> behind) {
        return this;
    }

    private static List<LinePart> joined(List<LinePart> before, List<LinePart> parts, List<LinePart> behind) {
        return Stream.of(before, parts, behind).flatMap(List::stream).toList();
    }

    /**
     * A line that was understood.
     *
     * @param amount how much, and where in the line it says so
     * @param assumptions what was taken for granted in reading it
     * @param doubts what it leaves open
     */
    record Understood(
            String typed,
            Amount amount,
            Ingredient ingredient,
            Mass mass,
            List<Assumption> assumptions,
            List<Ambiguity> doubts,
            List<LinePart> parts)
            implements ReadLine {
        public Understood {
            assumptions = List.copyOf(assumptions);
            doubts = List.copyOf(doubts);
            parts = List.copyOf(parts);
        }

        @Override
        public List<Understood> foods() {
            return List.of(this);
        }

        @Override
        public ReadLine between(List<LinePart> before, List<LinePart> behind) {
            return new Understood(typed, amount, ingredient, mass, assumptions, doubts, joined(before, parts, behind));
        }

        /** This line with another doubt. */
        public Understood with(Ambiguity doubt) {
            List<Ambiguity> all = new ArrayList<>(doubts);
            all.add(doubt);
            return new Understood(typed, amount, ingredient, mass, assumptions, all, parts);
        }

        /** Whether nothing says how much of it: it is as much as a sauce of the size usually takes. */
        public boolean followsTheSauce() {
            return taste().isPresent();
        }

        private Optional<Ambiguity.HowMuch> taste() {
            return doubts.stream()
                    .filter(Ambiguity.HowMuch.class::isInstance)
                    .map(Ambiguity.HowMuch.class::cast)
                    .filter(doubt -> doubt.followsTheSauce() && !doubt.settled())
                    .findFirst();
        }

        /** This line where what is seasoned to taste is taken for a sauce of a size. */
        public Understood forSauceOf(Mass rest) {
            Optional<Ambiguity.HowMuch> taste = taste();
            if (taste.isEmpty() || rest.grams() <= 0) {
                return this;
            }
            Ambiguity.HowMuch scaled = taste.get().forSauceOf(rest);
            List<Ambiguity> all = doubts.stream()
                    .map(doubt -> doubt == taste.get() ? scaled : doubt)
                    .toList();
            return new Understood(
                    typed,
                    amount,
                    ingredient,
                    scaled.one(),
                    List.of(new Assumption.ForTheSauce(scaled.one())),
                    all,
                    parts);
        }

        /** Whether something is open that the kitchen has not settled. */
        public boolean doubtful() {
            return doubts.stream().anyMatch(d -> !d.settled());
        }
    }

    /** A line that names several foods: "salt and pepper", "1 tbsp corn starch in 2 tbsp water". */
    record Several(String typed, List<Understood> foods, List<LinePart> parts) implements ReadLine {
        public Several {
            foods = List.copyOf(foods);
            parts = List.copyOf(parts);
        }

        @Override
        public ReadLine between(List<LinePart> before, List<LinePart> behind) {
            return new Several(typed, foods, joined(before, parts, behind));
        }
    }

    /** A line that groups those after it, such as "For the slurry:". */
    record Heading(String typed, String words) implements ReadLine {}

    /** A line for the cook's own eyes: it begins with {@code #}. */
    record Remark(String typed) implements ReadLine {}

    /** How many it is for: "Serves 8", "Makes 3 jars". */
    record Serves(String typed, double count, String what) implements ReadLine {}

    /**
     * A line that can't be counted as it stands.
     *
     * @param guesses foods it might mean, the likest first
     * @param rewrites lines that could stand in its place
     */
    record Unclear(String typed, LineProblem problem, List<Ingredient> guesses, List<String> rewrites)
            implements ReadLine {}
}
