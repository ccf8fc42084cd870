package app.gradior.bench;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.UUID;

/** Times the page of a cook of twenty entries and of one of two thousand: it folds nothing, whatever was entered. */
public final class LongCook {
    private static final int FEW = 20;
    private static final int MANY = 2000;
    private static final int ROUNDS = 4;
    private static final int MEASURED = 13;
    private static final double MAX_GROWTH = 2;
    private static final int IN_THE_POT_G = 1290;

    private final Browser browser;
    private final Dish dish;

    private LongCook(String address) throws IOException {
        browser = Browser.inNewKitchen(address);
        dish = Dish.of(browser, 700);
    }

    /** @param arguments the port of the running application on this machine */
    public static void main(String[] arguments) throws IOException {
        LongCook cooks = new LongCook("http://127.0.0.1:" + Integer.parseInt(arguments[0]));
        String few = cooks.of(FEW);
        String many = cooks.of(MANY);
        double ofFew = Double.MAX_VALUE;
        double ofMany = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) {
            ofFew = Math.min(ofFew, cooks.median(few));
            ofMany = Math.min(ofMany, cooks.median(many));
        }
        System.out.printf(
                Locale.ROOT,
                "the page of a cook of %d entries: %.1f ms; of %d: %.1f ms, %.2f times%n",
                FEW,
                ofFew,
                MANY,
                ofMany,
                ofMany / ofFew);
        System.exit(ofMany <= MAX_GROWTH * ofFew ? 0 : 1);
    }

    /** A cook of so many entries, of which its start is one, and its page. */
    private String of(int entries) throws IOException {
        String page = "/cooks/" + dish.cook();
        for (int i = 1; i < entries; i++) {
            String reading = "kind=weighed&value=" + (IN_THE_POT_G - i / 10);
            int status = browser.post(page + "/events", reading + "&event=" + UUID.randomUUID(), "kept")
                    .status();
            if (status != 200) {
                throw new IllegalStateException("reading " + i + " answered " + status);
            }
        }
        return page;
    }

    private double median(String page) throws IOException {
        double[] took = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            long begun = System.nanoTime();
            browser.part(page, "");
            took[i] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(took);
        return took[MEASURED / 2];
    }
}
