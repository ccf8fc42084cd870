package app.gradior.web.sauce;

import app.gradior.measure.Assumption;
import app.gradior.web.text.UnitFormat;
import java.util.List;
import java.util.stream.Collectors;

/** What was taken for granted in reading a line, in a few words. */
final class AssumptionText {
    private final UnitFormat say;

    AssumptionText(UnitFormat say) {
        this.say = say;
    }

    String of(List<Assumption> assumptions) {
        return assumptions.stream().map(this::of).collect(Collectors.joining("; "));
    }

    private String of(Assumption assumption) {
        if (assumption instanceof Assumption.Weighs weighs) {
            return weighs.what() + " taken as " + say.grams(weighs.mass());
        }
        if (assumption instanceof Assumption.VagueIs vague) {
            return measure(vague) + " taken as " + say.grams(vague.mass());
        }
        if (assumption instanceof Assumption.ForTheSauce taste) {
            return "to taste: about " + say.grams(taste.mass()) + " for this much sauce";
        }
        if (assumption instanceof Assumption.Drained drained) {
            return "drained: " + say.percent(drained.left()) + " of what the pack holds";
        }
        if (assumption instanceof Assumption.ReadAs other) {
            return "read as " + other.food().name();
        }
        return switch ((Assumption.Plain) assumption) {
            case MIDDLE_OF_THE_RANGE -> "the middle of the range";
            case FLUID_OUNCES -> "ounces of a liquid taken as fluid ounces";
        };
    }

    private static String measure(Assumption.VagueIs vague) {
        String word = vague.measure();
        if (word.equals("unsaid")) {
            return "one of it";
        }
        boolean alone = vague.isToTaste() || word.equals("some") || word.startsWith("a ");
        return alone ? word : "a " + word;
    }
}
