package app.gradior.web.sauce;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Six sauces to begin with, one of each way to thicken, each as a metric kitchen writes it and as a US one does. */
final class Starters {
    private static final List<String> KEYS = List.of(
            "red-wine-jus", "tomato-sauce", "onion-gravy", "orange-ginger-sauce", "blackberry-glaze", "mustard-cream");

    private static final List<Starter> METRIC = read("metric");
    private static final List<Starter> US = read("us");

    /**
     * A sauce to begin with.
     *
     * @param thickens what makes it thick, in a sentence
     */
    record Starter(String key, String name, String thickens, String text) {}

    private Starters() {}

    static List<Starter> all(boolean us) {
        return us ? US : METRIC;
    }

    static Optional<Starter> of(String key, boolean us) {
        Map<String, Starter> byKey = all(us).stream().collect(Collectors.toMap(Starter::key, Function.identity()));
        return Optional.ofNullable(byKey.get(key));
    }

    private static List<Starter> read(String units) {
        return KEYS.stream()
                .map(key -> {
                    String[] parts =
                            load("/starters/" + key + "." + units + ".txt").split("\n", 3);
                    return new Starter(key, parts[0], parts[1], parts[2].strip());
                })
                .toList();
    }

    private static String load(String path) {
        try (InputStream file = Starters.class.getResourceAsStream(path)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
