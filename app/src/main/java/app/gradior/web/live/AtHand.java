package app.gradior.web.live;

import app.gradior.web.equipment.Pots;
import app.gradior.web.food.Foods;
import app.gradior.web.learning.Eyes;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a kitchen knows, gathered for the events of a cook. */
@Component
class AtHand {
    private final Foods foods;
    private final Pots pots;
    private final Eyes eyes;

    AtHand(Foods foods, Pots pots, Eyes eyes) {
        this.foods = foods;
        this.pots = pots;
        this.eyes = eyes;
    }

    EventReader.Kitchen of(UUID kitchen) {
        return EventReader.Kitchen.of(
                foods.language(kitchen).grammar(), pots.all(kitchen), () -> eyes.weighing(kitchen));
    }
}
