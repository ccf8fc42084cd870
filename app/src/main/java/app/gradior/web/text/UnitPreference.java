package app.gradior.web.text;

import java.time.ZoneId;
import java.time.ZoneOffset;

/**
 * How somebody reads what is measured: which units and which scale come first, and by which clock.
 *
 * @param zone of the clock on their wall
 */
public record UnitPreference(Units units, TemperatureScale temperature, ZoneId zone) {
    /** Of somebody who has said nothing. */
    public static final UnitPreference METRIC =
            new UnitPreference(Units.METRIC, TemperatureScale.CELSIUS, ZoneOffset.UTC);

    /** Of somebody who has said no more than that they read ounces. */
    public static final UnitPreference US = new UnitPreference(Units.US, TemperatureScale.FAHRENHEIT, ZoneOffset.UTC);

    /** How weights, volumes and lengths are shown first. */
    public enum Units {
        METRIC,
        US
    }

    /** How temperatures are shown first. */
    public enum TemperatureScale {
        CELSIUS,
        FAHRENHEIT
    }

    /** Whether ounces, cups and inches come first. */
    public boolean ouncesFirst() {
        return units == Units.US;
    }

    public boolean fahrenheitFirst() {
        return temperature == TemperatureScale.FAHRENHEIT;
    }
}
