package app.gradior.web.exchange;

import app.gradior.measure.Habits;
import app.gradior.quantity.Mass;
import app.gradior.web.food.Foods;
import app.gradior.web.food.KitchenMeasures;
import app.gradior.web.food.OwnFood;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes kitchen files; nothing is taken in that the published schema does not allow. */
@Component
public class KitchenFiles {
    private final JsonMapper json;
    private final SauceService sauces;
    private final Foods foods;
    private final KitchenMeasures measures;
    private final Clock clock;
    private final Schema schema;

    KitchenFiles(JsonMapper json, SauceService sauces, Foods foods, KitchenMeasures measures, Clock clock) {
        this.json = json;
        this.sauces = sauces;
        this.foods = foods;
        this.measures = measures;
        this.clock = clock;
        try (InputStream in = KitchenFiles.class.getResourceAsStream("/formats/gradior-kitchen-1.schema.json")) {
            this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws Unreadable if it is not of the format, naming the first place where it is not */
    public KitchenFile read(JsonNode node) throws Unreadable {
        List<Error> errors = schema.validate(node);
        if (!errors.isEmpty()) {
            Error first = errors.get(0);
            throw new Unreadable(ExchangeText.notOfTheFormat(first));
        }
        try {
            return json.treeToValue(node, KitchenFile.class);
        } catch (JacksonException e) {
            throw new Unreadable(ExchangeText.unknownValue(e.getOriginalMessage()));
        }
    }

    /** Sauces with their versions, and the foods and habits that their lines need. */
    String write(UUID kitchen, List<Sauce> chosen) {
        Habits habits = foods.language(kitchen).habits();
        List<KitchenFile.SauceEntry> entries = chosen.stream()
                .map(sauce -> {
                    List<Sauce> versions = new ArrayList<>(sauces.versions(kitchen, sauce.id()));
                    java.util.Collections.reverse(versions);
                    return new KitchenFile.SauceEntry(
                            sauce.name(),
                            sauces.isArchived(kitchen, sauce.id()),
                            null,
                            versions.stream()
                                    .map(v -> new KitchenFile.VersionEntry(v.name(), v.text(), v.savedAt()))
                                    .toList(),
                            sauces.origin(kitchen, sauce.id()).orElse(null));
                })
                .toList();
        KitchenFile file = new KitchenFile(
                KitchenFile.FORMAT,
                null,
                habits.measures(),
                foods.own(kitchen),
                habits.amounts().entrySet().stream()
                        .map(e -> new KitchenFile.AmountEntry(
                                e.getKey().measure(),
                                e.getKey().food(),
                                e.getValue().grams()))
                        .sorted(java.util.Comparator.comparing(KitchenFile.AmountEntry::measure)
                                .thenComparing(KitchenFile.AmountEntry::food))
                        .toList(),
                habits.foods().entrySet().stream()
                        .map(e -> new KitchenFile.NameEntry(e.getKey(), e.getValue()))
                        .sorted(java.util.Comparator.comparing(KitchenFile.NameEntry::words))
                        .toList(),
                List.of(),
                List.of(),
                List.of(),
                entries,
                List.of(),
                List.of(),
                List.of());
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file);
    }

    /**
     * Takes in foods, habits and sauces.
     *
     * @return the sauces there are now of them
     * @throws Unreadable if a food's figures can't be; nothing is taken in then
     */
    @Transactional(rollbackFor = Unreadable.class)
    public List<Sauce> takeIn(UUID kitchen, KitchenFile file) throws Unreadable {
        for (OwnFood food : file.foods()) {
            try {
                foods.keep(kitchen, food);
            } catch (IllegalArgumentException e) {
                throw new Unreadable(ExchangeText.impossibleFood(food.name(), e.getMessage()));
            }
        }
        file.amounts().forEach(a -> measures.say(kitchen, a.measure(), a.food(), Mass.ofGrams(a.grams())));
        file.names().forEach(n -> foods.rememberName(kitchen, n.words(), n.food()));
        List<Sauce> taken = new ArrayList<>();
        for (KitchenFile.SauceEntry entry : file.sauces()) {
            List<Sauce> versions = entry.versions() == null
                    ? List.of(new Sauce(null, 1, entry.name(), String.join("\n", entry.lines()), clock.instant()))
                    : entry.versions().stream()
                            .map(v -> new Sauce(null, 0, v.name(), v.text(), v.savedAt()))
                            .toList();
            taken.add(sauces.takeIn(
                    kitchen, versions, Boolean.TRUE.equals(entry.archived()), Optional.ofNullable(entry.recipe())));
        }
        return taken;
    }
}
