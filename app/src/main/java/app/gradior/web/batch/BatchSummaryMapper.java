package app.gradior.web.batch;

import app.gradior.learning.BatchEvidence;
import app.gradior.web.sauce.LastMade;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Summaries of finished batches. */
@Mapper
interface BatchSummaryMapper {
    /** Along the summaries, which are read in their order: the other way round every cook of the kitchen is looked at. */
    String SELECT = """
            select c.id, c.sauce_id, c.sauce_version, c.pot_id, c.ring_id, c.sauce_name, c.pot_name, c.excluded_at,
              s.finished_at, s.activity, s.forecast_low, s.forecast_middle, s.forecast_high, s.took_minutes, s.aimed_grams,
              s.yield_grams, s.look, s.use_for, s.stove_grade, s.warm_grade, s.cold_grade, s.wanted_low, s.wanted_high,
              s.wanted_cold, s.learnt_ln_k, s.learnt_log_sd, s.z_pace, s.left_low, s.left_high, s.z_left, s.altitude_m,
              s.verdict, s.judged_next_day
            from batch_summary s straight_join cook c on c.id = s.cook_id
            where s.kitchen_id = #{kitchen} and c.kitchen_id = #{kitchen} """;

    String LATEST_FIRST = " order by s.finished_at desc, s.cook_id desc limit #{limit}";

    /** A cook whose summary is missing or of another model. */
    record Stale(UUID kitchenId, UUID id) {}

    @Select(SELECT + LATEST_FIRST)
    List<BatchSummary> latest(@Param("kitchen") UUID kitchen, @Param("limit") int limit);

    @Select(SELECT + "and (s.finished_at, s.cook_id) < (#{finishedAt}, #{id})" + LATEST_FIRST)
    List<BatchSummary> before(
            @Param("kitchen") UUID kitchen,
            @Param("finishedAt") Instant finishedAt,
            @Param("id") UUID id,
            @Param("limit") int limit);

    /** Those that a filter lets through, the latest first; after one of them if it is given. */
    @Select("<script>" + SELECT + """
            <if test="f.name != null">and (c.sauce_name like #{f.name} or exists (
              select 1 from verdict v where v.cook_id = c.id and v.kitchen_id = #{kitchen} and v.words like #{f.name}))</if>
            <if test="f.sauce != null">and s.sauce_id = #{f.sauce}</if>
            <if test="f.pot != null">and s.pot_id = #{f.pot}</if>
            <if test="f.by != null">and c.cooked_by = #{f.by}</if>
            <if test="f.verdictFrom != null">and s.verdict &gt;= #{f.verdictFrom} and s.verdict &lt;= #{f.verdictTo}</if>
            <if test="f.from != null">and s.finished_at &gt;= #{f.from}</if>
            <if test="f.until != null">and s.finished_at &lt; #{f.until}</if>
            <if test="after != null">and (s.finished_at, s.cook_id) &lt; (#{after.finishedAt}, #{after.id})</if>
            order by s.finished_at desc, s.cook_id desc limit #{limit}
            </script>""")
    List<BatchSummary> search(
            @Param("kitchen") UUID kitchen,
            @Param("f") BatchFilter filter,
            @Param("after") CookRow after,
            @Param("limit") int limit);

    /** Those of some ids, in any order. */
    @Select("<script>" + SELECT + """
            and s.cook_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
            </script>""")
    List<BatchSummary> some(@Param("kitchen") UUID kitchen, @Param("ids") Collection<UUID> ids);

    /** Those of a pot that tell something of it. */
    @Select(SELECT + "and s.pot_id = #{pot} and s.learnt_ln_k is not null" + LATEST_FIRST)
    List<BatchSummary> tellingOf(@Param("kitchen") UUID kitchen, @Param("pot") UUID pot, @Param("limit") int limit);

    /** What learning reads of every batch, those that came off first before the others. */
    @Select("""
            select c.id, c.pot_id, c.ring_id, c.sauce_id, c.sauce_version, c.excluded_at, s.finished_at, s.activity,
              s.learnt_ln_k, s.learnt_log_sd, s.z_pace, s.z_left, s.use_for, s.final_grade, s.structure, s.thickeners, c.cooked_by
            from batch_summary s straight_join cook c on c.id = s.cook_id
            where s.kitchen_id = #{kitchen} and c.kitchen_id = #{kitchen}
            order by s.finished_at, s.cook_id""")
    List<ToldBatch> told(@Param("kitchen") UUID kitchen);

    @Select("select cook_id, kind, y, v, z from batch_reading where kitchen_id = #{kitchen} order by cook_id, n")
    List<ToldReading> readings(@Param("kitchen") UUID kitchen);

