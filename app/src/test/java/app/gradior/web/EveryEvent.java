package app.gradior.web;

import app.gradior.cook.CookEvent;
import app.gradior.food.IngredientTable;
import app.gradior.food.StarchKind;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.SpoonCoat;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** One event of every kind that can follow a start, the same ones each time for a moment. */
public final class EveryEvent {
    private EveryEvent() {}

    public static List<CookEvent> at(Instant at) {
        return List.of(
                new CookEvent.Simmers(id(1), at),
                new CookEvent.HeatChanged(id(2), at, Activity.BARE_SIMMER),
                new CookEvent.LidChanged(id(3), at, Lid.AJAR),
                new CookEvent.Added(
                        id(4), at, IngredientTable.shipped().get("corn-starch").of(Mass.ofGrams(5))),
                new CookEvent.Blended(id(5), at),
                new CookEvent.Strained(id(6), at, Share.of(0.4), Share.of(0.05)),
                new CookEvent.Weighed(id(7), at, Mass.ofGrams(2800), Mass.ofGrams(2000)),
                new CookEvent.Dipped(id(8), at, Length.ofMillimetres(18)),
                new CookEvent.Jugged(id(9), at, Volume.ofMillilitres(700)),
                new CookEvent.SpoonLooked(id(10), at, SpoonCoat.THIN_VEIL, Optional.of(Celsius.of(80))),
                new CookEvent.PlateSpreadRead(id(11), at, Length.ofCentimetres(9), Celsius.of(30)),
                new CookEvent.TemperatureRead(id(12), at, Celsius.of(101)),
                new CookEvent.HeatSwitched(id(13), at, false),
                new CookEvent.Confirmed(id(14), at, id(7)),
                new CookEvent.SlurryPoured(id(15), at, StarchKind.ARROWROOT, Mass.ofGrams(3), Mass.ofGrams(6)),
                new CookEvent.PotChanged(
                        id(16),
                        at,
                        Pot.straight(
                                Length.ofCentimetres(28), Length.ofCentimetres(7), Material.STEEL, Mass.ofGrams(1500))),
                new CookEvent.Stirred(id(17), at),
                new CookEvent.Ticked(id(18), at, "slurry", true),
                new CookEvent.TimerStarted(id(19), at, "taste it", Duration.ofMinutes(5)),
                new CookEvent.TimerStopped(id(20), at, id(19)),
                new CookEvent.Tasted(id(21), at, CookEvent.Flavour.SHARP, -1),
                new CookEvent.Jarred(
                        id(22), at, Volume.ofMillilitres(250), 2, Length.ofMillimetres(15), Volume.ofMillilitres(40)),
                new CookEvent.Added(
                        id(23), at, IngredientTable.shipped().get("honey").of(Mass.ofGrams(5)), "1 tsp honey"),
                new CookEvent.Wanted(id(24), at, at.plus(Duration.ofMinutes(45))));
    }

    private static UUID id(int n) {
        return new UUID(0x0000000000004000L, 0x8000000000000000L + n);
    }
}
