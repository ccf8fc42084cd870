package app.gradior.web.sauce;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Sauces and their versions. */
@Mapper
interface SauceMapper {
    @Select("""
            select s.id, v.number as version, v.name, v.text, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.number = s.latest_version
            where s.kitchen_id = #{kitchen} order by s.changed_at desc, s.name""")
    List<Sauce> all(@Param("kitchen") UUID kitchen);

    @Select("""
            select s.id, v.number as version, v.name, v.text, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.number = s.latest_version
            where s.kitchen_id = #{kitchen} and s.id = #{id}""")
    Optional<Sauce> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into sauce (id, kitchen_id, name, latest_version, created_at, changed_at)
            values (#{id}, #{kitchen}, #{name}, 1, #{at}, #{at})""")
    void insert(
            @Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("name") String name, @Param("at") Instant at);

    @Insert("""
            insert into sauce_version (sauce_id, number, kitchen_id, name, text, saved_at)
            values (#{sauce.id}, #{sauce.version}, #{kitchen}, #{sauce.name}, #{sauce.text}, #{sauce.savedAt})""")
    void insertVersion(@Param("kitchen") UUID kitchen, @Param("sauce") Sauce sauce);

    @Update("""
            update sauce set name = #{name}, latest_version = #{version}, changed_at = #{at}
            where kitchen_id = #{kitchen} and id = #{id} and latest_version = #{version} - 1""")
    int advance(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("version") int version,
            @Param("at") Instant at);
}
