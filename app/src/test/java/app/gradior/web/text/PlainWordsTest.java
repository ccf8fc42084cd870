package app.gradior.web.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.cook.EventKind;
import app.gradior.web.planning.PlanField;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.junit.jupiter.api.Test;

/** All that the screens say, gathered from the templates, the names and the code, and read as a cook would read it. */
class PlainWordsTest {
    /** Of another century, or of an office. */
    private static final Pattern BANNED = Pattern.compile(
            "\\b(keep it$|write it so|leave it$|leave it out|strike|struck|reckon\\w*|nought|anew|lately at work|read one in|"
                    + "take all sauces out|open a kitchen|the other way round|what your pots have told|parted by|hence|whence|"
                    + "thus|thereof|whilst|shall|upon|henceforth|whatsoever|ere|betwixt|utili[sz]e|terminate|commence|invalid|"
                    + "illegal|fatal|please note)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_SENTENCE = 25;
    private static final double EASY = 65;
    private static final String NUMBER = "5";

    private static final Pattern EXPRESSION = Pattern.compile("\\$\\{[^{}]*(?:\\{[^{}]*}[^{}]*)*}");
    private static final Pattern PIPED = Pattern.compile("\\|([^|]*)\\|");
    private static final Pattern QUOTED = Pattern.compile("'([^']*)'");
    private static final Pattern WORD = Pattern.compile("[A-Za-z][A-Za-z'’-]*");
    private static final Pattern JAVA_STRING = Pattern.compile("\"([^\"\\\\]*+(?:\\\\.[^\"\\\\]*+)*+)\"");

    /** What is said, and where. */
    private record Said(String where, String words) {}

    private static List<Said> all() throws IOException {
        List<Said> all = new ArrayList<>();
        for (Path template : files("src/main/resources/templates", ".html")) {
            collect(template.getFileName().toString(), Jsoup.parse(Files.readString(template)), all);
        }
        Properties names = new Properties();
        for (String file : List.of("names", "messages")) {
            try (var in = Files.newBufferedReader(Path.of("src/main/resources/" + file + ".properties"))) {
                names.load(in);
            }
        }
        names.forEach((key, words) -> all.add(new Said(key.toString(), words.toString())));
        for (Path source : files("src/main/java", ".java")) {
            strings(source, all);
        }
        return all;
    }

    private static List<Path> files(String root, String ending) throws IOException {
        try (Stream<Path> found = Files.walk(Path.of(root))) {
            return found.filter(path -> path.toString().endsWith(ending))
                    .sorted()
                    .toList();
        }
    }

    /** The texts of an element and of what an attribute says, a block at a time. */
    private static void collect(String where, Element element, List<Said> all) {
        StringBuilder here = new StringBuilder();
        for (Node child : element.childNodes()) {
            if (child instanceof TextNode text) {
                here.append(text.text());
            } else if (child instanceof Element inner) {
                boolean inline = inner.is("b, strong, em, i, kbd, a, q, time, small, code, th\\:block");
                if (inline && inner.childrenSize() == 0 && !inner.hasAttr("th:text")) {
                    here.append(inner.text());
                } else {
                    collect(where, inner, all);
                    here.append(inline ? " " + NUMBER + " " : ". ");
                }
            }
        }
        add(where, here.toString(), all);
        for (String name : List.of("aria-label", "placeholder", "title")) {
            add(where, element.attr(name), all);
        }
        Matcher piped = PIPED.matcher(element.attr("th:text"));
        while (piped.find()) {
            add(where, EXPRESSION.matcher(piped.group(1)).replaceAll(NUMBER), all);
        }
        Matcher quoted = QUOTED.matcher(
                PIPED.matcher(element.attr("th:text")).replaceAll("").replaceAll("\\.(of|get)\\('[^']*'\\)", ""));
        while (quoted.find()) {
            add(where, quoted.group(1), all);
        }
    }

    private static void add(String where, String words, List<Said> all) {
        String plain = words.replaceAll("\\s+", " ").strip();
        if (WORD.matcher(plain).find()) {
            all.add(new Said(where, plain));
        }
    }

    /** The sentences of a class: its strings of three words or more, joined where they are. */
    private static void strings(Path source, List<Said> all) throws IOException {
        String code = Files.readString(source)
                .replaceAll("(?s)/\\*.*?\\*/", "")
                .replaceAll("(?s)\"\"\".*?\"\"\"", "\"\"")
                .replaceAll("\"\\s*\\+\\s*\"", "")
                .replaceAll("\"\\s*\\+[^\";{}]*?\\+\\s*\"", NUMBER);
        Matcher strings = JAVA_STRING.matcher(code);
        while (strings.find()) {
            String words = strings.group(1);
            boolean ofAProgram = words.matches(
                    ".*(\\\\|[{}<>=]|::|//|redirect:|select |insert |update |default-src|Continent|America).*");
            if (!ofAProgram && WORD.matcher(words).results().count() >= 3 && words.contains(" ")) {
                all.add(new Said(source.getFileName().toString(), words));
            }
        }
    }

    private static List<String> sentences(String words) {
        return Arrays.stream(words.split("(?<=[.!?:;…])\\s+|\\s[·–→|]\\s"))
                .filter(sentence -> WORD.matcher(sentence).results().count() >= 3)
                .toList();
    }

    /** As vowels sound: good to a syllable in most words. */
    private static int syllables(String word) {
        String plain = word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
        long groups = Pattern.compile("[aeiouy]+").matcher(plain).results().count();
        if (plain.endsWith("e") && !plain.endsWith("le") && groups > 1) {
            groups--;
        }
        return (int) Math.max(1, groups);
    }

    @Test
    void noTextUsesAWordOfAnotherCentury() throws IOException {
        List<Said> all = all();
        assertThat(all).hasSizeGreaterThan(1000);
        assertThat(all.stream().filter(said -> BANNED.matcher(said.words()).find()))
                .isEmpty();
    }

    @Test
    void noSentenceIsLongerThanTwentyFiveWords() throws IOException {
        List<String> tooLong = all().stream()
                .flatMap(said -> sentences(said.words()).stream().map(sentence -> said.where() + ": " + sentence))
                .filter(sentence -> WORD.matcher(sentence).results().count() - 1 > LONGEST_SENTENCE)
                .toList();
        assertThat(tooLong).isEmpty();
    }

    /** By Flesch: 206.835 − 1.015 words a sentence − 84.6 syllables a word. */
    @Test
    void allTextsTogetherReadEasily() throws IOException {
        double words = 0;
        double sentences = 0;
        double syllables = 0;
        for (Said said : all()) {
            for (String sentence : sentences(said.words())) {
                Matcher word = WORD.matcher(sentence);
                sentences++;
                while (word.find()) {
                    words++;
                    syllables += syllables(word.group());
                }
            }
        }
        assertThat(206.835 - 1.015 * words / sentences - 84.6 * syllables / words)
                .isGreaterThan(EASY);
    }

    /** The keys that programs use are no words for a cook. */
    @Test
    void noTextShowsARawNameOfAKindOrAField() throws IOException {
        List<String> raw = Stream.concat(
                        Arrays.stream(EventKind.values()).map(Enum::name),
                        Arrays.stream(PlanField.values()).map(field -> field.key()))
                .filter(name -> name.contains("_") || !name.equals(name.toLowerCase(Locale.ROOT)))
                .filter(name -> !name.matches("[A-Z]+") || name.contains("_"))
                .toList();
        assertThat(all().stream()
                        .filter(said ->
                                raw.stream().anyMatch(name -> said.words().matches(".*\\b" + name + "\\b.*"))))
                .isEmpty();
    }

    /** Where a sentence is looked for when it is to be said better: the templates and the texts of a place. */
    @Test
    void everySentenceOfTheCodeStandsInTheTextOfItsPlace() throws IOException {
        List<Said> elsewhere = new ArrayList<>();
        for (Path source : files("src/main/java", ".java")) {
            boolean aText = source.getFileName().toString().endsWith("Text.java")
                    || source.getParent().endsWith("text")
                    || source.getParent().endsWith("demo");
            // Pictures come to several places; what is said of one that can't be read stands with what reads it.
            if (!aText && !source.endsWith("Picture.java")) {
                strings(source, elsewhere);
            }
        }
        assertThat(elsewhere)
                .filteredOn(said -> said.words().matches("[^(].*[.?!…]"))
                .isEmpty();
    }
}
