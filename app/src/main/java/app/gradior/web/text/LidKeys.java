package app.gradior.web.text;

import app.gradior.pot.Lid;
import java.util.Map;

/** What lids are called in addresses, files and on buttons. */
public final class LidKeys {
    private static final Map<String, Lid> LIDS =
            Map.of("off", Lid.OFF, "screen", Lid.SPLATTER_SCREEN, "ajar", Lid.AJAR, "on", Lid.ON);

    private LidKeys() {}

    public static boolean isKey(String key) {
        return LIDS.containsKey(key);
    }

    /** The lid of a key; open where there is none such. */
    public static Lid lid(String key) {
        return LIDS.getOrDefault(key == null ? "" : key, Lid.OFF);
    }

    /** The key of a lid; off where it has none. */
    public static String keyOf(Lid lid) {
        return LIDS.entrySet().stream()
                .filter(e -> e.getValue().equals(lid))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("off");
    }
}
