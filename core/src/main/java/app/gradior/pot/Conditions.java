package app.gradior.pot;

/** How a sauce is being cooked: in what, on what, how hard, how covered, where. */
public record Conditions(Pot pot, Ring ring, Activity activity, Lid lid, Room room) {
    public Conditions with(Activity other) {
        return new Conditions(pot, ring, other, lid, room);
    }

    public Conditions with(Lid other) {
        return new Conditions(pot, ring, activity, other, room);
    }

    public Conditions with(Pot other) {
        return new Conditions(other, ring, activity, lid, room);
    }

    public Conditions with(Room other) {
        return new Conditions(pot, ring, activity, lid, other);
    }
}
