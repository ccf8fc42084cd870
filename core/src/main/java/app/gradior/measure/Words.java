package app.gradior.measure;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.List;

/**
 * A line cut into words, each knowing where in the line it stood. Brackets, commas, slashes between units and dashes are
 * words of their own; "500ml" and "2–3" are parted. One pass; no pattern runs away.
 */
public final class Words extends AbstractList<String> {
    private final String line;
    private final List<Word> words;

    private record Word(String text, int start, int end) {}

    private Words(String line, List<Word> words) {
        this.line = line;
        this.words = words;
    }

    public static Words of(String line) {
        List<Word> words = new ArrayList<>();
        int start = -1;
        for (int i = 0; i <= line.length(); i++) {
            char c = i < line.length() ? line.charAt(i) : ' ';
            char before = i > 0 ? line.charAt(i - 1) : ' ';
            char next = i + 1 < line.length() ? line.charAt(i + 1) : ' ';
            boolean begun = start >= 0;
            boolean afterNumber = begun && isNumeric(before);
            boolean single = isSingle(c, begun, before, next);
            boolean ends = Character.isWhitespace(c) || c == '\u00a0' || single;
            // "1x400g"
            boolean times = begun && i - start == 1 && (before == 'x' || before == 'X') && isNumeric(c);
            if (begun && (ends || times || afterNumber && (Character.isLetter(c) || c == '°'))) {
                words.add(word(line, start, i));
                start = -1;
            }
            if (single) {
                words.add(new Word(plain(c), i, i + 1));
            } else if (!ends && start < 0) {
                start = i;
            }
        }
        return new Words(line, words);
    }

    /** Characters that are a word of their own where they stand. */
    private static boolean isSingle(char c, boolean begun, char before, char next) {
        boolean afterNumber = begun && isNumeric(before);
        return switch (c) {
            case '(',
                    ')',
                    '[',
                    ']',
                    ';',
                    '–',
                    '—',
                    '×',
                    '~',
                    '≈',
                    '+',
                    '%',
                    '•',
                    '·',
                    '*',
                    '☐',
                    '▢',
                    '"',
                    '″',
                    '”',
                    '“' -> true;
            case ',' -> !(afterNumber && Character.isDigit(next));
            case ':' -> !(afterNumber && Character.isDigit(next));
            case '-', '−' -> afterNumber || !begun && !isNumeric(next);
            case '/' -> begun && !afterNumber || !begun || afterNumber && !Character.isDigit(next);
            default -> false;
        };
    }

    private static String plain(char c) {
        return switch (c) {
            case ';' -> ",";
            case '[' -> "(";
            case ']' -> ")";
            case '–', '—', '−' -> "-";
            case '×' -> "x";
            case '≈' -> "~";
            case '″', '”', '“' -> "\"";
            default -> String.valueOf(c);
        };
    }

    private static Word word(String line, int start, int end) {
        return new Word(line.substring(start, end).replace('⁄', '/').replace('−', '-'), start, end);
    }

    private static boolean isNumeric(char c) {
        return Character.isDigit(c) || Character.getType(c) == Character.OTHER_NUMBER;
    }

    /** The words from one on. */
    public Words from(int index) {
        return new Words(line, words.subList(Math.min(index, words.size()), words.size()));
    }

    /** The words before one. */
    public Words until(int index) {
        return new Words(line, words.subList(0, Math.min(index, words.size())));
    }

    /** Where a word begins in the line; the line's end after the last. */
    public int start(int index) {
        return index < words.size() ? words.get(index).start() : line.length();
    }

    /** Where a word ends in the line. */
    public int end(int index) {
        return index < 0
                ? (words.isEmpty() ? 0 : words.get(0).start())
                : words.get(index).end();
    }

    /** The line as it was typed from the first word to the last. */
    public String typed() {
        return words.isEmpty() ? "" : line.substring(start(0), end(words.size() - 1));
    }

    /** A word in small letters without a full stop; empty beyond the end. */
    public String plain(int index) {
        if (index < 0 || index >= words.size()) {
            return "";
        }
        String word = words.get(index).text().toLowerCase(java.util.Locale.ROOT);
        return word.length() > 1 && word.endsWith(".") ? word.substring(0, word.length() - 1) : word;
    }

    @Override
    public String get(int index) {
        return words.get(index).text();
    }

    @Override
    public int size() {
        return words.size();
    }
}
