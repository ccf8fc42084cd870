package app.gradior.web.planning;

import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import java.util.Arrays;
import java.util.Optional;

/** A field of a plan's page, in the order of the page, with its name in addresses and what it holds until it is filled. */
public enum PlanField {
    POT("pot", ""),
    WIDTH("width", ""),
    RING("ring", ""),
    ACTIVITY("activity", Activity.SIMMER.name()),
    LID("lid", "off"),
    HOOD("hood", ""),
    ALTITUDE("altitude", ""),
    USE("use", Use.GLAZE.name()),
    GRADE("grade", "5"),
    BATCH("batch", ""),
    SERVED("served", "60"),
    AIM("aim", "thick"),
    AMOUNT("amount", ""),
    UNIT("unit", "g"),
    WAY("way", "by"),
    PART("part", "33.3"),
    BASIS("basis", Target.Basis.WEIGHT.name()),
    BRIX("brix", "65"),
    BOILS("boils", "104"),
    LEAST("least", ""),
    LEAST_UNIT("leastUnit", "g"),
    JAR("jarMl", "250"),
    SERVING("serveMl", "60"),
    STARCH("starch", ""),
    SCHOOL("school", "1:2"),
    WATER("water", "2"),
    FROZEN("frozen", ""),
    SMOOTH("smooth", ""),
    ROUTE("route", ""),
    AT("at", "");

    private final String key;
    private final String usual;

    PlanField(String key, String usual) {
        this.key = key;
        this.usual = usual;
    }

    public String key() {
        return key;
    }

    String usual() {
        return usual;
    }

    static Optional<PlanField> ofKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }
}
