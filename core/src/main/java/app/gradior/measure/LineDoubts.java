package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.ReadLine.Unclear;
import app.gradior.measure.ReadLine.Understood;
import app.gradior.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Makes the reading of a line, with what had to be guessed in it and what else it may mean. */
final class LineDoubts {
    /** The same amount in cups and in grams may differ so much: cups are filled as they are filled. */
    private static final double MAX_DISAGREEMENT = 1.2;

    private final LineGrammar grammar;

    LineDoubts(LineGrammar grammar) {
        this.grammar = grammar;
    }

    ReadLine vague(
            String typed,
            Amount amount,
            Found found,
            String food,
            String measure,
            Mass weight,
            double count,
            List<LinePart> parts) {
        Mass guess = Weighing.round(weight.grams());
        Optional<Mass> habit =
                grammar.habits().amount(measure, found.ingredient().key());
        Mass one = habit.orElse(guess);
        double grams = guess.grams();
        List<Mass> choices = Stream.of(grams / 3, grams * 2 / 3, grams * 2)
                .map(Weighing::round)
                .filter(choice -> Math.abs(choice.grams() - one.grams()) > 1e-9)
                .toList();
        return understood(
                typed,
                amount,
                found,
                food,
                one.times(count),
                new ArrayList<>(List.of(new Assumption.VagueIs(measure, one))),
                List.of(new Ambiguity.HowMuch(measure, one, choices, habit.isPresent())),
                parts);
    }

    ReadLine understood(
            String typed,
            Amount amount,
            Found found,
            String food,
            Mass mass,
            List<Assumption> assumptions,
            List<Ambiguity> doubts,
            List<LinePart> parts) {
        List<Ambiguity> all = new ArrayList<>(doubts);
        if (!found.certain() || found.settled()) {
            List<Ingredient> choices = new ArrayList<>();
            choices.add(found.ingredient());
            choices.addAll(found.others());
            if (!found.unexplained().isEmpty()) {
                assumptions.add(new Assumption.ReadAs(found.ingredient()));
                grammar.names().like(food, 3).stream()
                        .filter(other -> !choices.contains(other) && choices.size() < 3)
                        .forEach(choices::add);
            }
            all.add(new Ambiguity.WhichFood(String.join(" ", NameWords.normalised(food)), choices, found.settled()));
        }
        notUnderstood(typed, found, food, parts).ifPresent(all::add);
        return new Understood(typed, amount, found.ingredient(), mass, assumptions, all, parts);
    }

    /** What of the line nothing accounts for, unless which food it is asks after it already. */
    private Optional<Ambiguity> notUnderstood(String typed, Found found, String food, List<LinePart> parts) {
        List<String> asked = found.unexplained().isEmpty() ? List.of() : List.of(food.split(" "));
        List<LinePart> unread = parts.stream()
                .filter(part -> part.kind() == LinePart.Kind.UNREAD)
                .filter(part -> !asked.containsAll(Words.of(typed.substring(part.start(), part.end()))))
                .toList();
        if (unread.isEmpty()) {
            return Optional.empty();
        }
        String words = unread.stream()
                .map(part -> typed.substring(part.start(), part.end()))
                .collect(Collectors.joining(", "));
        LinePart first = unread.get(0);
        String before =
                typed.substring(0, first.start()).replaceAll("[\\s,;(:-]+$", "").strip();
        boolean opened = typed.substring(0, first.start()).stripTrailing().endsWith("(");
        String from = opened
                ? typed.substring(first.start()).replaceFirst("\\)", "").strip()
                : typed.substring(first.start()).strip();
        List<String> rewrites = new ArrayList<>();
        boolean foods =
                unread.stream().allMatch(part -> grammar.names().isName(typed.substring(part.start(), part.end())));
        if (!before.isEmpty() && foods && grammar.readQuietly(before) instanceof Understood) {
            rewrites.add(before + "\n" + from.replaceAll("[()]", " ").strip());
        }
        if (!before.isEmpty()) {
            rewrites.add(before + " # " + from);
        }
        return Optional.of(new Ambiguity.NotUnderstood(words, rewrites));
    }

    /** Two figures of one amount that differ by more than a fifth: which is meant is asked. */
    Optional<ReadLine> amountsThatDiffer(
            String typed,
            Words words,
            int from,
            AmountReader amount,
            Ingredient food,
            Optional<Double> grams,
            Optional<Double> stated,
            Words rest) {
        if (amount.unit().isEmpty() || !amount.more().isEmpty()) {
            return Optional.empty();
        }
        double said = amount.unit().get().grams(amount.quantity().middle() * amount.form(), food.density());
        double again = amount.sameAgain().stream()
                .mapToDouble(part -> part.grams(food.density()))
                .sum();
        double other = again > 0 ? again : stated.orElse(said);
        boolean fluid = amount.unit().get() == KitchenUnit.OUNCE
                || amount.sameAgain().stream().anyMatch(part -> part.unit() == KitchenUnit.OUNCE);
        double max = fluid ? 1.3 : MAX_DISAGREEMENT;
        if (!(said > 0 && other > 0) || Math.max(said, other) / Math.min(said, other) <= max) {
            return Optional.empty();
        }
        if (Math.max(said, other) > LineGrammar.MAX.grams()) {
            return Optional.of(new Unclear(typed, LineProblem.Plain.MORE_THAN_A_POT_HOLDS, List.of(), List.of()));
        }
        String what = rest.typed().replaceAll("\\([^)]*\\)", "").strip();
        return Optional.of(new Unclear(
                typed,
                new LineProblem.AmountsDiffer(Mass.ofGrams(said), Mass.ofGrams(other)),
                List.of(),
                List.of(Weighing.plain(other) + " g " + what, Weighing.plain(said) + " g " + what)));
    }
}
