package app.gradior.measure;

import app.gradior.food.IngredientTable;
import app.gradior.measure.FoodNames.Measured;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The lists of words beside this class, read once. */
final class KitchenWords {
    private KitchenWords() {}

    /**
     * A name that several foods go by.
     *
     * @param measured spoon, count, or any: how the food has to be measured for it
     * @param keys the foods, the likeliest first
     */
    record Generic(String name, String measured, List<String> keys) {
        boolean fits(String other, Measured how) {
            return name.equals(other) && (isAny() || measured.equals(how.name().toLowerCase(Locale.ROOT)));
        }

        boolean isAny() {
            return measured.equals("any");
        }
    }

    /** The words of a list, in small letters and in the singular, one to a line. */
    static Set<String> list(String resource) {
        try (BufferedReader lines = new BufferedReader(open(resource))) {
            return lines.lines().collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<Generic> generics() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader = open("generic-names.csv")) {
            List<Generic> generics = new ArrayList<>();
            for (CSVRecord row : format.parse(reader)) {
                List<String> keys = Arrays.asList(row.get("foods").split(";"));
                keys.forEach(IngredientTable.shipped()::get);
                generics.add(new Generic(NameWords.joined(row.get("name")), row.get("measured"), keys));
            }
            return List.copyOf(generics);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Reader open(String resource) {
        return new InputStreamReader(KitchenWords.class.getResourceAsStream(resource), StandardCharsets.UTF_8);
    }
}
