package app.gradior.web.kitchen;

import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Removes a kitchen with everything that belongs to it. */
@Mapper
interface KitchenRemoval {
    /** @param table the name of a {@link KitchenTable}: it stands in the statement as it is */
    @Delete("delete from ${table} where kitchen_id = #{kitchen}")
    void removeFrom(@Param("table") String table, @Param("kitchen") UUID kitchen);

    @Delete("delete from kitchen where id = #{kitchen}")
    void removeKitchen(@Param("kitchen") UUID kitchen);

    default void remove(UUID kitchen) {
        KitchenTable.ALL.forEach(table -> removeFrom(table.name(), kitchen));
        removeKitchen(kitchen);
    }
}
