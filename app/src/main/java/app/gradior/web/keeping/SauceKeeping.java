package app.gradior.web.keeping;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.keeping.Contents;
import app.gradior.keeping.Keeping;
import app.gradior.quantity.Celsius;
import app.gradior.sauce.Operation;
import app.gradior.sauce.StagedSauce;
import app.gradior.sauce.WrittenSauce.Outcome;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.food.Foods;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceColour;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long a kitchen's sauces keep, by what their lines say went in and what was done to it. */
@Component
public class SauceKeeping {
    private static final Celsius HEATED_THROUGH = Celsius.of(72);

    private final SauceReader reader;
    private final Foods foods;
    private final SauceService sauces;

    SauceKeeping(SauceReader reader, Foods foods, SauceService sauces) {
        this.reader = reader;
        this.foods = foods;
        this.sauces = sauces;
    }

    /** Of a sauce as its text makes it. */
    public Keeping of(UUID kitchen, Sauce sauce) {
        return of(kitchen, sauce, Optional.empty());
    }

    /**
     * Of a batch as it came off the heat.
     *
     * @throws NotFound if the version that it was made of is not there any more
     */
    Keeping ofBatch(UUID kitchen, BatchService.StoredCook batch) {
        Cook cook = batch.cook();
        CookEvent.Finished finished = cook.finished().orElseThrow();
        return of(
                kitchen,
                version(kitchen, batch.row()),
                Optional.of(cook.sauceAt(finished.at()).mixture()));
    }

    /** Of a sauce that is on the heat, as it is in the pot now. */
    public Keeping onTheHeat(UUID kitchen, Sauce sauce, Mixture now) {
        return of(kitchen, sauce, Optional.of(now));
    }

    /** About what a batch looks like, as #rrggbb. */
    String colour(UUID kitchen, CookRow batch) {
        return SauceColour.of(reader.read(kitchen, version(kitchen, batch)));
    }

    private Sauce version(UUID kitchen, CookRow batch) {
        return sauces.version(kitchen, batch.sauceId(), batch.sauceVersion())
                .orElseThrow(() -> new NotFound("version"));
    }

    private Keeping of(UUID kitchen, Sauce sauce, Optional<Mixture> cooked) {
        ReadSauce read = reader.read(kitchen, sauce);
        List<Outcome> outcomes = read.made().outcomes();
        Mixture end = cooked.orElseGet(() -> outcomes.get(outcomes.size() - 1).after());
        int heatedUntil = cooked.isPresent() ? read.planStage() : -1;
        for (int i = 0; i < outcomes.size(); i++) {
            if (outcomes.get(i).results().stream().anyMatch(SauceKeeping::heats)) {
                heatedUntil = Math.max(heatedUntil, i);
            }
        }
        List<Contents.Portion> portions = new ArrayList<>();
        Set<String> own = new HashSet<>();
        foods.language(kitchen).own().stream().map(Ingredient::key).forEach(own::add);
        boolean unstated = read.unclear() > 0;
        for (int i = 0; i < outcomes.size(); i++) {
            // What is stirred in off the heat is heated only by what comes after.
            boolean offTheHeat =
                    outcomes.get(i).results().stream().anyMatch(r -> r.operation() instanceof Operation.FinishOffHeat);
            boolean heated = offTheHeat ? i < heatedUntil : i <= heatedUntil;
            for (var food : outcomes.get(i).stage().foods()) {
                portions.add(new Contents.Portion(food.ingredient(), food.mass(), heated));
                unstated |= own.contains(food.ingredient().key())
                        && food.ingredient().allergens().isEmpty();
            }
        }
        return Keeping.of(new Contents(end, portions), unstated);
    }

    private static boolean heats(StagedSauce.Result result) {
        Operation operation = result.operation();
        boolean hot = operation instanceof Operation.Reduce
                || operation instanceof Operation.SimmerFor
                || operation instanceof Operation.Fry
                || operation instanceof Operation.Sweat
                || operation instanceof Operation.PourSlurry
                || operation instanceof Operation.Thicken
                || operation instanceof Operation.Season;
        return hot && result.temperature().compareTo(HEATED_THROUGH) >= 0;
    }
}
