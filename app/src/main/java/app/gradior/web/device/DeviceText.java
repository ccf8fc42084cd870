package app.gradior.web.device;

/** What is said of devices and to them. */
final class DeviceText {
    static final String TWELVE_AT_MOST = "Twelve devices are as many as a kitchen keeps: remove one first.";
    static final String SIMULATION_BOUNDS =
            "Noise 0 to 100, drift −50 to 50 a minute, drop-outs 0 to 100 %, k 0.1 to 5, and twelve devices "
                    + "at most.";
    static final String SENDS_NOW = "It sends a value each second now.";
    static final String FEED = "One value or an array of up to 100, as JSON, or CSV with the columns at,value.";
    static final String NO_SUCH_DEVICE = "No device has this id and token.";
    static final String TOO_FAST = "At most 5 requests a second: send several values in one.";
    static final String TOO_LARGE = "At most 16 KB a request.";
    static final String NO_JSON = "This is not JSON.";
    static final String JSON_FORM =
            "Every value needs a number: {\"value\": 2780.5, \"at\": \"2026-11-24T18:02:11Z\"}.";
    static final String CSV_FORM = "The CSV needs the columns at,value and a number in each row.";
    static final String TOO_MANY_VALUES = "At most 100 values a request.";
    static final String NOT_FINITE = "A value must be a finite number.";
    static final String TOO_OLD = "The time must lie within the last hour: check the device's clock.";
    static final String TIME_FORM = "The time must be in UTC, such as 2026-11-24T18:02:11Z.";

    private DeviceText() {}

    static String nothingYet(String device) {
        return device + ": nothing yet";
    }

    static String notBelieved(String device, String value) {
        return device + " says " + value + ": not believed";
    }

    static String silent(String device, String since) {
        return device + " silent for " + since;
    }

    static String wrongTokens(long minutes) {
        return "Too many wrong tokens: try again in " + minutes + " minutes.";
    }
}
