package app.gradior.recipe;

import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;

/** The pot that a recipe is read for while nobody has said in which it will be cooked. */
public final class UsualPot {
    /** A steel pan of 24 cm with straight walls of 12 cm, on a usual ring at a simmer, open. */
    public static final Conditions CONDITIONS = new Conditions(
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(1500)),
            Ring.USUAL,
            Activity.SIMMER,
            Lid.OFF,
            Room.USUAL);

    private UsualPot() {}
}
