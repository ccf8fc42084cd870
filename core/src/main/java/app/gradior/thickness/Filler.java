package app.gradior.thickness;

import app.gradior.food.Component;
import app.gradior.food.Mixture;
import app.gradior.physics.Solubility;
import app.gradior.quantity.Celsius;

/**
 * What solids that thicken by their room alone do: pieces that are not broken down, and crystals. Maron and Pierce's form
 * with the packing and power usual for coarse pieces, (1 − φ/0.65)^−1.6 (estimate).
 */
final class Filler {
    private static final double PACKED = 0.65;
    private static final double POWER = -1.6;
    private static final double MAX = 0.5;

    /** Pieces take up to so much of the room, so that what blending releases outweighs what it takes away. Estimate. */
    private static final double MAX_PIECES = 0.20;

    /** Body in pieces, g in 100 g, that fills most of that. */
    private static final double PIECES_SPAN = 5;

    private static final double CRYSTAL_KG_PER_M3 = 1590;
    private static final double SALT_KG_PER_M3 = 2165;
    private static final double SAUCE_KG_PER_M3 = 1200;

    private Filler() {}

    /** The factor on the viscosity of what is between them, 1 or more. */
    static double factor(Mixture mixture, Celsius temperature) {
        double room = pieces(mixture) + crystals(mixture, temperature);
        return room == 0 ? 1 : Math.pow(1 - Math.min(MAX, room) / PACKED, POWER);
    }

    private static double pieces(Mixture mixture) {
        double body = 100 * mixture.bodyInPieces();
        return body == 0 ? 0 : MAX_PIECES * (1 - Math.exp(-body / PIECES_SPAN));
    }

    private static double crystals(Mixture mixture, Celsius temperature) {
        double sugar = Solubility.sugarCrystals(mixture, temperature).kilograms();
        double salt = Solubility.saltCrystals(mixture).kilograms();
        if (sugar == 0 && salt == 0) {
            return 0;
        }
        double sauce = (mixture.mass().kilograms() - mixture.mass(Component.FAT).kilograms()) / SAUCE_KG_PER_M3;
        return (sugar / CRYSTAL_KG_PER_M3 + salt / SALT_KG_PER_M3) / sauce;
    }
}
