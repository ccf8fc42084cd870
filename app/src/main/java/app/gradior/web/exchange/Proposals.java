package app.gradior.web.exchange;

import app.gradior.food.Ingredient;
import app.gradior.measure.ReadLine;
import app.gradior.recipe.PublishedRecipe;
import app.gradior.recipe.ReadRecipe;
import app.gradior.recipe.ReadRecipe.Doubt;
import app.gradior.recipe.ReadRecipe.Question;
import app.gradior.recipe.ReadRecipe.Sentence;
import app.gradior.recipe.RecipeLine;
import app.gradior.recipe.StagedText;
import app.gradior.web.food.Foods;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes of a published recipe the sauce that is proposed for it, in a kitchen's own words. */
@Component
class Proposals {
    private final Foods foods;

    Proposals(Foods foods) {
        this.foods = foods;
    }

    Proposal of(UUID kitchen, PublishedRecipe recipe) {
        Foods.Language language = foods.language(kitchen);
        ReadRecipe read = ReadRecipe.of(recipe, language.grammar(), language.habits());
        List<StagedText.Line> lines = StagedText.of(read, language.grammar(), language.habits());
        return new Proposal(
                StagedText.text(lines),
                sentences(read, lines),
                read.lines().stream()
                        .filter(line -> line.role() == RecipeLine.Role.ASIDE)
                        .map(RecipeLine::text)
                        .toList(),
                read.questions().stream()
                        .map(question -> asked(question, read, lines))
                        .toList(),
                recipe.source().orElse(null),
                published(recipe));
    }

    private static List<Proposal.Told> sentences(ReadRecipe read, List<StagedText.Line> lines) {
        List<Proposal.Told> told = new ArrayList<>();
        Optional<String> title = Optional.empty();
        for (Sentence sentence : read.sentences()) {
            boolean asked = read.questions().stream()
                    .anyMatch(
                            q -> q.sentence().filter(s -> s == sentence.index()).isPresent());
            told.add(new Proposal.Told(
                    sentence.index(),
                    sentence.title().equals(title) ? null : sentence.title().orElse(null),
                    sentence.text(),
                    tied(sentence.index(), lines),
                    asked ? "asked" : sentence.remark() ? "aside" : "does"));
            title = sentence.title();
        }
        return told;
    }

