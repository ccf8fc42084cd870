package app.gradior.web.batch;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Verdicts on batches. */
@Mapper
interface VerdictMapper {
    String COLUMNS =
            "select cook_id, person, next_day, thickness, salt, sharp, sweet, heat, again, words, at from verdict ";

    @Insert("""
            replace into verdict (cook_id, person, next_day, kitchen_id, sauce_id, thickness, salt, sharp, sweet, heat, again,
              words, at)
            values (#{v.cookId}, #{v.person}, #{v.nextDay}, #{kitchen}, #{sauce}, #{v.thickness}, #{v.salt}, #{v.sharp},
              #{v.sweet}, #{v.heat}, #{v.again}, #{v.words}, #{v.at})""")
    void write(@Param("kitchen") UUID kitchen, @Param("sauce") UUID sauce, @Param("v") Verdict verdict);

    @Delete("""
            delete from verdict where kitchen_id = #{kitchen} and cook_id = #{cook} and person = #{person}
              and next_day = #{nextDay}""")
    int remove(
            @Param("kitchen") UUID kitchen,
            @Param("cook") UUID cook,
            @Param("person") String person,
            @Param("nextDay") boolean nextDay);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and cook_id = #{cook} order by next_day, at")
    List<Verdict> of(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} order by at, cook_id, next_day")
    List<Verdict> all(@Param("kitchen") UUID kitchen);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and sauce_id = #{sauce} order by at desc limit #{limit}")
    List<Verdict> ofSauce(@Param("kitchen") UUID kitchen, @Param("sauce") UUID sauce, @Param("limit") int limit);

    @Update("update verdict set person = #{to} where kitchen_id = #{kitchen} and person = #{from}")
    void rename(@Param("kitchen") UUID kitchen, @Param("from") String from, @Param("to") String to);

    @Update("update cook set cooked_by = #{to} where kitchen_id = #{kitchen} and cooked_by = #{from}")
    void renameCook(@Param("kitchen") UUID kitchen, @Param("from") String from, @Param("to") String to);

    /** The latest word on a batch's thickness stands in its summary, for lists. */
    @Update("""
            update batch_summary set verdict = (
              select thickness from verdict where kitchen_id = #{kitchen} and cook_id = #{cook}
              order by next_day desc, at desc limit 1), judged_next_day = exists (
              select 1 from verdict where kitchen_id = #{kitchen} and cook_id = #{cook} and next_day)
            where kitchen_id = #{kitchen} and cook_id = #{cook}""")
    void summarise(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);
}
