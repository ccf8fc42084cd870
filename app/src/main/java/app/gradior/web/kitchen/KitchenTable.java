package app.gradior.web.kitchen;

import java.util.List;

/**
 * A table with rows of a kitchen, told by its column {@code kitchen_id}.
 *
 * @param moves whether its rows go along when a kitchen moves house: who may come in, what is sent here and what is
 *     reckoned anew does not
 */
public record KitchenTable(String name, boolean moves) {
    /** Every one of them, those that others point at last. */
    public static final List<KitchenTable> ALL = List.of(
            new KitchenTable("device_value", false),
            new KitchenTable("device", false),
            new KitchenTable("evening_event", true),
            new KitchenTable("evening", true),
            new KitchenTable("job_line", true),
            new KitchenTable("eye", true),
            new KitchenTable("practice_guess", true),
            new KitchenTable("practice_run", true),
            new KitchenTable("cook_photo", false),
            new KitchenTable("verdict", true),
            new KitchenTable("batch_reading", true),
            new KitchenTable("learning_since", true),
            new KitchenTable("batch_summary", true),
            new KitchenTable("jar_event", true),
            new KitchenTable("jar", true),
            new KitchenTable("jar_size", true),
            new KitchenTable("jar_number", false),
            new KitchenTable("calendar_address", false),
            new KitchenTable("cook_event", true),
            new KitchenTable("cook", true),
            new KitchenTable("plan", true),
            new KitchenTable("boil_off", true),
            new KitchenTable("ring", true),
            new KitchenTable("pot", true),
            new KitchenTable("sauce_photo", false),
            new KitchenTable("sauce_origin", true),
            new KitchenTable("sauce_version", true),
            new KitchenTable("sauce", true),
            new KitchenTable("food", true),
            new KitchenTable("habit_amount", true),
            new KitchenTable("weighing", true),
            new KitchenTable("habit_food", true),
            new KitchenTable("audit_entry", false),
            new KitchenTable("api_token", false),
            new KitchenTable("invitation", false),
            new KitchenTable("account", false),
            new KitchenTable("kitchen_change", false));
}
