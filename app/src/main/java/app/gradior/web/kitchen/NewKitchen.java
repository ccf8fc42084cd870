package app.gradior.web.kitchen;

import app.gradior.pot.Ring;
import app.gradior.pot.TypicalPot;
import app.gradior.web.text.UnitPreference;
import java.time.ZoneId;
import java.util.Set;

/**
 * What a kitchen is to be like when it is new.
 *
 * @param altitudeM its height above the sea, m
 * @param stove how its rings heat
 * @param pots those of the usual pots that are there
 */
public record NewKitchen(
        String name, ZoneId zone, UnitPreference.Units units, int altitudeM, Ring.Kind stove, Set<TypicalPot> pots) {
    public NewKitchen {
        pots = Set.copyOf(pots);
    }

    NewKitchen with(UnitPreference.Units other) {
        return new NewKitchen(name, zone, other, altitudeM, stove, pots);
    }

    /** By the coast, in grams, on electric rings, without pots. */
    public static NewKitchen called(String name, ZoneId zone) {
        return new NewKitchen(name, zone, UnitPreference.Units.METRIC, 0, Ring.Kind.CERAMIC, Set.of());
    }
}
