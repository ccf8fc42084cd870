package app.gradior.web.kitchen;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Removes a kitchen with everything that belongs to it. */
@Mapper
interface KitchenRemoval {
    /** Every table with rows of a kitchen, those that others point at last. */
    List<String> TABLES = List.of(
            "device_value",
            "device",
            "cook_photo",
            "verdict",
            "batch_reading",
            "learning_since",
            "batch_summary",
            "jar_event",
            "jar",
            "jar_size",
            "jar_number",
            "calendar_address",
            "cook_event",
            "cook",
            "plan",
            "boil_off",
            "ring",
            "pot",
            "sauce_photo",
            "sauce_origin",
            "sauce_version",
            "sauce",
            "food",
            "habit_amount",
            "weighing",
            "habit_food",
            "invitation",
            "account",
            "kitchen_change");

    /** @param table one of {@link #TABLES}: it stands in the statement as it is */
    @Delete("delete from ${table} where kitchen_id = #{kitchen}")
    void removeFrom(@Param("table") String table, @Param("kitchen") UUID kitchen);

    @Delete("delete from kitchen where id = #{kitchen}")
    void removeKitchen(@Param("kitchen") UUID kitchen);

    default void remove(UUID kitchen) {
        TABLES.forEach(table -> removeFrom(table, kitchen));
        removeKitchen(kitchen);
    }
}
