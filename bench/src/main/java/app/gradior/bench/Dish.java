package app.gradior.bench;

import java.io.IOException;
import java.util.UUID;

/** A plum sauce and a steel casserole of 2 kg, in the kitchen of a browser: what is cooked where something is measured. */
record Dish(Browser browser, String sauce, String pot) {
    private static final String AIM = "&aim=yield&amount=600";

    /** @param waterMl beside 600 g of plums */
    static Dish of(Browser browser, int waterMl) throws IOException {
        browser.post("/pots/new", "name=Casserole&baseCm=24&rimCm=24&wallCm=12&material=STEEL&tareG=2000", "");
        String pot = Browser.first("href=\"/pots/([0-9a-f-]{36})\"", browser.get("/pots"));
        String text = "600+g+plums%0A" + waterMl + "+ml+water";
        return new Dish(
                browser,
                browser.post("/sauces/new", "name=Plum+sauce&text=" + text, "").id(),
                pot);
    }

    /** The page of its plan. */
    String plan() {
        return "/sauces/" + sauce + "/plan?pot=" + pot + AIM;
    }

    /**
     * Puts it on.
     *
     * @return the cook
     */
    String cook() throws IOException {
        String ids = "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID();
        return browser.post("/cooks", ids + "&sauce=" + sauce + "&pot=" + pot + AIM, "")
                .id();
    }
}
