package app.gradior.web.pots;

import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;
import app.gradior.web.equipment.KitchenPot;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.validation.Errors;

/** A pot as measured with a ruler and a scale; centimetres, litres and grams. */
record PotForm(
        @NotBlank(message = "Give the pot a name, such as 24 cm casserole.")
        @Size(max = 80, message = "Use up to 80 letters.")
        String name,

        @NotNull(message = "Measure the inner width of the base, in cm.")
        @DecimalMin(value = "4", message = "A base of under 4 cm: is it in centimetres?")
        @DecimalMax(value = "100", message = "A base of over 100 cm: is it in centimetres?")
        Double baseCm,

        @DecimalMin(value = "4", message = "A rim of under 4 cm: is it in centimetres?")
        @DecimalMax(value = "100", message = "A rim of over 100 cm: is it in centimetres?")
        Double rimCm,

        @DecimalMin(value = "1", message = "A wall of under 1 cm: is it in centimetres?")
        @DecimalMax(value = "100", message = "A wall of over 100 cm: is it in centimetres?")
        Double wallCm,

        @DecimalMin(value = "0.05", message = "Under 50 ml: is it in litres?")
        @DecimalMax(value = "200", message = "Over 200 l: is it in litres?")
        Double litres,

        @NotNull(message = "Choose what the inside is made of.")
        Material material,

        @NotNull(message = "Weigh the pot empty, without its lid, in g.")
        @DecimalMin(value = "20", message = "A pot of under 20 g: is it in grams?")
        @DecimalMax(value = "30000", message = "A pot of over 30 kg: is it in grams?")
        Double tareG,

        Boolean lid,
        Boolean measured) {

    static PotForm of(KitchenPot pot) {
        return new PotForm(
                pot.name(),
                pot.baseMm() / 10,
                pot.rimMm() / 10,
                pot.wallMm() / 10,
                null,
                pot.material(),
                pot.tareG(),
                pot.lid(),
                pot.measured());
    }

    /** The pot meant, or null with what is wrong said beside its field. */
    KitchenPot pot(UUID id, Errors errors) {
        if (wallCm == null && litres == null) {
            errors.rejectValue("wallCm", "missing", "Measure the height of the wall inside, or say what it holds.");
        }
        if (errors.hasErrors()) {
            return null;
        }
        double rim = rimCm == null ? baseCm : rimCm;
        double wallMm = wallCm == null ? 0 : wallCm * 10;
        if (wallCm == null) {
            try {
                wallMm = Pot.ofCapacity(
                                Volume.ofLitres(litres),
                                Length.ofCentimetres(baseCm),
                                Length.ofCentimetres(rim),
                                material,
                                Mass.ofGrams(tareG))
                        .wall()
                        .millimetres();
            } catch (IllegalArgumentException e) {
                errors.rejectValue("litres", "shape", "A pot this wide can't hold that much: check both numbers.");
                return null;
            }
        }
        return new KitchenPot(
                id,
                name.strip(),
                baseCm * 10,
                rim * 10,
                wallMm,
                material,
                tareG,
                Boolean.TRUE.equals(lid),
                Boolean.TRUE.equals(measured));
    }
}
