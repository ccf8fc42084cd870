package app.gradior.thickness;

import static app.gradior.PublishedTable.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import app.gradior.Mixtures;
import app.gradior.PublishedTable;
import app.gradior.food.Component;
import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.food.Mixture;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ThicknessTablesTest {
    private static final PublishedTable SUCROSE = PublishedTable.read("sucrose-viscosity.csv");
    private static final PublishedTable TOMATO = PublishedTable.read("tomato-concentrate-rheology.csv");
    private static final PublishedTable RULES = PublishedTable.read("kitchen-rules.csv");
    private static final PublishedTable PUREES = PublishedTable.read("puree-rheology.csv");

    private static final Map<String, String> PUREE_KEYS = Map.of(
            "apple sauce", "apple-sauce",
            "apricot puree", "apricot",
            "peach puree", "peach",
            "pear puree", "pear",
            "plum puree", "plum",
            "ketchup", "ketchup");

    static Stream<CSVRecord> sucrose() {
        return SUCROSE.rows().stream();
    }

    static Stream<CSVRecord> rules() {
        return RULES.rows().stream();
    }

    /** The first row of each food: its body is set on the first temperature given. */
    static Stream<CSVRecord> purees() {
        Set<String> seen = new HashSet<>();
        return PUREES.rows().stream().filter(row -> seen.add(row.get("food")));
    }

    @ParameterizedTest
    @MethodSource("sucrose")
    void serumMeetsTheViscosityOfSucroseSolutions(CSVRecord row) {
        Mixture solution = Mixtures.sucrose(number(row, "brix_percent"), 100);

        assertThat(Thickness.of(solution, Celsius.of(number(row, "temperature_c")))
                        .apparent()
                        .millipascalSeconds())
                .isCloseTo(number(row, "viscosity_mpas"), withPercentage(100 * SUCROSE.tolerance()));
    }

    @Test
    void bodyMeetsTomatoConcentratesInTheMeanOverTheTable() {
        double squares = 0;
        for (CSVRecord row : TOMATO.rows()) {
            double measured = number(row, "k_pa_sn") * Math.pow(50, number(row, "n") - 1);
            double solids = number(row, "total_solids_percent");
            double modelled = Thickness.of(tomatoConcentrate(solids), Celsius.of(number(row, "temperature_c")))
                    .apparent()
                    .pascalSeconds();
            squares += Math.pow(Math.log(modelled / measured), 2);
        }

        assertThat(Math.sqrt(squares / TOMATO.rows().size())).isLessThanOrEqualTo(TOMATO.tolerance());
    }

    /** Tomatoes crushed cold, less or more of their water: their body is their solids. */
    private static Mixture tomatoConcentrate(double solidsPercent) {
        return atSolids(IngredientTable.shipped().get("fresh-tomato"), solidsPercent);
    }

    @ParameterizedTest
    @MethodSource("purees")
    void ingredientsOfMeasuredBodyFlowAsPublished(CSVRecord row) {
        Ingredient ingredient = IngredientTable.shipped().get(PUREE_KEYS.get(row.get("food")));
        Mixture puree = atSolids(ingredient, number(row, "total_solids_percent"));
        double rate = Rheology.MOUTH_SHEAR_RATE;
        double published =
                number(row, "tau0_pa") / rate + number(row, "k_pa_sn") * Math.pow(rate, number(row, "n") - 1);

        assertThat(ingredient.bodySource()).isEqualTo(Ingredient.BodySource.MEASURED);
        assertThat(Thickness.of(puree, Celsius.of(number(row, "temperature_c")))
                        .apparent()
                        .pascalSeconds())
                .isCloseTo(published, withPercentage(100 * PUREES.tolerance()));
    }

    /** The ingredient, blended, with water taken off or put to until its solids are those of the table. */
    private static Mixture atSolids(Ingredient ingredient, double solidsPercent) {
        Mixture one = ingredient.of(Mass.ofGrams(100)).blended();
        double dry = 100 - one.mass(Component.WATER).grams();
        double target = dry / (solidsPercent / 100);
        return target <= 100 ? one.evaporatedTo(Mass.ofGrams(target)) : one.plus(Mixtures.of("water", target - 100));
    }

    @ParameterizedTest
    @MethodSource("rules")
    void cooksStandingRulesHold(CSVRecord row) {
        String rule = row.get("rule");
        Mixture stock = Mixtures.of("chicken-stock", 240);
        Mixture mixture = switch (rule.replaceAll("[:,].*", "")) {
            case "8 g corn starch in 240 ml stock" -> stock.plus(Mixtures.of("corn-starch", 8));
            case "16 g wheat flour in 240 ml stock" -> stock.plus(Mixtures.of("wheat-flour", 16));
            case "4 g corn starch in 240 ml stock" -> stock.plus(Mixtures.of("corn-starch", 4));
            case "16 g corn starch in 240 ml stock" -> stock.plus(Mixtures.of("corn-starch", 16));
            case "ketchup as bought" -> Mixtures.of("ketchup", 100);
            case "single cream style emulsion" -> Mixtures.of("single-cream", 100);
            default -> throw new IllegalStateException("no dish for the rule: " + rule);
        };
        Celsius at = rule.contains("25 C") ? Celsius.of(25) : rule.contains("20 C") ? Celsius.of(20) : Celsius.of(60);

        assertThat(Thickness.of(mixture.cookedAt(Mixtures.BOILING), at).grade().value())
                .isBetween(number(row, "grade_low"), number(row, "grade_high"));
    }
}
