package app.gradior.web.equipment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Rings of a kitchen's stove. */
@Mapper
public interface RingMapper {
    String COLUMNS = "select id, name, kind, watts, size_mm, x_mm, y_mm, dial from ring where kitchen_id = #{kitchen} ";

    @Select(COLUMNS + "and removed_at is null order by x_mm + y_mm, name")
    List<KitchenRing> all(@Param("kitchen") UUID kitchen);

    @Select(COLUMNS + "and id = #{id}")
    Optional<KitchenRing> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into ring (id, kitchen_id, name, kind, watts, size_mm, x_mm, y_mm, dial)
            values (#{ring.id}, #{kitchen}, #{ring.name}, #{ring.kind}, #{ring.watts}, #{ring.sizeMm}, #{ring.xMm},
              #{ring.yMm}, #{ring.dial})""")
    void insert(@Param("kitchen") UUID kitchen, @Param("ring") KitchenRing ring);

    @Update("""
            update ring set name = #{ring.name}, kind = #{ring.kind}, watts = #{ring.watts}, size_mm = #{ring.sizeMm},
              dial = #{ring.dial} where kitchen_id = #{kitchen} and id = #{ring.id}""")
    int update(@Param("kitchen") UUID kitchen, @Param("ring") KitchenRing ring);

    @Update("update ring set x_mm = #{x}, y_mm = #{y} where kitchen_id = #{kitchen} and id = #{id}")
    int place(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("x") int x, @Param("y") int y);

    @Update("update ring set removed_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int remove(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);
}
