package app.gradior.web.keeping;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.food.Ingredient;
import app.gradior.food.Mixture;
import app.gradior.keeping.Contents;
import app.gradior.keeping.Keeping;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.food.Foods;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceColour;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long a kitchen's sauces keep, by what their lines say went in and what was done to it. */
@Component
public class SauceKeeping {
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
        Contents contents = Contents.of(
                read.made(), cooked.orElseGet(() -> read.made().end()), cooked.isPresent() ? read.planStage() : -1);
        Set<String> own = new HashSet<>();
        foods.language(kitchen).own().stream().map(Ingredient::key).forEach(own::add);
        boolean unstated = read.unclear() > 0
                || contents.foods().stream()
                        .map(Contents.Portion::food)
                        .anyMatch(food ->
                                own.contains(food.key()) && food.allergens().isEmpty());
        return Keeping.of(contents, unstated);
    }
}
