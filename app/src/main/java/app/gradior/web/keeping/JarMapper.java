package app.gradior.web.keeping;

import app.gradior.keeping.Place;
import java.time.Instant;
import java.time.LocalDate;
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

/** Jars, their events and their sizes. */
@Mapper
interface JarMapper {
    String COLUMNS =
            "select id, number, code, cook_id, sauce_id, name, colour, made_at, size_id, brim_ml, height_mm, wide, "
                    + "gram_per_ml, rules, manners, allergens, allergens_known, honey, alcohol_g, revision, place, left_ml, "
                    + "opened_at, gone, gone_at, use_by, thawed, cooling_since, stood_out from jar ";

    /** @param person who did it; null if that is not known */
    record EventRow(UUID id, String kind, Instant at, String body, String person) {}

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id}")
    Optional<JarRow> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id} for update")
    Optional<JarRow> lock(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and code = #{code}")
    Optional<JarRow> ofCode(@Param("kitchen") UUID kitchen, @Param("code") String code);

    /** Those that are here; what wants using first comes first. */
    @Select("<script>" + COLUMNS + """
            where kitchen_id = #{kitchen} and gone is null
            <if test="name != null">and name like #{name}</if>
            order by use_by, number limit #{limit} offset #{from}
            </script>""")
    List<JarRow> here(
            @Param("kitchen") UUID kitchen,
            @Param("name") String name,
            @Param("from") int from,
            @Param("limit") int limit);

    /** Jars that are here, of one sauce, place and size: how many, and how much is in them. */
    record Heap(UUID sauceId, Place place, UUID sizeId, int jars, double ml) {}

    @Select("""
            select sauce_id, place, size_id, count(*) as jars, sum(left_ml) as ml from jar
            where kitchen_id = #{kitchen} and gone is null group by sauce_id, place, size_id""")
    List<Heap> heaps(@Param("kitchen") UUID kitchen);

    /** What a sauce was called when its latest jar was filled. */
    @Select("select name from jar where kitchen_id = #{kitchen} and gone is null and sauce_id = #{sauce} limit 1")
    String nameOf(@Param("kitchen") UUID kitchen, @Param("sauce") UUID sauce);

    /** Those that are here and to be used by a day. */
    @Select(COLUMNS + """
            where kitchen_id = #{kitchen} and gone is null and use_by <= #{day} order by use_by, number limit #{limit}
            """)
    List<JarRow> usedBy(@Param("kitchen") UUID kitchen, @Param("day") LocalDate day, @Param("limit") int limit);

    /** Those that cool. */
    @Select(COLUMNS + "where kitchen_id = #{kitchen} and gone is null and use_by is null and cooling_since is not null "
            + "and cooling_since > #{since} order by cooling_since, number")
    List<JarRow> cooling(@Param("kitchen") UUID kitchen, @Param("since") Instant since);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and cook_id = #{cook} order by number")
    List<JarRow> ofBatch(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    @Select("""
            <script>
            select distinct cook_id from jar where kitchen_id = #{kitchen} and cook_id in
              <foreach item="id" collection="cooks" open="(" separator="," close=")">#{id}</foreach>
            </script>""")
    List<UUID> filledFrom(@Param("kitchen") UUID kitchen, @Param("cooks") Collection<UUID> cooks);

    @Select("<script>" + COLUMNS + """
            where kitchen_id = #{kitchen} and id in
            <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach> order by number
            </script>""")
    List<JarRow> some(@Param("kitchen") UUID kitchen, @Param("ids") Collection<UUID> ids);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} order by number")
    List<JarRow> all(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into jar (id, kitchen_id, number, code, cook_id, sauce_id, name, colour, made_at, size_id, brim_ml,
              height_mm, wide, gram_per_ml, rules, manners, allergens, allergens_known, honey, alcohol_g, revision, place,
              left_ml, opened_at, gone, gone_at, use_by, thawed, cooling_since, stood_out)
            values (#{j.id}, #{kitchen}, #{j.number}, #{j.code}, #{j.cookId}, #{j.sauceId}, #{j.name}, #{j.colour},
              #{j.madeAt}, #{j.sizeId}, #{j.brimMl}, #{j.heightMm}, #{j.wide}, #{j.gramPerMl}, #{j.rules}, #{j.manners},
              #{j.allergens}, #{j.allergensKnown}, #{j.honey}, #{j.alcoholG}, #{j.revision}, #{j.place}, #{j.leftMl},
              #{j.openedAt}, #{j.gone}, #{j.goneAt}, #{j.useBy}, #{j.thawed}, #{j.coolingSince}, #{j.stoodOut})""")
    void insert(@Param("kitchen") UUID kitchen, @Param("j") JarRow jar);

    @Update("""
            update jar set revision = #{j.revision}, place = #{j.place}, left_ml = #{j.leftMl}, opened_at = #{j.openedAt},
              gone = #{j.gone}, gone_at = #{j.goneAt}, use_by = #{j.useBy}, thawed = #{j.thawed},
              cooling_since = #{j.coolingSince}, stood_out = #{j.stoodOut}
            where kitchen_id = #{kitchen} and id = #{j.id}""")
    void update(@Param("kitchen") UUID kitchen, @Param("j") JarRow jar);

    @Select(
            "select id, kind, at, body, person from jar_event where kitchen_id = #{kitchen} and jar_id = #{jar} order by seq")
    List<EventRow> events(@Param("kitchen") UUID kitchen, @Param("jar") UUID jar);

    @Insert("""
            insert into jar_event (id, kitchen_id, jar_id, kind, at, stored_at, person, body)
            values (#{e.id}, #{kitchen}, #{jar}, #{e.kind}, #{e.at}, #{now}, #{e.person}, #{e.body})""")
    void store(
            @Param("kitchen") UUID kitchen,
            @Param("jar") UUID jar,
            @Param("e") EventRow event,
            @Param("now") Instant now);

    @Insert("insert ignore into jar_number (kitchen_id, last) values (#{kitchen}, 0)")
    void beginNumbers(@Param("kitchen") UUID kitchen);

    @Select("select last from jar_number where kitchen_id = #{kitchen} for update")
    int lockNumbers(@Param("kitchen") UUID kitchen);

    @Update("update jar_number set last = #{last} where kitchen_id = #{kitchen}")
    void numbered(@Param("kitchen") UUID kitchen, @Param("last") int last);

    /** A kind of jar. */
    record SizeRow(UUID id, String name, double brimMl, double heightMm, boolean wide, int owned) {}

    @Select("""
            select id, name, brim_ml, height_mm, wide, owned from jar_size
            where kitchen_id = #{kitchen} and removed_at is null order by brim_ml, name""")
    List<SizeRow> sizes(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into jar_size (id, kitchen_id, name, brim_ml, height_mm, wide, owned)
            values (#{s.id}, #{kitchen}, #{s.name}, #{s.brimMl}, #{s.heightMm}, #{s.wide}, #{s.owned})""")
    void addSize(@Param("kitchen") UUID kitchen, @Param("s") SizeRow size);

    @Update("update jar_size set removed_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int removeSize(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Insert("insert into calendar_address values (#{hash}, #{kitchen}, #{person}, #{at})")
    void addAddress(
            @Param("kitchen") UUID kitchen,
            @Param("hash") String hash,
            @Param("person") String person,
            @Param("at") Instant at);

    @Select("select count(*) from calendar_address where kitchen_id = #{kitchen} and person = #{person}")
    int addresses(@Param("kitchen") UUID kitchen, @Param("person") String person);

    @Delete("delete from calendar_address where kitchen_id = #{kitchen} and person = #{person}")
    void revokeAddresses(@Param("kitchen") UUID kitchen, @Param("person") String person);

    /** Whose dates an address shows: asked by who has nothing but the address. */
    @Select("select kitchen_id from calendar_address where token_hash = #{hash}")
    Optional<UUID> kitchenOf(@Param("hash") String hash);
}
