package app.gradior.web.batch;

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
            select c.id, c.pot_id, c.ring_id, c.sauce_name, c.pot_name, c.excluded_at, s.finished_at, s.activity,
              s.forecast_low, s.forecast_middle, s.forecast_high, s.took_minutes, s.aimed_grams, s.yield_grams, s.look,
              s.learnt_ln_k, s.learnt_log_sd
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

    @Select(SELECT + "and s.learnt_ln_k is not null" + LATEST_FIRST)
    List<BatchSummary> telling(@Param("kitchen") UUID kitchen, @Param("limit") int limit);

    @Insert("""
            replace into batch_summary (cook_id, kitchen_id, model, finished_at, activity, forecast_low, forecast_middle,
              forecast_high, took_minutes, aimed_grams, yield_grams, look, learnt_ln_k, learnt_log_sd, sauce_id)
            values (#{s.id}, #{kitchen}, #{model}, #{s.finishedAt}, #{s.activity}, #{s.forecastLow}, #{s.forecastMiddle},
              #{s.forecastHigh}, #{s.tookMinutes}, #{s.aimedGrams}, #{s.yieldGrams}, #{s.look}, #{s.learntLnK},
              #{s.learntLogSd}, (select sauce_id from cook where kitchen_id = #{kitchen} and id = #{s.id}))""")
    void write(@Param("kitchen") UUID kitchen, @Param("s") BatchSummary summary, @Param("model") int model);

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

    @Delete("delete from batch_summary where kitchen_id = #{kitchen} and cook_id = #{cook}")
    void remove(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

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