    @Insert("""
            replace into batch_summary (cook_id, kitchen_id, model, finished_at, activity, forecast_low, forecast_middle,
              forecast_high, took_minutes, aimed_grams, yield_grams, look, use_for, stove_grade, warm_grade, cold_grade,
              wanted_low, wanted_high, wanted_cold, learnt_ln_k, learnt_log_sd, z_pace, final_grade, structure, thickeners,
              sauce_id, sauce_version, pot_id, left_low, left_high, z_left, altitude_m, verdict, judged_next_day)
            values (#{m.summary.id}, #{kitchen}, #{model}, #{m.summary.finishedAt}, #{m.summary.activity},
              #{m.summary.forecastLow}, #{m.summary.forecastMiddle}, #{m.summary.forecastHigh}, #{m.summary.tookMinutes},
              #{m.summary.aimedGrams}, #{m.summary.yieldGrams}, #{m.summary.look}, #{m.summary.useFor},
              #{m.summary.stoveGrade}, #{m.summary.warmGrade}, #{m.summary.coldGrade}, #{m.summary.wantedLow},
              #{m.summary.wantedHigh}, #{m.summary.wantedCold}, #{m.summary.learntLnK}, #{m.summary.learntLogSd},
              #{m.summary.zPace}, #{m.evidence.finalGrade}, #{m.evidence.structure}, #{m.thickeners}, #{m.summary.sauceId},
              #{m.summary.sauceVersion}, #{m.summary.potId}, #{m.summary.leftLow},
              #{m.summary.leftHigh}, #{m.summary.zLeft}, #{m.summary.altitudeM}, (
                select thickness from verdict where kitchen_id = #{kitchen} and cook_id = #{m.summary.id}
                order by next_day desc, at desc limit 1), exists (
                select 1 from verdict where kitchen_id = #{kitchen} and cook_id = #{m.summary.id} and next_day))""")
    void writeRow(@Param("kitchen") UUID kitchen, @Param("m") BatchSummary.Made made, @Param("model") int model);

    @Select("select exists (select 1 from batch_reading where kitchen_id = #{kitchen} and cook_id = #{cook})")
    boolean hasReadings(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    /** Deleting where there is nothing would lock the gap that other cooks' readings go into. */
    default void clearReadings(UUID kitchen, UUID cook) {
        if (hasReadings(kitchen, cook)) {
            removeReadings(kitchen, cook);
        }
    }

    @Delete("delete from batch_reading where kitchen_id = #{kitchen} and cook_id = #{cook}")
    void removeReadings(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    @Insert("""
            <script>
            insert into batch_reading (cook_id, n, kitchen_id, kind, y, v, z) values
              <foreach item="seen" index="n" collection="seen" separator=",">
                (#{cook}, #{n}, #{kitchen}, #{seen.kind}, #{seen.y}, #{seen.v}, #{seen.z})
              </foreach>
            </script>""")
    void writeReadings(
            @Param("kitchen") UUID kitchen, @Param("cook") UUID cook, @Param("seen") List<BatchEvidence.Seen> seen);

    /** The summary with all that is stored beside it. */
    default void write(UUID kitchen, BatchSummary.Made made, int model) {
        UUID cook = made.summary().id();
        writeRow(kitchen, made, model);
        clearReadings(kitchen, cook);
        if (!made.evidence().seen().isEmpty()) {
            writeReadings(kitchen, cook, made.evidence().seen());
        }
    }

    /** The latest of each of some sauces, each by one look into the index. */
    @Select("""
            <script>
            select x.id as sauce_id, s.cook_id as id, s.finished_at, s.took_minutes, s.yield_grams, s.look
            from sauce x straight_join batch_summary s on s.cook_id = (
              select b.cook_id from batch_summary b where b.kitchen_id = #{kitchen} and b.sauce_id = x.id
              order by b.finished_at desc limit 1)
            where x.kitchen_id = #{kitchen} and s.kitchen_id = #{kitchen} and x.id in
              <foreach item="id" collection="sauces" open="(" separator="," close=")">#{id}</foreach>
            </script>""")
    List<LastMade.Batch> latestOf(@Param("kitchen") UUID kitchen, @Param("sauces") Collection<UUID> sauces);

    /** Of a batch that is back on the stove. */
    default void remove(UUID kitchen, UUID cook) {
        clearReadings(kitchen, cook);
        removeRow(kitchen, cook);
    }

    @Delete("delete from batch_summary where kitchen_id = #{kitchen} and cook_id = #{cook}")
    void removeRow(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    /** Of all kitchens: it is asked by what puts summaries right, and by nobody else. */
    @Select("""
            select c.kitchen_id, c.id from cook c left join batch_summary s on s.cook_id = c.id
            where c.finished_at is not null and (s.cook_id is null or s.model <> #{model})
            order by c.id limit #{limit}""")
    List<Stale> stale(@Param("model") int model, @Param("limit") int limit);

    /** Marks all summaries to be made anew. */
    @Update("update batch_summary set model = 0")
    int outdate();
}
