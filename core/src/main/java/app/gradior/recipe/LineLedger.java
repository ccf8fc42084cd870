package app.gradior.recipe;

import app.gradior.food.Ingredient;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.Words;
import app.gradior.quantity.Share;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.ReadRecipe.Question;
import app.gradior.recipe.RecipeLine.Role;
import app.gradior.recipe.RecipeStep.Added;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The lines of a recipe while its method is followed: how much of each is left, and which clauses name it. */
final class LineLedger {
    private final LineGrammar grammar;
    private final List<RecipeLine> lines;
    private final LineNames names;
    private final List<MethodClause> clauses = new ArrayList<>();
    private final List<Question> questions = new ArrayList<>();
    private final Map<Integer, Double> left = new HashMap<>();

    /** Which clauses name a line, as indices of {@link #clauses}. */
    private final Map<Integer, List<Integer>> namedIn = new HashMap<>();

    private int at;

    LineLedger(List<RecipeLine> lines, LineGrammar grammar) {
        this.lines = lines;
        this.grammar = grammar;
        this.names = new LineNames(lines);
        lines.stream().filter(RecipeLine::isOfTheSauce).forEach(line -> left.put(line.index(), 1.0));
    }

    /** Takes the clauses that will be followed. */
    void follow(List<MethodClause> all) {
        clauses.addAll(all);
        for (int i = 0; i < clauses.size(); i++) {
            for (LineNames.Hit hit : names.in(clauses.get(i).beforeStop())) {
                for (int line : hit.lines()) {
                    namedIn.computeIfAbsent(line, k -> new ArrayList<>()).add(i);
                }
            }
        }
    }

    /** Goes to a clause. */
    void at(int clause) {
        at = clause;
    }

    MethodClause clause(int index) {
        return clauses.get(index);
    }

    int clauses() {
        return clauses.size();
    }

    List<RecipeLine> lines() {
        return lines;
    }

    LineGrammar grammar() {
        return grammar;
    }

    List<Question> questions() {
        return questions;
    }

    /** How much of a line is left, as a share of it. */
    double left(RecipeLine line) {
        return left.getOrDefault(line.index(), 0.0);
    }

    /** What a clause names, up to where it says how far it goes. */
    List<LineNames.Hit> named(MethodClause clause) {
        return names.in(clause.beforeStop());
    }

    List<LineNames.Hit> named(Words words) {
        return names.in(words);
    }

    /** In how many clauses from here on a line goes in. */
    long uses(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream()
                .filter(clause -> clause >= at && putsIn(clause))
                .distinct()
                .count();
    }

    /** Whether a clause further on names a line, whatever it does with it. */
    boolean comesAgain(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream().anyMatch(clause -> clause > at);
    }

    /** Whether the next clause belongs to the same sentence. */
    boolean sentenceGoesOn() {
        return at + 1 < clauses.size()
                && clauses.get(at + 1).sentence() == clauses.get(at).sentence();
    }

    void ask(Doubt doubt, String about, MethodClause clause) {
        questions.add(new Question(doubt, about, Optional.empty(), Optional.of(clause.sentence())));
    }

    void ask(Doubt doubt, String about, RecipeLine line, MethodClause clause) {
        questions.add(new Question(doubt, about, Optional.of(line.index()), Optional.of(clause.sentence())));
    }

    /** A food that only the method names, as a line of its own. */
    RecipeLine bring(String text) {
        RecipeLine line =
                new RecipeLine(lines.size(), text, Optional.empty(), grammar.read(text), Role.FROM_THE_METHOD);
        lines.add(line);
        left.put(line.index(), 0.0);
        return line;
    }

    Added take(RecipeLine line, double part) {
        double there = left.getOrDefault(line.index(), 0.0);
        double taken = Math.min(part, there);
        double rest = there - taken;
        left.put(line.index(), rest < 1e-6 ? 0 : rest);
        return new Added(line, Share.of(taken));
    }

    boolean namedLater(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream().anyMatch(clause -> clause > at && putsIn(clause));
    }

    boolean putsIn(int clause) {
        return clauses.get(clause)
                .verb()
                .filter(v -> v != MethodVerb.SAY && v != MethodVerb.OFF && v != MethodVerb.STRAIN)
                .isPresent();
    }

    /** Named by itself further on, it goes in there and not with all the others. */
    boolean namedLaterApart(RecipeLine line) {
        return namedIn.getOrDefault(line.index(), List.of()).stream()
                .anyMatch(clause -> clause > at
                        && clauses.get(clause)
                                .verb()
                                .filter(v -> v == MethodVerb.PUT
                                        || v == MethodVerb.FINISH
                                        || v == MethodVerb.THICKEN
                                        || v == MethodVerb.SERVE
                                        || v == MethodVerb.SEASON
                                        || v == MethodVerb.DEGLAZE)
                                .isPresent()
                        && LineGroups.in(clauses.get(clause).beforeStop(), lines)
                                .isEmpty());
    }

    static boolean isSeasoning(Ingredient ingredient, String word) {
        return word.equals("salt")
                ? Set.of("fine-salt", "coarse-flake-salt").contains(ingredient.key())
                : Set.of("black-pepper", "white-pepper").contains(ingredient.key());
    }

    RecipeLine line(int index) {
        return lines.get(index);
    }

    void ask(Doubt doubt, String about, RecipeLine line) {
        questions.add(new Question(doubt, about, Optional.of(line.index()), Optional.empty()));
    }
}
