package app.gradior.bench;

import java.util.UUID;

/** Opens a kitchen in a running Gradior with what a small one has: a pot, a sauce, a batch with its jars, a cook under way. */
public final class Template {
    private static final int READINGS = 6;

    private Template() {}

    /** @param arguments the port of the running application, on this machine */
    public static void main(String[] arguments) throws Exception {
        Browser cook = Browser.inNewKitchen("http://127.0.0.1:" + Integer.parseInt(arguments[0]));
        Dish dish = Dish.of(cook, 300);
        for (int batch = 0; batch < 2; batch++) {
            String on = dish.cook();
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
