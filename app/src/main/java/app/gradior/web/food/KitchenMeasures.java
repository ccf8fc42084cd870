package app.gradior.web.food;

import app.gradior.food.Ingredient;
import app.gradior.learning.HouseholdMeasure;
import app.gradior.learning.HouseholdMeasure.Manner;
import app.gradior.measure.Habits.VagueUse;
import app.gradior.measure.LineGrammar;
import app.gradior.quantity.Mass;
import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a kitchen means by measures that books give only about: as it said, and as it weighed. */
@Component
public class KitchenMeasures {
    private final FoodMapper mapper;
    private final Clock clock;

    KitchenMeasures(FoodMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * A measure of a food.
     *
     * @param said what this kitchen said it is; empty if it did not
     * @param learnt what it is by what was weighed of it; empty if nothing was, or all of that is left out
     * @param weighed what was weighed of it, the first before the others
     */
    public record Known(
            String measure,
            String food,
            Optional<Mass> said,
            Optional<HouseholdMeasure> learnt,
            List<Weighed> weighed) {
        /** What one of it is here. */
        public Optional<Mass> one() {
            return learnt.map(known -> Mass.ofGrams(known.usual())).or(() -> said);
        }

        /** How many weighings count. */
        public long counting() {
            return weighed.stream().filter(w -> !w.excluded()).count();
        }
    }

    /** So much was weighed of so many at once. */
    public record Weighed(UUID id, Mass mass, double count, Instant at, boolean excluded) {}

    /** What a kitchen said or weighed, each measure of each food once. */
    public List<Known> of(UUID kitchen) {
        Map<VagueUse, Mass> said = new LinkedHashMap<>();
        mapper.amounts(kitchen)
                .forEach(row -> said.put(new VagueUse(row.measure(), row.foodKey()), Mass.ofGrams(row.grams())));
        Map<VagueUse, List<FoodMapper.WeighingRow>> weighed = new LinkedHashMap<>();
        for (FoodMapper.WeighingRow row : mapper.weighings(kitchen)) {
            weighed.computeIfAbsent(new VagueUse(row.measure(), row.foodKey()), use -> new ArrayList<>())
                    .add(row);
        }
        Map<VagueUse, Known> known = new LinkedHashMap<>();
        said.forEach((use, mass) ->
                known.put(use, new Known(use.measure(), use.food(), Optional.of(mass), Optional.empty(), List.of())));
        weighed.forEach((use, rows) -> known.put(use, known(use, Optional.ofNullable(said.get(use)), rows)));
        return List.copyOf(known.values());
    }

    private static Known known(VagueUse use, Optional<Mass> said, List<FoodMapper.WeighingRow> rows) {
        FoodMapper.WeighingRow last = rows.get(rows.size() - 1);
        List<HouseholdMeasure.Weighing> counting = rows.stream()
                .filter(row -> row.excludedAt() == null)
                .map(row -> new HouseholdMeasure.Weighing(row.grams(), row.count()))
                .toList();
        // What the kitchen said stands in the book's place: weighing moves it from there.
        double book = said.map(Mass::grams).orElse(last.bookG());
        return new Known(
                use.measure(),
                use.food(),
                said,
                counting.isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                HouseholdMeasure.of(book, last.grown() ? Manner.GROWN : Manner.BY_HAND, counting)),
                rows.stream()
                        .map(row -> new Weighed(
                                row.id(), Mass.ofGrams(row.grams()), row.count(), row.at(), row.excludedAt() != null))
                        .toList());
    }

    /** What lines are read with. */
    Map<VagueUse, Mass> amounts(UUID kitchen) {
        Map<VagueUse, Mass> amounts = new HashMap<>();
        for (Known known : of(kitchen)) {
            known.one().ifPresent(one -> amounts.put(new VagueUse(known.measure(), known.food()), one));
        }
        return amounts;
    }

    public void say(UUID kitchen, String measure, String food, Mass mass) {
        mapper.remember(kitchen, measure, food, mass.grams());
    }

    /**
     * Keeps what was weighed of a measure.
     *
     * @param mass of all of them, over 0
     * @param taken what they were taken to weigh, over 0: by that it is known how many they are
     * @return false if books know no such measure of the food
     */
    boolean weighed(UUID kitchen, String measure, Ingredient food, Mass mass, Mass taken) {
        Optional<LineGrammar.BookMeasure> book = LineGrammar.book(measure, food);
        book.ifPresent(b -> {
            Mass one = Optional.ofNullable(amounts(kitchen).get(new VagueUse(measure, food.key())))
                    .orElse(b.mass());
            mapper.weighed(
                    kitchen,
                    new FoodMapper.WeighingRow(
                            UUID.randomUUID(),
                            measure,
                            food.key(),
                            b.mass().grams(),
                            b.grown(),
                            mass.grams(),
                            taken.grams() / one.grams(),
                            clock.instant(),
                            null));
        });
        return book.isPresent();
    }

    /** @throws NotFound if the kitchen has no such weighing */
    void leaveOut(UUID kitchen, UUID id, boolean out) {
        if (mapper.exclude(kitchen, id, out ? clock.instant() : null) == 0) {
            throw new NotFound("weighing");
        }
    }

    /** Back to the book. */
    @Transactional
    public void forget(UUID kitchen, String measure, String food) {
        mapper.forgetWeighings(kitchen, measure, food);
        mapper.forgetAmount(kitchen, measure, food);
    }
}
