package app.gradior.learning;

import app.gradior.quantity.Interval;
import java.util.stream.DoubleStream;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How often the ranges that were given held, and by how much the next have to be wider or narrower to hold in 80 of 100.
 *
 * @param held how many held
 * @param given how many were given, 0 or more
 */
public record RangeKeeping(int held, int given) {
    public static final RangeKeeping NONE = new RangeKeeping(0, 0);

    /** What is supposed before any was given: 16 of 20. */
    private static final double SUPPOSED_HELD = 16;

    private static final double SUPPOSED_GIVEN = 20;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** @throws IllegalArgumentException if more held than were given */
    public RangeKeeping {
        if (held < 0 || held > given) {
            throw new IllegalArgumentException(held + " of " + given + " ranges can't have held");
        }
    }

    /** @param z how far each fact was from its forecast, in the standard deviations that were claimed before any widening */
    public static RangeKeeping of(double... z) {
        return new RangeKeeping(
                (int) DoubleStream.of(z)
                        .filter(off -> Math.abs(off) <= Interval.Z_80)
                        .count(),
                z.length);
    }

    /** What a standard deviation is to be multiplied by: κ = 1.2816/Φ⁻¹((1+p)/2), p = (16+held)/(20+given). */
    public double widening() {
        double p = (SUPPOSED_HELD + held) / (SUPPOSED_GIVEN + given);
        return Interval.Z_80 / NORMAL.inverseCumulativeProbability((1 + p) / 2);
    }
}
