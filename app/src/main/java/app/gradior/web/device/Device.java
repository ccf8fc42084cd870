package app.gradior.web.device;

import java.util.UUID;

/** A scale or a probe that sends what it measures. */
public record Device(UUID id, UUID kitchenId, String name, Kind kind, String tokenHash) {
    /** What a device measures, and between which values it is believed. */
    public enum Kind {
        /** Grams on the scale, pot and all. */
        SCALE("scale", "g", -5, 30_000),
        /** Degrees Celsius in the sauce. */
        PROBE("probe", "°C", -20, 160);

        private final String label;
        private final String unit;
        private final double min;
        private final double max;

        Kind(String label, String unit, double min, double max) {
            this.label = label;
            this.unit = unit;
            this.min = min;
            this.max = max;
        }

        public String label() {
            return label;
        }

        public String unit() {
            return unit;
        }

        /** Whether such a value can be true in a kitchen. */
        boolean believes(double value) {
            return value >= min && value <= max;
        }
    }
}
