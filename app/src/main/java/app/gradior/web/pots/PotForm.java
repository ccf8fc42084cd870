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
        @NotBlank(message = PotText.NAME) @Size(max = 80, message = PotText.NAME_TOO_LONG)
        String name,

        @NotNull(message = PotText.BASE)
        @DecimalMin(value = "4", message = PotText.BASE_TOO_SMALL)
        @DecimalMax(value = "100", message = PotText.BASE_TOO_WIDE)
        Double baseCm,

        @DecimalMin(value = "4", message = PotText.RIM_TOO_SMALL)
        @DecimalMax(value = "100", message = PotText.RIM_TOO_WIDE)
        Double rimCm,

        @DecimalMin(value = "1", message = PotText.WALL_TOO_LOW)
        @DecimalMax(value = "100", message = PotText.WALL_TOO_HIGH)
        Double wallCm,

        @DecimalMin(value = "0.05", message = PotText.HOLDS_TOO_LITTLE)
        @DecimalMax(value = "200", message = PotText.HOLDS_TOO_MUCH)
        Double litres,

        @NotNull(message = PotText.MATERIAL) Material material,

        @NotNull(message = PotText.TARE)
        @DecimalMin(value = "20", message = PotText.TARE_TOO_LIGHT)
        @DecimalMax(value = "30000", message = PotText.TARE_TOO_HEAVY)
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
            errors.rejectValue("wallCm", "missing", PotText.WALL);
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
                errors.rejectValue("litres", "shape", PotText.CANT_HOLD_THAT);
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
