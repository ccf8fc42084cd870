package app.gradior.cook;

/**
 * How far the water, ln k and ln of the thickness factor may be off, and how far together: a symmetric matrix of three, with the
 * steps of a Kalman filter whose readings are single numbers.
 */
record Covariance(double ww, double wk, double wt, double kk, double kt, double tt) {
    /** A direction in the same three. */
    record Gradient(double water, double lnK, double lnThickness) {}

    /** Of three that are independent, by their standard deviations. */
    static Covariance ofSds(double water, double lnK, double lnThickness) {
        return new Covariance(water * water, 0, 0, lnK * lnK, 0, lnThickness * lnThickness);
    }

    double waterSd() {
        return Math.sqrt(Math.max(0, ww));
    }

    double lnKSd() {
        return Math.sqrt(Math.max(0, kk));
    }

    double lnThicknessSd() {
        return Math.sqrt(Math.max(0, tt));
    }

    /** The same with more doubt in each, by its standard deviation. */
    Covariance plusSds(double water, double lnK, double lnThickness) {
        return new Covariance(ww + water * water, wk, wt, kk + lnK * lnK, kt, tt + lnThickness * lnThickness);
    }

    /** The same with another doubt about the water, which tells nothing of the others. */
    Covariance withWaterSd(double water) {
        return new Covariance(water * water, 0, 0, kk, kt, tt);
    }

    Covariance times(double factor) {
        return new Covariance(ww * factor, wk * factor, wt * factor, kk * factor, kt * factor, tt * factor);
    }

    /** P·g. */
    private Gradient times(Gradient g) {
        return new Gradient(
                ww * g.water + wk * g.lnK + wt * g.lnThickness,
                wk * g.water + kk * g.lnK + kt * g.lnThickness,
                wt * g.water + kt * g.lnK + tt * g.lnThickness);
    }

    /** Variance of a quantity with these derivatives: gᵀ·P·g. */
    double variance(Gradient g) {
        Gradient along = times(g);
        return g.water * along.water + g.lnK * along.lnK + g.lnThickness * along.lnThickness;
    }

    /**
     * F·P·Fᵀ + Q, where only the water moves, as its derivatives say, and ln k walks.
     *
     * @param water ∂W/∂W₀, ∂W/∂ln k and ∂W/∂ln θ
     * @param walk variance that ln k gains
     */
    Covariance carriedOn(Gradient water, double walk) {
        Gradient along = times(water);
        return new Covariance(variance(water), along.lnK, along.lnThickness, kk + walk, kt, tt);
    }

    /** P·h/s: how much each is to be corrected by for each unit that a reading is off. */
    Gradient gain(Gradient h, double innovationVariance) {
        Gradient along = times(h);
        return new Gradient(
                along.water / innovationVariance,
                along.lnK / innovationVariance,
                along.lnThickness / innovationVariance);
    }

    /** P − (P·h)·(P·h)ᵀ/s: what a reading leaves of the doubt. */
    Covariance corrected(Gradient h, double innovationVariance) {
        Gradient a = times(h);
        double s = innovationVariance;
        return new Covariance(
                ww - a.water * a.water / s,
                wk - a.water * a.lnK / s,
                wt - a.water * a.lnThickness / s,
                kk - a.lnK * a.lnK / s,
                kt - a.lnK * a.lnThickness / s,
                tt - a.lnThickness * a.lnThickness / s);
    }
}
