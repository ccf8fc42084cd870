package app.gradior.recipe;

import app.gradior.food.Mixture;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.ReadLine;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Conditions;
import app.gradior.sauce.Operation;
import app.gradior.sauce.StagedSauce;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A published recipe as it was understood: a sauce in its operations, each tied to the sentence it was made of.
 *
 * @param lines those of the ingredients in their order, then those that only the method brings
 * @param sentences those of the method in their order
 * @param steps in their order
 * @param questions what the cook is asked
 */
public record ReadRecipe(
        PublishedRecipe published,
        List<RecipeLine> lines,
        List<Sentence> sentences,
        List<RecipeStep> steps,
        List<Question> questions) {
    /** More steps than this are not followed: no sauce has so many. */
    private static final int MAX_STEPS = 200;

    public ReadRecipe {
        lines = List.copyOf(lines);
        sentences = List.copyOf(sentences);
        steps = List.copyOf(steps);
        questions = List.copyOf(questions);
    }

    /**
     * A sentence of the method.
     *
     * @param title of the part of the method it stands in
     * @param remark whether it does nothing to the sauce
     */
    public record Sentence(int index, Optional<String> title, String text, boolean remark) {}

    /** What is asked. */
    public enum Doubt {
        /** A line that is not understood. */
        LINE_NOT_UNDERSTOOD,
        /** A line in which something was guessed. */
        LINE_GUESSED,
        /** A line that no sentence puts in: it is taken to go in first. */
        LINE_NOT_IN_METHOD,
        /** A word that several lines answer to: the first that is left was taken. */
        WHICH_LINE,
        /** "Some of the butter". */
        HOW_MUCH_OF_IT,
        /** The method takes more of a line than there is. */
        MORE_THAN_LISTED,
        HOW_LONG,
        HOW_FAR,
        /** The sauce can't get there from what is in the pot. */
        OUT_OF_REACH,
        SENTENCE_NOT_UNDERSTOOD,
        NO_METHOD,
        /** Nothing of it was found to go into a sauce. */
        NOTHING_GOES_IN
    }

    /**
     * A question to the cook.
     *
     * @param about the words it is about
     * @param line the line it is about
     * @param sentence the sentence it is about
     */
    public record Question(Doubt doubt, String about, Optional<Integer> line, Optional<Integer> sentence) {}

    /** Reads a recipe with the product's own foods and measures. */
    public static ReadRecipe of(PublishedRecipe recipe) {
        return of(recipe, LineGrammar.shipped(), Habits.NONE);
    }

    /** Reads a recipe with a kitchen's foods and habits. */
    public static ReadRecipe of(PublishedRecipe recipe, LineGrammar grammar, Habits habits) {
        return new MethodReader(recipe, grammar, habits).read();
    }

    /** How sure a line is. */
    public RecipeLine.State state(RecipeLine line) {
        if (line.role() == RecipeLine.Role.UNREAD) {
            return line.read() instanceof ReadLine.Unclear unclear
                            && (!unclear.guesses().isEmpty()
                                    || !unclear.rewrites().isEmpty())
                    ? RecipeLine.State.ASKED
                    : RecipeLine.State.UNREAD;
        }
        boolean asked = questions.stream()
                .anyMatch(q -> q.line().filter(i -> i == line.index()).isPresent());
        return asked ? RecipeLine.State.ASKED : RecipeLine.State.READ;
    }

    /** All that goes in, uncooked. */
    public Mixture all() {
        return steps.stream().map(RecipeStep::mixture).reduce(Mixture.EMPTY, Mixture::plus);
    }

    /** What is in the pot after each step. */
    public List<Mixture> after(Conditions conditions, Knowledge knowledge) {
        return after(steps, conditions, knowledge);
    }

    static List<Mixture> after(List<RecipeStep> steps, Conditions conditions, Knowledge knowledge) {
        List<Mixture> after = new ArrayList<>();
        Mixture now = Mixture.EMPTY;
        for (Optional<StagedSauce.Result> result : run(steps, conditions, knowledge)) {
            now = result.map(StagedSauce.Result::after).orElse(now);
            after.add(now);
        }
        return after;
    }

    /** What came of each step; empty for one that does nothing. */
    static List<Optional<StagedSauce.Result>> run(List<RecipeStep> steps, Conditions conditions, Knowledge knowledge) {
        List<Operation> operations = steps.stream()
                .flatMap(step -> step.operation().stream())
                .limit(MAX_STEPS)
                .toList();
        List<StagedSauce.Result> results =
                operations.isEmpty() ? List.of() : new StagedSauce(operations).run(conditions, knowledge);
        List<Optional<StagedSauce.Result>> all = new ArrayList<>();
        int at = 0;
        for (RecipeStep step : steps) {
            boolean done = step.operation().isPresent() && at < results.size();
            all.add(done ? Optional.of(results.get(at++)) : Optional.empty());
        }
        return all;
    }
}
