package app.gradior.web.food;

import app.gradior.food.Allergen;
import app.gradior.measure.NumberInput;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.validation.Errors;

/** A food as typed; every field is text until it is judged, so that nothing typed is lost. */
public record FoodForm(
        String name,
        String aliases,
        String kind,
        String fat,
        String carbohydrate,
        String withFibre,
        String sugars,
        String fibre,
        String protein,
        String salt,
        String saltUnit,
        String acid,
        String alcohol,
        String body,
        String smooth,
        String mix,
        String gramsPerMl,
        String pieceG,
        Set<String> allergens,
        String source) {
    /** Salt to sodium by mass, as food law computes it. */
    private static final double SALT_OF_SODIUM = 2.5;

    /** Grams of ethanol in a millilitre. */
    private static final double ETHANOL_G_PER_ML = 0.789;

    private static final double ANALYSIS_SLACK_G = 1;

    public FoodForm {
        kind = "mix".equals(kind) ? "mix" : "label";
        saltUnit = "mg".equals(saltUnit) ? "mg" : "g";
        allergens = allergens == null ? Set.of() : new TreeSet<>(allergens);
        gramsPerMl = gramsPerMl == null || gramsPerMl.isBlank() ? "1" : gramsPerMl;
        name = name == null ? "" : name;
        source = source == null ? "" : source;
        mix = mix == null ? "" : mix;
    }

    static FoodForm empty() {
        return new FoodForm(
                "", "", "label", "", "", null, "", "", "", "", "g", "", "", "", "on", "", "1", "", Set.of(), "");
    }

    static FoodForm of(OwnFood food) {
        OwnFood.Label l = food.label();
        return new FoodForm(
                food.name(),
                String.join(", ", food.aliases()),
                l == null ? "mix" : "label",
                l == null ? "" : plain(l.fat()),
                l == null ? "" : plain(l.carbohydrate()),
                null,
                l == null ? "" : plain(l.sugars()),
                l == null ? "" : plain(l.fibre()),
                l == null ? "" : plain(l.protein()),
                l == null ? "" : plain(l.salt()),
                "g",
                l == null ? "" : plain(l.acid()),
                l == null ? "" : plain(l.alcohol() * food.gramsPerMl() / ETHANOL_G_PER_ML),
                l == null || l.body() == null ? "" : plain(l.body()),
                l != null && l.smooth() ? "on" : null,
                food.mix(),
                plain(food.gramsPerMl()),
                food.pieceG() == null ? "" : plain(food.pieceG()),
                food.allergens(),
                food.source());
    }

    private static String plain(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    /** The food meant, or null with what is wrong said beside its field. */
    OwnFood food(String key, Errors errors) {
        if (name.isBlank() || name.length() > 80) {
            errors.rejectValue("name", "name", FoodText.NAME);
        }
        double density = number("gramsPerMl", gramsPerMl, 0.05, 3, errors);
        Double piece = pieceG == null || pieceG.isBlank() ? null : number("pieceG", pieceG, 0.01, 10_000, errors);
        List<String> others = aliases == null
                ? List.of()
                : Arrays.stream(aliases.split("[,;\n]"))
                        .map(String::strip)
                        .filter(a -> !a.isEmpty() && a.length() <= 80)
                        .limit(20)
                        .toList();
        Set<String> known = new TreeSet<>();
        for (Allergen allergen : Allergen.values()) {
            if (allergens.contains(allergen.key())) {
                known.add(allergen.key());
            }
        }
        OwnFood.Label label = kind.equals("mix") ? null : label(density, errors);
        if (kind.equals("mix") && (mix.isBlank() || mix.length() > 4000)) {
            errors.rejectValue("mix", "mix", FoodText.MIXED_FROM);
        }
        if (errors.hasErrors()) {
            return null;
        }
        String own = key == null ? "own-" + UUID.randomUUID() : key;
        String from = source.isBlank() ? (kind.equals("mix") ? FoodText.OWN_MIX : FoodText.LABEL) : source.strip();
        return new OwnFood(own, name.strip(), others, label, label == null ? mix : null, density, piece, known, from);
    }

    private OwnFood.Label label(double density, Errors errors) {
        double fibres = number("fibre", fibre, 0, 100, errors);
        double carbohydrates = number("carbohydrate", carbohydrate, 0, 100, errors);
        double sugar = number("sugars", sugars, 0, 100, errors);
        double salts = number("salt", salt, 0, saltUnit.equals("mg") ? 40_000 : 100, errors);
        double spirit = number("alcohol", alcohol, 0, 96, errors) * ETHANOL_G_PER_ML / Math.max(density, 0.05);
        double bare = withFibre == null ? carbohydrates : carbohydrates - fibres;
        if (sugar > bare + 1e-9) {
            errors.rejectValue("sugars", "more", FoodText.SUGARS);
        }
        OwnFood.Label label = new OwnFood.Label(
                number("fat", fat, 0, 100, errors),
                Math.max(bare, sugar),
                sugar,
                fibres,
                number("protein", protein, 0, 100, errors),
                saltUnit.equals("mg") ? salts * SALT_OF_SODIUM / 1000 : salts,
                number("acid", acid, 0, 100, errors),
                spirit,
                body == null || body.isBlank() ? null : Double.valueOf(number("body", body, 0, 400, errors)),
                smooth != null);
        if (!errors.hasErrors() && label.sum() > 100 + ANALYSIS_SLACK_G) {
            errors.rejectValue("fat", "sum", FoodText.sum(Math.round(label.sum())));
        }
        return label;
    }

    private static double number(String field, String typed, double low, double high, Errors errors) {
        if (typed == null || typed.isBlank()) {
            return Math.max(0, low);
        }
        OptionalDouble value = NumberInput.read(typed, low, high);
        if (value.isPresent()) {
            return value.getAsDouble();
        }
        errors.rejectValue(field, "number", FoodText.number(plain(low), plain(high)));
        return 0;
    }
}
