package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.measure.LinePart.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every word of a line is in exactly one part, and nothing that stands in it is dropped. */
class LinePartsTest {
    private static final List<String> AMOUNTS = List.of(
            "400 g",
            "2",
            "1½ cups",
            "½",
            "3 x 200 ml",
            "2 (400 g) cans",
            "a splash of",
            "1 cup plus 2 tbsp",
            "2–3 tbsp",
            "one 14.5-ounce can",
            "scant 1/3 cup",
            "30 g / 2 tbsp",
            "a dozen",
            "",
            "1kg",
            "two thirds of a cup",
            "1 lb 4 oz");

    private static final List<String> FOODS = List.of(
            "plums",
            "double cream",
            "chopped tomatoes",
            "yellow onions",
            "low-sodium chicken stock",
            "butter",
            "cornflour",
            "red wine",
            "garlic",
            "black pepper",
            "zorblatt",
            "salt and pepper",
            "lemons");

    private static final List<String> TAILS = List.of(
            "",
            ", finely chopped",
            " (about 200 g)",
            ", divided",
            " for serving",
            ", plus extra to serve",
            " *",
            " ($2.99)",
            ", zest and juice",
            " or margarine",
            ", zork",
            " # ours",
            " in 2 tbsp water",
            ", 35 g",
            " (see note 1)",
            ", cut into 2 cm cubes",
            " and 3 carrots",
            ", to taste",
            " (optional)");

    private static final List<String> SCRAPS = List.of(
            "zork", "35 g", "7", "½", "(", ")", ",", "of", "and", "plus", "can", "tbsp", "3 tbsp honey", "#", "-", "é");

    private final LineGrammar grammar = LineGrammar.shipped();

    private static <T> T pick(List<T> from, Random random) {
        return from.get(random.nextInt(from.size()));
    }

    /** Lines put together from what cooks write, every third with a scrap somewhere in it. */
    private static Stream<String> lines(long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, 5000)
                .mapToObj(i -> {
                    String line = (pick(AMOUNTS, random) + " " + pick(FOODS, random) + pick(TAILS, random)
                                    + (random.nextInt(4) == 0 ? pick(TAILS, random) : ""))
                            .strip();
                    int at = random.nextInt(line.length() + 1);
                    return i % 3 == 0
                            ? line.substring(0, at) + " " + pick(SCRAPS, random) + " " + line.substring(at)
                            : line;
                })
                .filter(Predicate.not(String::isBlank));
    }

    @Test
    void everyWordIsInExactlyOnePart() {
        lines(3).forEach(line -> {
            ReadLine read = grammar.read(line);
            List<LinePart> parts = read.parts();
            Words words = Words.of(line);
            for (int i = 0; i < words.size(); i++) {
                int start = words.start(i);
                int end = words.end(i);
                boolean isWord = words.get(i)
                        .chars()
                        .anyMatch(c -> Character.isLetterOrDigit(c) || Character.getType(c) == Character.OTHER_NUMBER);
                long in = parts.stream()
                        .filter(part -> part.start() <= start && end <= part.end())
                        .count();
                assertThat(in)
                        .as(
                                "%s in “%s”: %s %s",
                                words.get(i), line, parts, read.getClass().getSimpleName())
                        .isEqualTo(isWord ? 1 : Math.min(in, 1));
            }
        });
    }

    /** An amount put anywhere into a line that is read is in the grams, or in the parts as what it is, or asked. */
    @Test
    void noAmountIsDropped() {
        lines(5).forEach(line -> {
            for (LinePart part : amountsIn(line)) {
                ReadLine read = grammar.read(line);
                boolean read35 = read.foods().stream()
                        .anyMatch(food -> Math.abs(food.mass().grams() - 35) < 0.5);
                boolean asked = read instanceof ReadLine.Unclear
                        || read.foods().stream().anyMatch(food -> food.doubtful());
                List<Kind> kinds = read.parts().stream()
                        .filter(p -> p.start() <= part.start() && part.start() < p.end())
                        .map(LinePart::kind)
                        .toList();
                boolean isRemark = line.substring(0, part.start()).contains("#")
                        || kinds.contains(Kind.REMARK)
                                && line.matches(".*\\b(plus|extra|or|for|to|see|into|such)\\b.*35 g.*");
                assertThat(read35 || asked || isRemark || kinds.contains(Kind.SIZE) || kinds.contains(Kind.AMOUNT))
                        .as("35 g in “%s”: %s, %s", line, kinds, read)
                        .isTrue();
            }
        });
    }

    private static List<LinePart> amountsIn(String line) {
        List<LinePart> found = new ArrayList<>();
        for (int at = line.indexOf("35 g"); at >= 0; at = line.indexOf("35 g", at + 1)) {
            found.add(new LinePart(Kind.AMOUNT, at, at + 4));
        }
        return found;
    }

    /** A word nobody knows is marked wherever it stands. */
    @Test
    void noUnknownWordIsPassedOver() {
        lines(9).filter(line -> line.contains("zork ") || line.endsWith("zork")).forEach(line -> {
            ReadLine read = grammar.read(line);
            int at = line.indexOf("zork");
            boolean marked = read.parts().stream()
                    .filter(p -> p.start() <= at && at < p.end())
                    .anyMatch(p -> p.kind() == Kind.UNREAD
                            || p.kind() == Kind.REMARK
                                    && line.substring(0, at).matches(".*(\\b(for|or|to|see|into|plus)\\b|#).*"));
            assertThat(marked).as("“%s”: %s", line, read).isTrue();
        });
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    2 heaped tbsp tomato paste                    | AMOUNT FORM UNIT FOOD
                    2 (400 g) cans chopped tomatoes, drained      | AMOUNT SIZE UNIT FOOD PREPARATION
                    - 1½ cups dry white wine, such as a crisp one | AMOUNT UNIT FOOD REMARK
                    1. 200 ml double cream, garlic                | REMARK AMOUNT UNIT FOOD UNREAD
                    1 onion (about 200 g), finely chopped         | AMOUNT FOOD REMARK SIZE PREPARATION
                    """)
    void aLineIsTakenApart(String line, String kinds) {
        assertThat(grammar.read(line).parts())
                .extracting(part -> part.kind().name())
                .containsExactly(kinds.split(" "));
    }
}
