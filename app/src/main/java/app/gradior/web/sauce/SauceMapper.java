package app.gradior.web.sauce;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Sauces, their versions and their pictures. */
@Mapper
interface SauceMapper {
    String LATEST = """
            select s.id, v.number as version, v.name, v.text, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.number = s.latest_version
            where s.kitchen_id = #{kitchen} and s.deleted_at is null """;

    @Select(LATEST + " and s.archived_at is null order by s.changed_at desc, s.name")
    List<Sauce> all(@Param("kitchen") UUID kitchen);

    String NAMED = " and (#{name} = '' or v.name like concat('%', #{name}, '%')) ";

    String LATEST_FIRST = " order by s.changed_at desc, s.id desc limit #{limit}";

    /** @param name part of it, with % and _ escaped; empty for all */
    @Select(LATEST + " and s.archived_at is null" + NAMED + LATEST_FIRST)
    List<Sauce> latest(@Param("kitchen") UUID kitchen, @Param("name") String name, @Param("limit") int limit);

    @Select(LATEST + " and s.archived_at is null" + NAMED + """
            and (s.changed_at, s.id) < (
              select b.changed_at, b.id from sauce b where b.kitchen_id = #{kitchen} and b.id = #{before})""" + LATEST_FIRST)
    List<Sauce> before(
            @Param("kitchen") UUID kitchen,
            @Param("name") String name,
            @Param("before") UUID before,
            @Param("limit") int limit);

    record Named(UUID id, String name) {}

    /** Those of some names, by the sauces' own rows alone. */
    @Select("""
            <script>
            select id, name from sauce
            where kitchen_id = #{kitchen} and deleted_at is null and archived_at is null and name in
              <foreach item="name" collection="names" open="(" separator="," close=")">#{name}</foreach>
            </script>""")
    List<Named> named(@Param("kitchen") UUID kitchen, @Param("names") Collection<String> names);

    String NAMES_IN_ORDER = " order by s.name, s.id limit #{limit}";

    @Select(LATEST + " and s.archived_at is null" + NAMED + NAMES_IN_ORDER)
    List<Sauce> firstByName(@Param("kitchen") UUID kitchen, @Param("name") String name, @Param("limit") int limit);

    @Select(LATEST + " and s.archived_at is null" + NAMED + """
            and (s.name, s.id) > (
              select b.name, b.id from sauce b where b.kitchen_id = #{kitchen} and b.id = #{after})""" + NAMES_IN_ORDER)
    List<Sauce> afterByName(
            @Param("kitchen") UUID kitchen,
            @Param("name") String name,
            @Param("after") UUID after,
            @Param("limit") int limit);

    @Select("""
            select count(*) from sauce
            where kitchen_id = #{kitchen} and deleted_at is null and archived_at is not null""")
    int countArchived(@Param("kitchen") UUID kitchen);

    @Select(LATEST + " and s.archived_at is not null order by s.name")
    List<Sauce> archived(@Param("kitchen") UUID kitchen);

    @Select(LATEST + " and s.id = #{id}")
    Optional<Sauce> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("""
            select sauce_id as id, number as version, name, text, saved_at from sauce_version
            where kitchen_id = #{kitchen} and sauce_id = #{id} order by number desc""")
    List<Sauce> versions(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("""
            select sauce_id as id, number as version, name, text, saved_at from sauce_version
            where kitchen_id = #{kitchen} and sauce_id = #{id} and number = #{number}""")
    Optional<Sauce> version(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("number") int number);

    /** The number of the latest version, locked until the transaction ends. */
    @Select("""
            select latest_version from sauce
            where kitchen_id = #{kitchen} and id = #{id} and deleted_at is null for update""")
    Optional<Integer> lock(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into sauce (id, kitchen_id, name, latest_version, created_at, changed_at)
            values (#{id}, #{kitchen}, #{name}, #{version}, #{at}, #{at})""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("version") int version,
            @Param("at") Instant at);

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

    @Update("update sauce set archived_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int archive(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Update("update sauce set deleted_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int delete(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Select("select name from sauce where kitchen_id = #{kitchen} and id = #{id} and deleted_at is not null")
    Optional<String> deletedName(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("select archived_at is not null from sauce where kitchen_id = #{kitchen} and id = #{id}")
    boolean isArchived(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("select source, published from sauce_origin where kitchen_id = #{kitchen} and sauce_id = #{id}")
    Optional<SauceOrigin> origin(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into sauce_origin (sauce_id, kitchen_id, source, published, stored_at)
            values (#{id}, #{kitchen}, #{origin.source}, #{origin.published}, #{at})""")
    void insertOrigin(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("origin") SauceOrigin origin,
            @Param("at") Instant at);

    record Photo(byte[] jpeg) {}

    @Select("select jpeg from sauce_photo where kitchen_id = #{kitchen} and sauce_id = #{id}")
    Optional<Photo> photo(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("select sauce_id from sauce_photo where kitchen_id = #{kitchen}")
    List<UUID> photographed(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into sauce_photo (sauce_id, kitchen_id, jpeg, stored_at) values (#{id}, #{kitchen}, #{jpeg}, #{at})
            on duplicate key update jpeg = values(jpeg), stored_at = values(stored_at)""")
    void keepPhoto(
            @Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("jpeg") byte[] jpeg, @Param("at") Instant at);

    @Delete("delete from sauce_photo where kitchen_id = #{kitchen} and sauce_id = #{id}")
    void removePhoto(@Param("kitchen") UUID kitchen, @Param("id") UUID id);
}
