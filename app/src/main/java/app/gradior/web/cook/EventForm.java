package app.gradior.web.cook;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.measure.TypedMass;
import app.gradior.pot.Activity;
import app.gradior.quantity.Mass;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.plan.PlanForm;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * An event as the cook page sends it.
 *
 * @param event its id, made by the page
 * @param kind weighed, heat, lid, simmers, undone, confirmed, finished
 * @param value a number as typed, in grams
 * @param pot whether the pot is in the weight
 * @param choice the activity, lid, spoon look or other event chosen
 */
record EventForm(UUID event, String kind, String value, Boolean pot, String choice) {
    EventForm {
        // A box that is not ticked is not sent.
        pot = pot != null && pot;
    }

    CookEvent event(Cook cook, Instant now) {
        UUID id = event == null ? UUID.randomUUID() : event;
        return switch (kind == null ? "" : kind) {
            case "weighed" -> weighed(cook, id, now);
            case "heat" -> new CookEvent.HeatChanged(id, now, chosen(Activity.class));
            case "lid" -> new CookEvent.LidChanged(id, now, PlanForm.lid(choice));
            case "simmers" -> new CookEvent.Simmers(id, now);
            case "undone" -> new CookEvent.Undone(id, now, reference());
            case "confirmed" -> new CookEvent.Confirmed(id, now, reference());
            case "finished" ->
                new CookEvent.Finished(
                        id,
                        now,
                        Optional.of(pot ? weighed(cook, id, now).net() : sauce()),
                        choice == null || choice.isEmpty() ? Optional.empty() : Optional.of(chosen(SpoonCoat.class)));
            default -> throw new CookBook.Refused("That is nothing this page knows: reload it and try again.");
        };
    }

    private CookEvent.Weighed weighed(Cook cook, UUID id, Instant now) {
        Mass read = sauce();
        Mass tare = cook.conditions().pot().tare();
        if (!pot) {
            return new CookEvent.Weighed(id, now, read.plus(tare), tare);
        }
        if (read.compareTo(tare) < 0) {
            throw new CookBook.Refused("The empty pot alone weighs " + Math.round(tare.grams())
                    + " g: if the pot was not on the scale, untick that it was.");
        }
        return new CookEvent.Weighed(id, now, read, tare);
    }

    private Mass sauce() {
        double grams = TypedMass.grams(value)
                .orElseThrow(() -> new CookBook.Refused(
                        "Give the weight in grams as a plain number, such as 702, or with its unit, such as 24.8 oz."));
        if (!(grams > 0) || grams > 300_000) {
            throw new CookBook.Refused("Give a weight of more than nought and at most 300 000 g.");
        }
        return Mass.ofGrams(grams);
    }

    private <E extends Enum<E>> E chosen(Class<E> type) {
        try {
            return Enum.valueOf(type, choice == null ? "" : choice);
        } catch (IllegalArgumentException e) {
            throw new CookBook.Refused("Choose one of those shown.");
        }
    }

    private UUID reference() {
        try {
            return UUID.fromString(choice == null ? "" : choice);
        } catch (IllegalArgumentException e) {
            throw new CookBook.Refused("That entry is not part of this cook any more.");
        }
    }
}
