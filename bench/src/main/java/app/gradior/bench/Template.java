package app.gradior.bench;

import java.util.UUID;

/** Opens a kitchen in a running Gradior with what a small one has: a pot, a sauce, a batch with its jars, a cook under way. */
public final class Template {
    private static final int READINGS = 6;

    private Template() {}

    /** @param arguments the port of the running application, on this machine */
    public static void main(String[] arguments) throws Exception {
        Browser cook = Browser.inNewKitchen("http://127.0.0.1:" + Integer.parseInt(arguments[0]));
        cook.post("/pots/new", "name=Casserole&baseCm=24&rimCm=24&wallCm=12&material=STEEL&tareG=2000", "");
        String sauce = cook.post("/sauces/new", "name=Plum+sauce&text=600+g+plums%0A300+ml+water", "")
                .id();
        String pot = Browser.first("href=\"/pots/([0-9a-f-]{36})\"", cook.get("/pots"));
        for (int batch = 0; batch < 2; batch++) {
            String on = cook.post(
                            "/cooks",
                            "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID() + "&sauce=" + sauce + "&pot="
                                    + pot + "&aim=yield&amount=600",
                            "")
                    .id();
            for (int i = 1; i <= READINGS; i++) {
                String event = "&event=" + UUID.randomUUID();
                cook.post("/cooks/" + on + "/events", "kind=weighed&value=" + (900 - 5 * i) + event, "live");
            }
            if (batch == 0) {
                cook.post(
                        "/cooks/" + on + "/events",
                        "kind=finished&value=700&second=2x250&event=" + UUID.randomUUID(),
                        "");
            }
        }
    }
}
