package app.gradior.recipe;

import app.gradior.measure.Words;
import app.gradior.quantity.Share;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.RecipeLine.Role;
import app.gradior.recipe.RecipeStep.Added;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a clause puts in: the lines it names, in whole or in part, all that are left, and amounts of its own. */
final class GoesIn {
    private static final double WHOLE = 0.999;

    /** An amount in the method that comes so near to what is left of its line means all of it. */
    private static final double NEARLY = 0.12;

    /** One that goes beyond it by more than this is asked. */
    private static final double MORE = 0.17;

    private final LineLedger ledger;

    GoesIn(LineLedger ledger) {
        this.ledger = ledger;
    }

    List<Added> toTaste(MethodClause clause) {
        List<Added> in = new ArrayList<>();
        for (String food : List.of("salt", "pepper")) {
            boolean said = clause.mentions(food);
            boolean listed = ledger.lines().stream().anyMatch(line -> line.has(i -> LineLedger.isSeasoning(i, food)));
            if (said && !listed) {
                in.add(new Added(ledger.bring(food + ", to taste"), Share.ALL));
            }
        }
        if (!clause.mentions("salt", "pepper") && in.isEmpty()) {
            for (RecipeLine line : ledger.lines()) {
                boolean plain = line.is(i -> LineLedger.isSeasoning(i, "salt") || LineLedger.isSeasoning(i, "pepper"));
                if (plain && ledger.left(line) > 0 && !ledger.namedLater(line)) {
                    in.add(ledger.take(line, ledger.left(line)));
                }
            }
        }
        return in;
    }

    /** What a clause puts in: lines it names in whole or in part, all that are left, amounts of its own. */
    List<Added> of(MethodClause clause, MethodVerb verb) {
        Words words = clause.beforeStop();
        List<Added> in = new ArrayList<>();
        Set<Integer> amountsUsed = new HashSet<>();
        for (LineNames.Hit hit : ledger.named(words)) {
            one(clause, verb, words, hit, amountsUsed, in);
        }
        all(clause, words, in);
        own(clause, words, amountsUsed, in);
        return in;
    }

    private void one(
            MethodClause clause,
            MethodVerb verb,
            Words words,
            LineNames.Hit hit,
            Set<Integer> amountsUsed,
            List<Added> in) {
        if (isExcepted(words, hit.from())) {
            return;
        }
        List<RecipeLine> open = hit.lines().stream()
                .map(ledger::line)
                .filter(RecipeLine::isOfTheSauce)
                .filter(line -> ledger.left(line) > 0)
                .filter(line -> in.stream().noneMatch(added -> added.line().index() == line.index()))
                .toList();
        if (open.isEmpty()) {
            // The amount, if one stands here, is of what is in the pot already.
            Portion.amountBefore(ledger.grammar(), words, hit).ifPresent(amount -> {
                amountsUsed.add(amount.at());
                more(clause, hit, amount, in);
            });
            return;
        }
        RecipeLine line = verb == MethodVerb.SEASON
                ? open.stream()
                        .filter(l -> l.has(i -> i.group().equals("spice") || LineLedger.isSeasoning(i, "salt")))
                        .findFirst()
                        .orElse(open.get(0))
                : open.get(0);
        boolean several = open.stream().map(RecipeLine::food).distinct().count() > 1;
        if (several && Portion.isPlural(words, hit)) {
            for (RecipeLine each : open) {
                in.add(ledger.take(each, ledger.left(each)));
            }
            return;
        }
        if (several && verb != MethodVerb.SEASON) {
            ledger.ask(Doubt.WHICH_LINE, String.join(" ", hit.name()), line, clause);
        }
        Portion.Part part = Portion.before(words, hit.from());
        Optional<Portion.Amount> amount =
                part == Portion.Part.UNSURE ? Optional.empty() : Portion.amountBefore(ledger.grammar(), words, hit);
        if (amount.isPresent()) {
            amountsUsed.add(amount.get().at());
            double share =
                    amount.get().mass().grams() / Math.max(1e-9, line.mass().grams());
            double there = ledger.left(line);
            if (share > there * (1 + MORE)) {
                ledger.ask(
                        Doubt.MORE_THAN_LISTED,
                        words.until(hit.to()).from(amount.get().at()).typed(),
                        line,
                        clause);
            }
            in.add(ledger.take(line, Math.abs(share - there) < NEARLY * there ? there : share));
            return;
        }
        if (part == Portion.Part.UNSURE) {
            ledger.ask(
                    Doubt.HOW_MUCH_OF_IT,
                    words.until(hit.to()).from(Math.max(0, hit.from() - 3)).typed(),
                    line,
                    clause);
        }
        double there = ledger.left(line);
        double share = part.of(there);
        boolean divided = line.text().toLowerCase(Locale.ROOT).matches(".*\\bdivided\\b.*");
        if (part == Portion.Part.ALL && divided && there > WHOLE && ledger.namedLater(line)) {
            long uses = ledger.uses(line);
            share = 1.0 / Math.max(1, uses);
            ledger.ask(Doubt.HOW_MUCH_OF_IT, line.text(), line, clause);
        }
        in.add(ledger.take(line, share));
    }

