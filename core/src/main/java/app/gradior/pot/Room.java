package app.gradior.pot;

import app.gradior.physics.Atmosphere;
import app.gradior.quantity.Altitude;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Pressure;
import app.gradior.quantity.Share;

/**
 * The air over the pot.
 *
 * @param hood whether an extractor hood runs above it
 */
public record Room(Celsius temperature, Share humidity, Altitude altitude, boolean hood) {
    /** 20 °C, half saturated, at sea level, hood off. */
    public static final Room USUAL = new Room(Celsius.ROOM, Share.of(0.5), Altitude.SEA_LEVEL, false);

    private static final double STILL_AIR_M_PER_S = 0.1;
    private static final double HOOD_M_PER_S = 0.3;

    public Room at(Altitude other) {
        return new Room(temperature, humidity, other, hood);
    }

    public Room withHood(boolean running) {
        return new Room(temperature, humidity, altitude, running);
    }

    public Pressure airPressure() {
        return Atmosphere.at(altitude);
    }

    double airSpeed() {
        return hood ? HOOD_M_PER_S : STILL_AIR_M_PER_S;
    }
}
