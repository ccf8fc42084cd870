package app.gradior.web.planning;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Conditions;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.KitchenRing;
import app.gradior.web.equipment.Rings;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitFormat;
import app.gradior.web.text.UnitPreference;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Puts a kitchen's room and rings together with a pot and what was chosen for it. */
@Component
public class Kitchenware {
    private static final double[] USUAL_WIDTHS_CM = {24, 28, 32, 40, 60};
    private static final Share USUAL_HUMIDITY = Share.of(0.5);

    private final AccountMapper accounts;
    private final Rings rings;

    Kitchenware(AccountMapper accounts, Rings rings) {
        this.accounts = accounts;
        this.rings = rings;
    }

    /** The air of a kitchen, as its preferences have it. */
    public Room room(UUID kitchen) {
        AccountMapper.KitchenRow row = accounts.get(kitchen);
        return new Room(Celsius.of(row.roomC()), USUAL_HUMIDITY, Altitude.ofMetres(row.altitudeM()), row.hood());
    }

    /** How a kitchen reads what is measured. */
    UnitPreference preference(UUID kitchen) {
        return accounts.get(kitchen).preference();
    }

    /** The air of a kitchen, as what was chosen on the page would have it. */
    static Room room(Room kitchens, PlanChoices choices) {
        Room hooded = choices.hood().map(kitchens::withHood).orElse(kitchens);
        return choices.altitude().map(hooded::at).orElse(hooded);
    }

    static Conditions conditions(Pot pot, Optional<KitchenRing> ring, PlanChoices choices, Room room) {
        return new Conditions(
                pot, ring.map(KitchenRing::ring).orElse(Ring.USUAL), choices.activity(), choices.lid(), room);
    }

    /** The ring chosen, or the one whose size is nearest to the pot's base. */
    public Optional<KitchenRing> ring(UUID kitchen, Optional<UUID> chosen, KitchenPot pot) {
        return ring(rings.all(kitchen), chosen, pot);
    }

    static Optional<KitchenRing> ring(List<KitchenRing> all, Optional<UUID> chosen, KitchenPot pot) {
        return all.stream()
                .filter(r -> chosen.filter(r.id()::equals).isPresent())
                .findFirst()
                .or(() -> all.stream()
                        .min((a, b) -> Double.compare(
                                Math.abs(a.sizeMm() - pot.baseMm()), Math.abs(b.sizeMm() - pot.baseMm()))));
    }

    /** How wide a pan to take for a sauce where nothing is known of the pots: with room for a boil-up. */
    static Length widthFor(Mixture sauce) {
        return sauce.isEmpty()
                ? Length.ofCentimetres(USUAL_WIDTHS_CM[0])
                : Arrays.stream(USUAL_WIDTHS_CM)
                        .mapToObj(Length::ofCentimetres)
                        .filter(w -> Pot.ofWidth(w).holds(hot(sauce)))
                        .findFirst()
                        .orElse(Length.ofCentimetres(USUAL_WIDTHS_CM[USUAL_WIDTHS_CM.length - 1]));
    }

    /** Whether a pot holds a sauce before it boils. */
    static boolean holds(Pot pot, Mixture sauce) {
        return !pot.overflowsWith(hot(sauce));
    }

    /** Says beside the pot that it does not hold the sauce, if it does not even do so before it boils. */
    static void refuseTooSmall(Mixture sauce, Pot pot, UnitFormat say, FieldErrors problems) {
        if (!holds(pot, sauce)) {
            problems.say("pot", PlanningText.potTooSmall(say.millilitres(pot.capacity()), say.millilitres(hot(sauce))));
        }
    }

    private static Volume hot(Mixture sauce) {
        return ChoiOkos.volume(sauce, Celsius.of(95));
    }
}
