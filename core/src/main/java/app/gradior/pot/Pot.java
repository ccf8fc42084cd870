package app.gradior.pot;

import app.gradior.quantity.Bounds;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Volume;

/**
 * A pot as a frustum: an inner base, an inner rim, a wall between.
 *
 * @param base inner diameter of the base, 4–100 cm
 * @param rim inner diameter at the rim, 4–100 cm
 * @param wall inner height, 1–100 cm
 * @param material what its inside is made of
 * @param tare its weight when empty, without a lid
 */
public record Pot(Length base, Length rim, Length wall, Material material, Mass tare) {
    /** The part of the brim that may be filled, so that a boil-up stays in the pot. */
    private static final double WORKING_SHARE = 2.0 / 3;

    private static final double MAX_CORRECTION = 0.2;

    /** @throws IllegalArgumentException if a length is outside its bounds */
    public Pot {
        Bounds.check("inner base diameter in cm", base.centimetres(), 4, 100);
        Bounds.check("inner rim diameter in cm", rim.centimetres(), 4, 100);
        Bounds.check("wall height in cm", wall.centimetres(), 1, 100);
    }

    /** A pot with an upright wall. */
    public static Pot straight(Length diameter, Length wall, Material material, Mass tare) {
        return new Pot(diameter, diameter, wall, material, tare);
    }

    /**
     * A steel pan of which only the width at the rim is known: straight, with a wall of half that, from 6 cm for a small pan
     * to 16 cm for a pot.
     */
    public static Pot ofWidth(Length rim) {
        Length wall = Length.ofCentimetres(Math.max(6, Math.min(16, rim.centimetres() / 2)));
        return straight(rim, wall, Material.STEEL, Mass.ofGrams(3 * rim.centimetres() * rim.centimetres()));
    }

    private double flare() {
        return (rim.metres() - base.metres()) / 2 / wall.metres();
    }

    private double baseRadius() {
        return base.metres() / 2;
    }

    /** Volume up to the brim. */
    public Volume capacity() {
        return volumeTo(wall);
    }

    /** Volume with room left for a boil-up: two thirds of the brim. */
    public Volume workingCapacity() {
        return capacity().times(WORKING_SHARE);
    }

    /**
     * Volume up to a depth.
     *
     * @throws IllegalArgumentException if the depth is over the wall
     */
    public Volume volumeTo(Length depth) {
        double h = Bounds.check("depth in m", depth.metres(), 0, wall.metres());
        double r0 = baseRadius();
        double r = r0 + flare() * h;
        return new Volume(Math.PI * h / 3 * (r0 * r0 + r0 * r + r * r));
    }

    /**
     * Depth of a volume; the wall's height when the volume is more than the pot holds.
     */
    public Length depthOf(Volume volume) {
        double r0 = baseRadius();
        double v = 3 * Math.min(volume.cubicMetres(), capacity().cubicMetres()) / Math.PI;
        // r³ − r0³ = flare·v; written with a³ − b³ = (a − b)(a² + ab + b²) it holds for upright walls too.
        double r = Math.cbrt(r0 * r0 * r0 + flare() * v);
        return new Length(Math.min(wall.metres(), v / (r0 * r0 + r0 * r + r * r)));
    }

    /** Free surface of a volume in m². */
    public double surfaceOf(Volume volume) {
        double r = baseRadius() + flare() * depthOf(volume).metres();
        return Math.PI * r * r;
    }

    public boolean holds(Volume volume) {
        return volume.compareTo(workingCapacity()) <= 0;
    }

    /** Whether the volume would run over the brim even without boiling. */
    public boolean overflowsWith(Volume volume) {
        return volume.compareTo(capacity()) > 0;
    }

    /**
     * A pot of a known capacity: its wall is as high as that takes.
     *
     * @throws IllegalArgumentException if the wall that follows is outside its bounds
     */
    public static Pot ofCapacity(Volume capacity, Length base, Length rim, Material material, Mass tare) {
        double r0 = base.metres() / 2;
        double r1 = rim.metres() / 2;
        double wall = 3 * capacity.cubicMetres() / (Math.PI * (r0 * r0 + r0 * r1 + r1 * r1));
        return new Pot(base, rim, new Length(wall), material, tare);
    }

    /**
     * The same pot put right by a fill: so much was poured in, and so deep it stood. Both widths change alike, since depth
     * is read better than width.
     *
     * @throws IllegalArgumentException if the widths would have to change by more than a fifth: then something was misread
     */
    public Pot checkedBy(Volume poured, Length dip) {
        if (dip.metres() <= 0 || dip.compareTo(wall) > 0) {
            throw new IllegalArgumentException(
                    "the dip must lie between the base and the rim but was " + Math.round(dip.millimetres()) + " mm");
        }
        double widths = Math.sqrt(poured.cubicMetres() / volumeTo(dip).cubicMetres());
        if (!(widths >= 1 - MAX_CORRECTION && widths <= 1 + MAX_CORRECTION)) {
            throw new IllegalArgumentException("the widths would be "
                    + Math.round(100 * Math.abs(widths - 1)) + " % " + (widths > 1 ? "larger" : "smaller")
                    + " than measured");
        }
        return new Pot(new Length(base.metres() * widths), new Length(rim.metres() * widths), wall, material, tare);
    }
}
