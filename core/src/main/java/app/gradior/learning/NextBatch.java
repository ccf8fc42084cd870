package app.gradior.learning;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.plan.Knowledge;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Mass;

/**
 * What to do otherwise with the next batch of a sauce, against the last.
 *
 * @param minutesLonger by how much longer it is reduced; under 0 shorter
 * @param saltMore by how much more salt it wants, in g; under 0 less
 */
public record NextBatch(double minutesLonger, double saltMore) {
    /** By so much of its salt a sauce has to change for a tongue to notice; an estimate. */
    private static final double NOTICED = 0.15;

    /**
     * @param stop the sauce where it is to stop
     * @param last what was left of the last batch, of the same lines
     * @param knowledge of this pot and this sauce
     * @param salt what was said of the last batches' salt: over 0 too much, under 0 too little, 0 nothing
     */
    public static NextBatch of(Mixture stop, Mass last, Evaporation evaporation, Knowledge knowledge, int salt) {
        double gramsAMinute = knowledge.k()
                * evaporation.pace(stop, knowledge.thickness()).loss().gramsPerMinute();
        double minutes = gramsAMinute > 0 ? (last.grams() - stop.mass().grams()) / gramsAMinute : 0;
        // Reduced further, the same salt is in less of it: what made the last one right is kept a share of the sauce.
        double salted = stop.mass().grams() / last.grams() * (1 - NOTICED * Integer.signum(salt));
        return new NextBatch(minutes, stop.mass(Component.SALT).grams() * (salted - 1));
    }
}