    /** More of a food that is in already: with an amount it is more than was listed. */
    private void more(MethodClause clause, LineNames.Hit hit, Portion.Amount amount, List<Added> in) {
        RecipeLine first = ledger.line(hit.lines().get(0));
        if (!first.isOfTheSauce() || first.has(i -> i.key().equals("water"))) {
            in.add(new Added(ledger.bring(amount.text()), Share.ALL));
            return;
        }
        if (first.role() == Role.FROM_THE_METHOD || ledger.left(first) <= 0) {
            ledger.ask(Doubt.MORE_THAN_LISTED, amount.text(), first, clause);
            in.add(new Added(ledger.bring(amount.text()), Share.ALL));
        }
    }

    private static boolean isExcepted(Words words, int at) {
        for (int i = 0; i < at; i++) {
            boolean but =
                    words.plain(i).equals("but") && (words.plain(i - 1).matches("all|everything|ingredients|anything"));
            if (words.plain(i).matches("except|excluding|without|minus|besides") || but) {
                return true;
            }
        }
        return false;
    }

    /** "All the ingredients", "the rest", "the sauce ingredients", "the spices". */
    private void all(MethodClause clause, Words words, List<Added> in) {
        Optional<LineGroups.Group> group = LineGroups.in(words, ledger.lines());
        if (group.isEmpty()) {
            return;
        }
        Set<Integer> excepted = new HashSet<>();
        ledger.named(words).stream()
                .filter(hit -> isExcepted(words, hit.from()))
                .forEach(hit -> excepted.addAll(hit.lines()));
        for (RecipeLine line : List.copyOf(ledger.lines())) {
            boolean there = ledger.left(line) > 0 && line.isOfTheSauce();
            boolean already = in.stream().anyMatch(added -> added.line().index() == line.index());
            if (there
                    && !already
                    && group.get().holds(line)
                    && !excepted.contains(line.index())
                    && !ledger.namedLaterApart(line)) {
                in.add(ledger.take(line, ledger.left(line)));
            }
        }
    }

    /** Amounts of what no line lists: "2 tbsp water", "a splash of vinegar". */
    private void own(MethodClause clause, Words words, Set<Integer> amountsUsed, List<Added> in) {
        for (Portion.Amount amount : Portion.own(ledger.grammar(), words, amountsUsed)) {
            boolean named = in.stream()
                    .anyMatch(added ->
                            added.line().has(i -> i.key().equals(amount.food().key()))
                                    && added.line().role() != Role.FROM_THE_METHOD);
            boolean pasta =
                    words.typed().toLowerCase(Locale.ROOT).matches(".*\\b(pasta|cooking|pan of|pot of|bowl of|ice) .*")
                            && amount.food().key().equals("water");
            if (!named && !pasta) {
                in.add(new Added(ledger.bring(amount.text()), Share.ALL));
            }
        }
    }
}
