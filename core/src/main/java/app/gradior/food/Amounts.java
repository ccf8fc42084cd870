package app.gradior.food;

import app.gradior.quantity.Mass;
import java.util.LinkedHashMap;
import java.util.Map;

/** Kilograms by the constants of an enum, in their order: what mixtures and their powders are kept as. */
final class Amounts {
    private Amounts() {}

    static double[] sum(double[] a, double[] b) {
        double[] sum = new double[a.length];
        for (int i = 0; i < a.length; i++) {
            sum[i] = a[i] + b[i];
        }
        return sum;
    }

    static double[] scaled(double[] a, double factor) {
        double[] scaled = new double[a.length];
        for (int i = 0; i < a.length; i++) {
            scaled[i] = a[i] * factor;
        }
        return scaled;
    }

    static boolean any(double[] amounts) {
        for (double amount : amounts) {
            if (amount > 0) {
                return true;
            }
        }
        return false;
    }

    /** Those that are there. */
    static <K> Map<K, Mass> present(K[] keys, double[] amounts) {
        Map<K, Mass> present = new LinkedHashMap<>();
        for (int i = 0; i < keys.length; i++) {
            if (amounts[i] > 0) {
                present.put(keys[i], Mass.ofKilograms(amounts[i]));
            }
        }
        return present;
    }

    static <K extends Enum<K>> double[] of(int size, Map<K, Mass> masses) {
        double[] amounts = new double[size];
        masses.forEach((key, mass) -> amounts[key.ordinal()] = mass.kilograms());
        return amounts;
    }
}
