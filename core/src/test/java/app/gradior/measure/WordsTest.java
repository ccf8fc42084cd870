package app.gradior.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
                    500ml stock               | 500 ml stock
                    2–3 tbsp honey            | 2 - 3 tbsp honey
                    1-1/2 cups                | 1 - 1/2 cups
                    1 14-oz can               | 1 14 - oz can
                    2 (400 g) tins            | 2 ( 400 g ) tins
                    1,5 kg                    | 1,5 kg
                    1, 5 kg                   | 1 , 5 kg
                    all-purpose flour         | all-purpose flour
                    500 g/1 lb                | 500 g / 1 lb
                    1½cup                     | 1½ cup
                    40%                       | 40 %
                    salt: 5 g                 | salt : 5 g
                    -5 g                      | -5 g
                    2" piece                  | 2 " piece
                    • 200 g                   | • 200 g
                    2×400 g                   | 2 x 400 g
                    """)
    void partsALine(String line, String words) {
        assertThat(String.join(" ", Words.of(line))).isEqualTo(words);
    }

    @Test
    void knowsWhereEachWordStood() {
        Words words = Words.of("  500ml  stock, hot ");

        assertThat(words).containsExactly("500", "ml", "stock", ",", "hot");
        assertThat(words.start(1)).isEqualTo(5);
        assertThat(words.end(2)).isEqualTo(14);
        assertThat(words.from(2).typed()).isEqualTo("stock, hot");
        assertThat(words.until(2).typed()).isEqualTo("500ml");
        assertThat(words.plain(99)).isEmpty();
        assertThat(Words.of("").typed()).isEmpty();
    }

    @Test
    void losesNoLetterOfAnyText() {
        long seed = 5;
        Random random = new Random(seed);
        String alphabet = "ab1½ ,.;:()[]/-–—×~+\"%•\u00a0é9";
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder();
            for (int j = random.nextInt(40); j > 0; j--) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            Words words = Words.of(text.toString());
            int letters = 0;
            for (int w = 0; w < words.size(); w++) {
                letters += words.end(w) - words.start(w);
                assertThat(w == 0 || words.start(w) >= words.end(w - 1)).isTrue();
            }
            long expected = text.chars()
                    .filter(c -> !Character.isWhitespace(c) && c != '\u00a0')
                    .count();
            assertThat(letters).as("seed %d, text “%s”", seed, text).isEqualTo((int) expected);
        }
    }
}
