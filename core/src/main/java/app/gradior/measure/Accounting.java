package app.gradior.measure;

import app.gradior.measure.FoodNames.Found;
import app.gradior.measure.LinePart.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Says of every word of a line that was read what it was taken for. A word that neither the amount nor the food accounts
 * for, and that is no known preparation or remark, is unread: it is marked, never dropped.
 */
final class Accounting {
    /** Words after which the rest of a clause says what it is for, what else would do, or where it comes from. */
    private static final Set<String> OPENS_REMARK = Set.of(
            "for",
            "to",
            "such",
            "see",
            "or",
            "from",
            "like",
            "e.g",
            "eg",
            "ie",
            "i.e",
            "per",
            "as",
            "until",
            "if",
            "preferably",
            "ideally",
            "depending",
            "according",
            "use",
            "using",
            "note",
            "serves",
            "i",
            "we",
            "it",
            "that",
            "which",
            "about",
            "approx",
            "approximately",
            "around",
            "roughly",
            "ca",
            "but",
            "when",
            "because",
            "so",
            "while",
            "available",
            "into",
            "on",
            "at",
            "by",
            "not",
            "than",
            "yields",
            "makes",
            "equals",
            "before",
            "after",
            "without",
            "through",
            "instead",
            "$",
            "£",
            "€");

    /** What a food is put up in; with any other food behind it "in" names a second one. */
    private static final Set<String> MEDIA =
            Set.of("brine", "oil", "water", "juice", "syrup", "vinegar", "salt", "purée", "puree", "sauce", "liquid");

    private final Words words;
    private final Kind[] kinds;

    Accounting(Words words) {
        this.words = words;
        this.kinds = new Kind[words.size()];
    }

    /** The words of the amount, from its first to the one before its end. */
    Accounting amount(int from, AmountReader amount) {
        for (int i = from; i < amount.next(); i++) {
            if (AmountWords.isForm(words.plain(i))) {
                kinds[i] = Kind.FORM;
            } else if (i < amount.numberWords()) {
                kinds[i] = Kind.AMOUNT;
            } else {
                boolean number = !Character.isLetter(words.get(i).charAt(0));
                if (!amount.isRead(i)) {
                    continue;
                }
                kinds[i] = amount.size().isPresent() ? Kind.SIZE : number ? Kind.AMOUNT : Kind.UNIT;
            }
        }
        for (int i = amount.usedBracket(); i >= 0 && i < words.size(); i++) {
            kinds[i] = amount.isRead(i) ? Kind.SIZE : kinds[i];
            if (words.get(i).equals(")")) {
                break;
            }
        }
        return this;
    }

    /** Words that are all of one kind. */
    Accounting mark(int from, int end, Kind kind) {
        for (int i = from; i < Math.min(end, kinds.length); i++) {
            if (kinds[i] == null) {
                kinds[i] = kind;
            }
        }
        return this;
    }

    /** Every word that is left, by what the food accounts for and by the clauses they stand in. */
    List<LinePart> rest(Found found, String foodWords, FoodNames names) {
        Set<String> inFood = Set.copyOf(List.of(foodWords.split(" ")));
        int depth = 0;
        boolean remark = false;
        boolean food = true;
        for (int i = 0; i < kinds.length; i++) {
            String word = words.plain(i);
            depth += word.equals("(") ? 1 : word.equals(")") ? -1 : 0;
            boolean breaks = Set.of(",", "(", ")", ":", "-").contains(word);
            if (breaks) {
                remark = false;
            }
            if (kinds[i] != null) {
                food |= kinds[i] == Kind.AMOUNT;
                continue;
            }
            food &= depth == 0 && !breaks;
            if (isWordless(word)) {
                continue;
            }
            if (!remark && opensRemark(i, food && inFood.contains(words.get(i)), found)) {
                remark = true;
            }
            kinds[i] = remark ? Kind.REMARK : kind(i, inFood.contains(words.get(i)), found, names);
        }
        return parts();
    }