    /** The lines that were made of a sentence, each with which of those that read the same it is, from 0. */
    private static List<String> tied(int sentence, List<StagedText.Line> lines) {
        List<String> tied = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            StagedText.Line line = lines.get(i);
            if (line.sentences().contains(sentence)) {
                long before = lines.stream()
                        .limit(i)
                        .filter(other -> other.text().equals(line.text()))
                        .count();
                tied.add(before + "|" + line.text());
            }
        }
        return tied;
    }

    private static Proposal.Asked asked(Question question, ReadRecipe read, List<StagedText.Line> lines) {
        return new Proposal.Asked(
                ProposalText.of(question.doubt()),
                question.about(),
                question.sentence().orElse(null),
                fixes(question, read, lines));
    }

    /** What may be pressed: the likely reading first, then the others, each as a change of one line of the sauce. */
    private static List<Proposal.Fix> fixes(Question question, ReadRecipe read, List<StagedText.Line> lines) {
        List<Proposal.Fix> fixes = new ArrayList<>();
        String line = question.line().flatMap(index -> lineOf(index, lines)).orElse(null);
        String step = stepFor(question, lines).orElse(null);
        switch (question.doubt()) {
            case LINE_NOT_UNDERSTOOD, LINE_GUESSED -> {
                RecipeLine about = read.lines().get(question.line().orElseThrow());
                if (question.doubt() == Doubt.LINE_GUESSED) {
                    fixes.add(new Proposal.Fix(ProposalText.RIGHT, null, ""));
                }
                guesses(about).forEach(guess -> fixes.add(new Proposal.Fix(guess, line, guess)));
                fixes.add(new Proposal.Fix(ProposalText.SKIP, line, "# " + about.text()));
            }
            case LINE_NOT_IN_METHOD -> {
                fixes.add(new Proposal.Fix(ProposalText.RIGHT_ABOUT_THAT, null, ""));
                fixes.add(new Proposal.Fix(ProposalText.SKIP, line, "# " + question.about()));
            }
            case WHICH_LINE, HOW_MUCH_OF_IT, NO_METHOD, NOTHING_GOES_IN ->
                fixes.add(new Proposal.Fix(ProposalText.RIGHT_ABOUT_THAT, null, ""));
            case MORE_THAN_LISTED -> {
                fixes.add(new Proposal.Fix(ProposalText.MORE, null, ""));
                fixes.add(
                        new Proposal.Fix(ProposalText.ONLY_WHAT_IS_LISTED, question.about(), "# " + question.about()));
            }
            case HOW_LONG -> {
                for (int minutes : new int[] {5, 10, 20}) {
                    fixes.add(new Proposal.Fix(minutes + " min", step, step + ", simmer " + minutes + " min"));
                }
                fixes.add(new Proposal.Fix(ProposalText.NO_TIME, null, ""));
            }
            case HOW_FAR -> {
                fixes.add(new Proposal.Fix(ProposalText.BY_HALF, step, step + ", reduce by half"));
                fixes.add(new Proposal.Fix(ProposalText.TO_POUR, step, step + ", reduce to pour"));
                fixes.add(new Proposal.Fix(ProposalText.TO_COAT, step, step + ", reduce to toss"));
                fixes.add(new Proposal.Fix(ProposalText.TO_GLAZE, step, step + ", reduce to glaze"));
                fixes.add(new Proposal.Fix(ProposalText.STAYS, null, ""));
            }
            case OUT_OF_REACH -> {
                if (step != null) {
                    fixes.add(new Proposal.Fix(ProposalText.LEAVE_OUT, step, withoutReduction(step)));
                }
                fixes.add(new Proposal.Fix(ProposalText.KEEP, null, ""));
            }
            case SENTENCE_NOT_UNDERSTOOD -> {
                fixes.add(new Proposal.Fix("Nothing", null, ""));
                if (step != null) {
                    fixes.add(new Proposal.Fix(ProposalText.NOTE_IT, step, step + "\n# " + question.about()));
                }
            }
        }
        return fixes;
    }

    private static List<String> guesses(RecipeLine line) {
        if (!(line.read() instanceof ReadLine.Unclear unclear)) {
            return List.of();
        }
        List<String> guesses = new ArrayList<>(unclear.rewrites());
        for (Ingredient guess : unclear.guesses()) {
            String amount =
                    line.text().replaceFirst("^(\\S*\\d\\S*(\\s+(?:g|kg|ml|l|tsp|tbsp|cups?|oz|lb)\\b)?).*$", "$1");
            if (!amount.equals(line.text())) {
                guesses.add(amount + " " + guess.name().replaceFirst("\\s*\\(.*\\)", ""));
            }
        }
        return guesses.stream().limit(3).toList();
    }

    private static Optional<String> lineOf(int index, List<StagedText.Line> lines) {
        return lines.stream()
                .filter(line -> line.line().filter(i -> i == index).isPresent())
                .map(StagedText.Line::text)
                .findFirst();
    }

    /** The step that a sentence belongs to: its own, or the last before it. */
    private static Optional<String> stepFor(Question question, List<StagedText.Line> lines) {
        int sentence = question.sentence().orElse(0);
        Optional<String> step = Optional.empty();
        for (StagedText.Line line : lines) {
            boolean before = line.sentences().stream().anyMatch(s -> s <= sentence);
            if (!line.steps().isEmpty() && before) {
                step = Optional.of(line.text());
            }
        }
        return step;
    }

    /** The step without its reduction; as a remark if that was all of it. */
    private static String withoutReduction(String step) {
        String rest = step.replaceAll("(?i)(^|, )(reduce|boil) (by|to) [^,]*(, about [^,]*)?", "")
                .replaceFirst("^, ", "")
                .strip();
        return rest.isEmpty() ? "# " + step : rest.substring(0, 1).toUpperCase(Locale.ROOT) + rest.substring(1);
    }

    /** The recipe as plain text, to be read again. */
    private static String published(PublishedRecipe recipe) {
        StringBuilder text = new StringBuilder(recipe.name());
        recipe.yield().ifPresent(yield -> text.append('\n').append(yield));
        text.append("\n\nIngredients\n").append(String.join("\n", recipe.ingredients()));
        if (!recipe.method().isEmpty()) {
            text.append("\n\nMethod\n");
            Optional<String> title = Optional.empty();
            for (PublishedRecipe.Passage passage : recipe.method()) {
                if (passage.title().isPresent() && !passage.title().equals(title)) {
                    text.append(passage.title().get()).append(":\n");
                }
                title = passage.title();
                text.append(passage.text()).append('\n');
            }
        }
        recipe.description().ifPresent(d -> text.append("\nNotes\n").append(d).append('\n'));
        return text.toString().strip();
    }
}
