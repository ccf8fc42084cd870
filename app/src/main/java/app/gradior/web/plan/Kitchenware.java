package app.gradior.web.plan;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Conditions;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.web.NotFound;
import app.gradior.web.account.AccountMapper;
import app.gradior.web.pot.KitchenPot;
import app.gradior.web.pot.KitchenRing;
import app.gradior.web.pot.RingMapper;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.validation.Errors;

/** Puts a kitchen's room and rings together with a pot and what was chosen for it. */
@Component
public class Kitchenware {
    private static final Share USUAL_HUMIDITY = Share.of(0.5);

    private final AccountMapper accounts;
    private final RingMapper rings;

    Kitchenware(AccountMapper accounts, RingMapper rings) {
        this.accounts = accounts;
        this.rings = rings;
    }

    /** The air of a kitchen, as its preferences have it. */
    public Room room(UUID kitchen) {
        AccountMapper.KitchenRow row = accounts.kitchen(kitchen).orElseThrow(() -> new NotFound("kitchen"));
        return new Room(Celsius.of(row.roomC()), USUAL_HUMIDITY, Altitude.ofMetres(row.altitudeM()), row.hood());
    }

    public Conditions conditions(UUID kitchen, KitchenPot pot, PlanForm form) {
        Ring ring = ring(kitchen, form.ring(), pot).map(KitchenRing::ring).orElse(Ring.USUAL);
        return new Conditions(pot.pot(), ring, form.activity(), PlanForm.lid(form.lid()), room(kitchen));
    }

    /** The ring chosen, or the one whose size is nearest to the pot's base. */
    public Optional<KitchenRing> ring(UUID kitchen, UUID chosen, KitchenPot pot) {
        List<KitchenRing> all = rings.all(kitchen);
        return all.stream()
                .filter(r -> r.id().equals(chosen))
                .findFirst()
                .or(() -> all.stream()
                        .min((a, b) -> Double.compare(
                                Math.abs(a.sizeMm() - pot.baseMm()), Math.abs(b.sizeMm() - pot.baseMm()))));
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
