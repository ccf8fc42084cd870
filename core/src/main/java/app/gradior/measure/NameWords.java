package app.gradior.measure;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The words of a name as they are compared: whatever the case, the accents and the number they stand in. */
public final class NameWords {
    private NameWords() {}

    /** Small letters without accents, words in the singular, nothing but words. */
    public static List<String> normalised(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i <= plain.length(); i++) {
            char c = i < plain.length() ? plain.charAt(i) : ' ';
            if (Character.isLetterOrDigit(c)) {
                word.append(c);
            } else if (Character.getType(c) != Character.NON_SPACING_MARK && c != '\'' && c != '’' && !word.isEmpty()) {
                words.add(singular(word.toString()));
                word.setLength(0);
            }
        }
        return words;
    }

    static String joined(String text) {
        return String.join(" ", normalised(text));
    }

    private static String singular(String word) {
        if (word.length() < 4 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        if (word.equals("leaves")) {
            return "leaf";
        }
        if (word.equals("halves")) {
            return "half";
        }
        if (word.endsWith("oes") || word.endsWith("ches") || word.endsWith("shes")) {
            return word.substring(0, word.length() - 2);
        }
        return word.substring(0, word.length() - 1);
    }
}
