package app.gradior.quantity;

/**
 * How fast a pot loses weight.
 *
 * @param kilogramsPerSecond 0 to 10 kg/s
 */
public record MassFlow(double kilogramsPerSecond) {
    /** @throws IllegalArgumentException if the flow is NaN or outside 0 to 10 kg/s */
    public MassFlow {
        Bounds.check("mass flow in kg/s", kilogramsPerSecond, 0, 10);
    }

    public static MassFlow ofGramsPerMinute(double value) {
        return new MassFlow(value / 60_000);
    }

    public double gramsPerMinute() {
        return kilogramsPerSecond * 60_000;
    }
}
