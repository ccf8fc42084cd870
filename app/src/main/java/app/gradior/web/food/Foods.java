package app.gradior.web.food;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import app.gradior.measure.Habits;
import app.gradior.measure.LineGrammar;
import app.gradior.measure.Measures;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.KitchenCache;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What a kitchen calls its foods and means by its measures. */
@Component
public class Foods {
    private final FoodMapper mapper;
    private final AccountMapper accounts;
    private final JsonMapper json;
    private final Clock clock;
    private final KitchenMeasures measures;
    private final KitchenCache remembered;
    private final Cache<Words, Language> languages =
            Caffeine.newBuilder().maximumSize(200).build();

    private record Words(Habits habits, List<OwnFood> own) {}

    Foods(
            FoodMapper mapper,
            AccountMapper accounts,
            JsonMapper json,
            Clock clock,
            KitchenMeasures measures,
            KitchenCache remembered) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.json = json;
        this.clock = clock;
        this.measures = measures;
        this.remembered = remembered;
    }

    /**
     * How a kitchen reads lines.
     *
     * @param own its own foods, as the product computes with them
     */
    public record Language(LineGrammar grammar, Habits habits, List<Ingredient> own) {
        public IngredientTable table() {
            return grammar.names().table();
        }
    }

    /** The same habits and foods always give the very same language, so that what was read in it can be told by it. */
    public Language language(UUID kitchen) {
        return remembered.of(
                kitchen,
                Language.class,
                () -> languages.get(
                        new Words(habits(kitchen), own(kitchen)), words -> learn(words.habits(), words.own())));
    }

    private static Language learn(Habits habits, List<OwnFood> foods) {
        LineGrammar shipped = forMixes(habits);
        List<Ingredient> own = new ArrayList<>();
        for (OwnFood food : foods) {
            own.add(food.ingredient(IngredientTable.shipped().find(food.key()), shipped));
        }
        return new Language(LineGrammar.shipped().with(own, habits), habits, List.copyOf(own));
    }

    /** Mixes are read without the kitchen's own names, so that one given later can't make a food that was kept unreadable. */
    private static LineGrammar forMixes(Habits habits) {
        return LineGrammar.shipped().with(List.of(), new Habits(habits.measures(), habits.amounts(), Map.of()));
    }

    private Habits habits(UUID kitchen) {
        Map<String, String> names = new HashMap<>();
        mapper.names(kitchen).forEach(row -> names.put(row.words(), row.foodKey()));
        Measures cups = accounts.get(kitchen).measures();
        return new Habits(cups, measures.amounts(kitchen), names);
    }

    /** The kitchen's own foods as they are kept. */
    public List<OwnFood> own(UUID kitchen) {
        return mapper.foods(kitchen).stream()
                .map(body -> json.readValue(body, OwnFood.class))
                .toList();
    }

    public Optional<OwnFood> own(UUID kitchen, String key) {
        return own(kitchen).stream().filter(food -> food.key().equals(key)).findFirst();
    }

    /**
     * Keeps a food.
     *
     * @throws IllegalArgumentException if its figures can't be, with what is wrong
     */
    public void keep(UUID kitchen, OwnFood food) {
        food.ingredient(IngredientTable.shipped().find(food.key()), forMixes(habits(kitchen)));
        mapper.keep(kitchen, food.key(), json.writeValueAsString(food), clock.instant());
    }

    public void remove(UUID kitchen, String key) {
        mapper.remove(kitchen, key);
    }

    public void rememberName(UUID kitchen, String words, String food) {
        mapper.name(kitchen, words, food);
    }
}
