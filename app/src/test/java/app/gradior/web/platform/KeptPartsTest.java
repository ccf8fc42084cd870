package app.gradior.web.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

class KeptPartsTest {
    private final SpringTemplateEngine engine = new SpringTemplateEngine();

    KeptPartsTest() {
        ClassLoaderTemplateResolver templates = new ClassLoaderTemplateResolver();
        templates.setSuffix(".html");
        engine.setTemplateResolver(templates);
        engine.addDialect(new KeptParts());
    }

    /** Counts how often it is asked for its words, and is the same as any other of the same words. */
    public static final class Line {
        private final String words;
        private final AtomicInteger asked;

        Line(String words, AtomicInteger asked) {
            this.words = words;
            this.asked = asked;
        }

        public String words() {
            asked.incrementAndGet();
            return words;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Line line && line.words.equals(words);
        }

        @Override
        public int hashCode() {
            return words.hashCode();
        }
    }

    private final AtomicInteger asked = new AtomicInteger();

    private String page(String alone, String... lines) {
        return engine.process(
                "kept/page",
                new Context(
                        Locale.ENGLISH,
                        Map.of(
                                "alone",
                                new Line(alone, asked),
                                "lines",
                                List.of(lines).stream()
                                        .map(words -> new Line(words, asked))
                                        .toList())));
    }

    @Test
    void eachOfSeveralValuesIsShownAndOneByItself() {
        assertThat(page("salt", "plums", "a < b")).isEqualToIgnoringWhitespace("""
                <ul><li>plums</li><li>a &lt; b</li></ul><li>salt</li>""");
        assertThat(page("salt")).isEqualToIgnoringWhitespace("<ul></ul><li>salt</li>");
    }

    @Test
    void whatShowsTheSameValueIsMadeOnce() {
        page("salt", "plums", "water");
        assertThat(asked).hasValue(3);
        assertThat(page("salt", "plums", "honey", "plums")).contains("<li>plums</li><li>honey</li><li>plums</li>");
        assertThat(asked).hasValue(4);
    }

    @Test
    void aFormIsNeverKeptForItCarriesATokenOfSomebodys() {
        Context context = new Context(Locale.ENGLISH, Map.of("alone", "salt"));

        assertThatThrownBy(() -> engine.process("kept/asking", context)).hasStackTraceContaining("holds a form");
    }

    @Test
    void thePartsOfTheCookPageShowNothingButTheirValue() throws IOException {
        String parts = new ClassPathResource("templates/cook/parts.html").getContentAsString(StandardCharsets.UTF_8);

        assertThat(Pattern.compile("[$@#]\\{[^}]*}").matcher(parts).results().map(MatchResult::group))
                .hasSizeGreaterThan(20)
                .allMatch(expression ->
                        expression.matches("\\$\\{[!-]?(it|entry|d)\\b[^@#]*}") || expression.equals("@{/cooks/{id}"));
    }
}
