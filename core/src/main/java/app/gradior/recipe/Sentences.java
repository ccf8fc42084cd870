package app.gradior.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Cuts prose into sentences. */
final class Sentences {
    private static final Set<String> ABBREVIATIONS =
            Set.of(("approx ca oz tbsp tsp tbs lb lbs min mins hr hrs pt qt fl no e.g i.e eg ie etc vs st med temp g "
                            + "kg ml l cm in deg c f")
                    .split(" "));

    private Sentences() {}

    static List<String> of(String prose) {
        List<String> sentences = new ArrayList<>();
        for (String line : prose.lines().toList()) {
            cut(line, sentences);
        }
        return sentences;
    }

    private static void cut(String line, List<String> sentences) {
        int from = 0;
        int depth = 0;
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            depth += c == '(' ? 1 : c == ')' && depth > 0 ? -1 : 0;
            boolean stop = (c == '.' || c == '!' || c == '?') && depth == 0;
            if (stop && (i + 1 == line.length() || endsHere(line, from, i))) {
                add(line.substring(from, i + 1), sentences);
                from = i + 1;
            }
        }
        add(line.substring(from), sentences);
    }

    private static boolean endsHere(String line, int from, int at) {
        int next = at + 1;
        while (next < line.length() && (line.charAt(next) == ' ' || "\"”’')".indexOf(line.charAt(next)) >= 0)) {
            next++;
        }
        if (next == at + 1 && next < line.length()) {
            // "softened.Add the wine" lost its blank; "1.5" and "e.g" did not.
            return Character.isUpperCase(line.charAt(next)) && Character.isLowerCase(line.charAt(Math.max(0, at - 1)));
        }
        if (next >= line.length()) {
            return true;
        }
        int begin = at;
        while (begin > from && !Character.isWhitespace(line.charAt(begin - 1)) && line.charAt(begin - 1) != '(') {
            begin--;
        }
        String word = line.substring(begin, at).toLowerCase(Locale.ROOT);
        boolean goesOn = Character.isLowerCase(line.charAt(next)) || Character.isDigit(line.charAt(next));
        return !(ABBREVIATIONS.contains(word) && goesOn) && !(word.isEmpty() && goesOn);
    }

    private static void add(String sentence, List<String> sentences) {
        String bare = sentence.strip();
        if (bare.chars().anyMatch(Character::isLetterOrDigit)) {
            sentences.add(bare);
        }
    }
}
