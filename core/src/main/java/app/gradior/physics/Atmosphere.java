package app.gradior.physics;

import app.gradior.quantity.Altitude;
import app.gradior.quantity.Pressure;

/** Air pressure by altitude: the International Standard Atmosphere, 101325·(1 − 2.25577e-5·h)^5.25588 Pa. */
public final class Atmosphere {
    private static final double SEA_LEVEL_PA = 101_325;
    private static final double LAPSE_PER_M = 2.25577e-5;
    private static final double EXPONENT = 5.25588;

    private Atmosphere() {}

    public static Pressure at(Altitude altitude) {
        return new Pressure(SEA_LEVEL_PA * Math.pow(1 - LAPSE_PER_M * altitude.metres(), EXPONENT));
    }
}