    /** Words that are all a remark: a bullet or number before a line, what stands behind a #. */
    static List<LinePart> remark(Words words) {
        return new Accounting(words).mark(0, words.size(), Kind.REMARK).parts();
    }

    /** The parts of a line that is read as several: each word as the line of its food has it. */
    static List<LinePart> ofSeveral(Words words, List<ReadLine.Understood> foods) {
        Map<String, Kind> known = new HashMap<>();
        for (ReadLine.Understood food : foods) {
            for (LinePart part : food.parts()) {
                Words.of(food.typed().substring(part.start(), part.end()))
                        .forEach(word -> known.merge(
                                word.toLowerCase(Locale.ROOT), part.kind(), (a, b) -> a == Kind.UNREAD ? a : b));
            }
        }
        Accounting accounting = new Accounting(words);
        for (int i = 0; i < words.size(); i++) {
            Kind kind = known.get(words.get(i).toLowerCase(Locale.ROOT));
            boolean link = NameWords.normalised(words.get(i)).stream()
                    .allMatch(t -> FoodNames.isByTheWay(t) || FoodNames.isRemark(t));
            accounting.kinds[i] = kind != null ? kind : link ? Kind.PREPARATION : Kind.UNREAD;
        }
        return accounting.parts();
    }

    private boolean opensRemark(int i, boolean inFood, Found found) {
        String word = words.plain(i);
        boolean extra = word.equals("plus")
                && Set.of("extra", "more", "some", "additional").contains(words.plain(i + 1));
        boolean medium = word.equals("in") && names(i + 1, MEDIA);
        boolean opens = OPENS_REMARK.contains(word) || extra || medium;
        return opens && !(inFood && found.named().containsAll(NameWords.normalised(word)));
    }

    private boolean names(int from, Set<String> any) {
        for (int i = from; i < Math.min(from + 4, words.size()); i++) {
            if (any.contains(words.plain(i))) {
                return true;
            }
        }
        return false;
    }

    private Kind kind(int i, boolean inFood, Found found, FoodNames names) {
        String word = words.plain(i);
        List<String> tokens = NameWords.normalised(word);
        if (inFood && (found.settled() || found.named().containsAll(tokens))) {
            return Kind.FOOD;
        }
        if (tokens.stream().allMatch(t -> FoodNames.isPackOrPiece(t) || found.isUnitWord(t))) {
            return Kind.UNIT;
        }
        if (tokens.stream().allMatch(FoodNames::isByTheWay)) {
            return Kind.PREPARATION;
        }
        if (inFood && tokens.stream().anyMatch(found.unexplained()::contains)) {
            return Kind.UNREAD;
        }
        if (tokens.stream().allMatch(t -> FoodNames.isRemark(t) || FoodNames.isByTheWay(t))) {
            return Kind.REMARK;
        }
        if (found.named().containsAll(tokens)) {
            return Kind.FOOD;
        }
        boolean handled = (word.endsWith("ed") || word.endsWith("ly") || word.endsWith("ing")) && word.length() > 4;
        if (handled && !names.isName(word)) {
            return Kind.PREPARATION;
        }
        return Character.isDigit(word.charAt(0)) || "$£€¥".indexOf(word.charAt(0)) >= 0 ? Kind.REMARK : Kind.UNREAD;
    }

    private static boolean isWordless(String word) {
        return word.chars()
                .noneMatch(c -> Character.isLetterOrDigit(c) || Character.getType(c) == Character.OTHER_NUMBER);
    }

    private List<LinePart> parts() {
        List<LinePart> parts = new ArrayList<>();
        for (int i = 0; i < kinds.length; i++) {
            if (isWordless(words.get(i))) {
                continue;
            }
            int last = parts.size() - 1;
            if (last >= 0 && parts.get(last).kind() == kinds[i]) {
                parts.set(last, new LinePart(kinds[i], parts.get(last).start(), words.end(i)));
            } else {
                parts.add(new LinePart(kinds[i], words.start(i), words.end(i)));
            }
        }
        return List.copyOf(parts);
    }
}
