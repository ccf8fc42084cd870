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

/** Pots of a kitchen. */
@Mapper
public interface PotMapper {
    @Select("""
            select id, name, base_mm, rim_mm, wall_mm, material, tare_g, lid, measured from pot
            where kitchen_id = #{kitchen} order by rim_mm, name""")
    List<KitchenPot> all(@Param("kitchen") UUID kitchen);

    @Select("""
            select id, name, base_mm, rim_mm, wall_mm, material, tare_g, lid, measured from pot
            where kitchen_id = #{kitchen} and id = #{id}""")
    Optional<KitchenPot> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into pot (id, kitchen_id, name, base_mm, rim_mm, wall_mm, material, tare_g, lid, measured, created_at)
            values (#{pot.id}, #{kitchen}, #{pot.name}, #{pot.baseMm}, #{pot.rimMm}, #{pot.wallMm}, #{pot.material},
              #{pot.tareG}, #{pot.lid}, #{pot.measured}, #{at})""")
    void insert(@Param("kitchen") UUID kitchen, @Param("pot") KitchenPot pot, @Param("at") Instant at);

    @Update("""
            update pot set name = #{pot.name}, base_mm = #{pot.baseMm}, rim_mm = #{pot.rimMm}, wall_mm = #{pot.wallMm},
              material = #{pot.material}, tare_g = #{pot.tareG}, lid = #{pot.lid},
              measured = #{pot.measured}
            where kitchen_id = #{kitchen} and id = #{pot.id}""")
    int update(@Param("kitchen") UUID kitchen, @Param("pot") KitchenPot pot);
}
