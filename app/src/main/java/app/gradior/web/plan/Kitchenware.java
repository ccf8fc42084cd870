package app.gradior.web.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Conditions;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Volume;
import app.gradior.web.NotFound;
import app.gradior.web.account.AccountMapper;
import app.gradior.web.pot.KitchenPot;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.validation.Errors;

/** Puts a kitchen's room and rings together with a pot and what was chosen for it. */
@Component
public class Kitchenware {
    private final AccountMapper accounts;

    Kitchenware(AccountMapper accounts) {
        this.accounts = accounts;
    }

    public Conditions conditions(UUID kitchen, KitchenPot pot, PlanForm form) {
        int altitude = accounts.kitchen(kitchen)
                .orElseThrow(() -> new NotFound("kitchen"))
                .altitudeM();
        Room room = Room.USUAL.at(Altitude.ofMetres(altitude));
        return new Conditions(pot.pot(), Ring.USUAL, form.activity(), PlanForm.lid(form.lid()), room);
    }

    /** Says beside the pot that it does not hold the sauce, if it does not even do so before it boils. */
    public static void refuseTooSmall(Mixture sauce, Conditions conditions, Errors errors) {
        Volume hot = ChoiOkos.volume(sauce, Celsius.of(95));
        if (conditions.pot().overflowsWith(hot)) {
            errors.rejectValue(
                    "pot",
                    "small",
                    "This pot holds " + Math.round(conditions.pot().capacity().millilitres()) + " ml and the sauce is "
                            + Math.round(hot.millilitres()) + " ml: take a larger one.");
        }
    }
}
