package app.gradior.web.quick;

import app.gradior.measure.LineGrammar;
import app.gradior.plan.Route;
import app.gradior.pot.Room;
import app.gradior.web.food.Foods;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.live.CookStarts;
import app.gradior.web.planning.Kitchenware;
import app.gradior.web.planning.PlanField;
import app.gradior.web.planning.PlanForm;
import app.gradior.web.planning.Planning;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a quick question needs of a kitchen, and what becomes of it when it is put on. */
@Component
class Quick {
    private final Foods foods;
    private final Kitchenware kitchenware;
    private final SauceService sauces;
    private final Planning planning;
    private final CookStarts starts;

    Quick(Foods foods, Kitchenware kitchenware, SauceService sauces, Planning planning, CookStarts starts) {
        this.foods = foods;
        this.kitchenware = kitchenware;
        this.sauces = sauces;
        this.planning = planning;
        this.starts = starts;
    }

    /** The reader of lines of who asks. */
    LineGrammar grammar(KitchenUser user) {
        if (user != null) {
            return foods.language(user.kitchenId()).grammar();
        }
        return LineGrammar.shipped();
    }

    /** The air that they cook in. */
    Room room(KitchenUser user) {
        return user == null ? Room.USUAL : kitchenware.room(user.kitchenId());
    }

    /** Keeps what was asked as a sauce; sent twice, it is one. */
    UUID sauce(UUID kitchen, UUID sent, QuickQuestion.Contents contents) {
        Sauce draft = draft(sent, contents);
        sauces.addOnce(kitchen, draft);
        return draft.id();
    }

    private Sauce draft(UUID sent, QuickQuestion.Contents contents) {
        String called = contents.called();
        String name = called.substring(0, 1).toUpperCase(Locale.ROOT) + called.substring(1);
        return sauces.draft(sent, name, String.join("\n", contents.lines()));
    }

    /**
     * Puts it on, as a sauce of its lines; sent twice, it is put on once.
     *
     * @return the cook; empty if it can't be cooked so, and then nothing is kept
     */
    Optional<UUID> putOn(UUID kitchen, UUID cook, QuickForm form, QuickQuestion.Contents contents, Route.Kind route) {
        PlanForm choices = PlanForm.EMPTY
                .with(PlanField.POT, PlanForm.ANOTHER_SIZE)
                .with(PlanField.WIDTH, form.pan())
                .with(PlanField.ACTIVITY, form.activity().name())
                .with(PlanField.LID, form.lid())
                .with(PlanField.USE, form.byGrade() ? "GRADE" : form.wanted().name())
                .with(PlanField.GRADE, form.grade())
                .with(PlanField.SERVED, form.served())
                .with(PlanField.ROUTE, route.key());
        Planning.PlanAttempt planned = planning.plan(kitchen, draft(cook, contents), choices);
        if (planned.possible().filter(p -> p.chosen().outcome().isPresent()).isEmpty()) {
            return Optional.empty();
        }
        sauces.addOnce(kitchen, planned.sauce());
        UUID plan = UUID.nameUUIDFromBytes((cook + " plan").getBytes(StandardCharsets.US_ASCII));
        return Optional.of(starts.start(kitchen, cook, plan, planned));
    }
}
