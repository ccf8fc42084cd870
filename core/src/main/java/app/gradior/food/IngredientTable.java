package app.gradior.food;

import app.gradior.quantity.Density;
import app.gradior.quantity.Mass;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The foods Gradior knows from the start, by key. Read once from the table beside this class. */
public final class IngredientTable {
    private static final IngredientTable SHIPPED = read("ingredients.csv");

    private final Map<String, Ingredient> byKey;

    private IngredientTable(Map<String, Ingredient> byKey) {
        this.byKey = Collections.unmodifiableMap(byKey);
    }

    /** The table that ships with the product. */
    public static IngredientTable shipped() {
        return SHIPPED;
    }

    public Optional<Ingredient> find(String key) {
        return Optional.ofNullable(byKey.get(key));
    }

    /** @throws IllegalArgumentException if there is no ingredient with this key */
    public Ingredient get(String key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no ingredient has the key " + key));
    }

    /** This table with foods of a kitchen's own; one with the key of a food that is here stands in its place. */
    public IngredientTable with(Collection<Ingredient> own) {
        if (own.isEmpty()) {
            return this;
        }
        Map<String, Ingredient> both = new LinkedHashMap<>(byKey);
        own.forEach(ingredient -> both.put(ingredient.key(), ingredient));
        return new IngredientTable(both);
    }

    public Collection<Ingredient> all() {
        return byKey.values();
    }

    private static IngredientTable read(String resource) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader =
                new InputStreamReader(IngredientTable.class.getResourceAsStream(resource), StandardCharsets.UTF_8)) {
            Map<String, Ingredient> byKey = new LinkedHashMap<>();
            for (CSVRecord row : format.parse(reader)) {
                Ingredient ingredient = ingredient(row);
                if (byKey.put(ingredient.key(), ingredient) != null) {
                    throw new IllegalStateException("two ingredients have the key " + ingredient.key());
                }
            }
            return new IngredientTable(byKey);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Ingredient ingredient(CSVRecord row) {
        Set<Allergen> allergens =
                words(row, "allergens").stream().map(Allergen::ofKey).collect(Collectors.toSet());
        Optional<StarchKind> starch = StarchKind.ofKey(row.get("starch_kind"));
        Composition.Per100Grams figures = new Composition.Per100Grams(
                number(row, "water"),
                number(row, "ethanol"),
                number(row, "acetic_acid"),
                number(row, "other_acids"),
                number(row, "sugars"),
                number(row, "mono_share"),
                number(row, "starch"),
                starch.orElse(null),
                number(row, "fibre"),
                number(row, "protein"),
                number(row, "fat"),
                number(row, "salt"),
                number(row, "other"),
                number(row, "body"),
                Texture.valueOf(row.get("texture")),
                row.get("dissolves").equals("yes"),
                number(row, "gelatin"),
                number(row, "pectin"));
        return new Ingredient(
                row.get("key"),
                row.get("name"),
                words(row, "aliases"),
                row.get("group"),
                figures.composition(allergens),
                starch,
                Density.ofGramsPerMillilitre(number(row, "density_g_per_ml")),
                piece(row, "piece_name", "piece_g"),
                piece(row, "pack_name", "pack_g"),
                row.get("ph").isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(number(row, "ph")),
                allergens,
                Set.copyOf(words(row, "cautions")),
                row.get("source"),
                Ingredient.BodySource.valueOf(row.get("body_source")),
                Ingredient.BodySource.valueOf(row.get("gel_source")));
    }

    private static Optional<Ingredient.Piece> piece(CSVRecord row, String name, String grams) {
        return row.get(grams).isEmpty()
                ? Optional.empty()
                : Optional.of(new Ingredient.Piece(row.get(name), Mass.ofGrams(number(row, grams))));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static List<String> words(CSVRecord row, String column) {
        String cell = row.get(column);
        return cell.isEmpty() ? List.of() : new ArrayList<>(Arrays.asList(cell.split(";")));
    }
}
