package app.gradior.web.equipment;

import app.gradior.pot.Activity;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Boil-off tests. */
@Mapper
public interface BoilOffMapper {
    /** A test; what is not there yet is null. Weights are of the water alone. */
    record Test(
            UUID id,
            UUID potId,
            UUID ringId,
            Activity activity,
            String dialMark,
            boolean hood,
            double beforeG,
            Instant begunAt,
            Instant startedAt,
            Instant endedAt,
            Double afterG,
            Double k,
            Double logSd,
            Instant excludedAt) {
        public boolean done() {
            return k != null;
        }

        public boolean excluded() {
            return excludedAt != null;
        }

        public double minutes() {
            return java.time.Duration.between(startedAt, endedAt).toMillis() / 60_000.0;
        }
    }

    /** How often a mark of a dial gave an activity. */
    record MarkRow(UUID ringId, String dialMark, Activity activity, int times) {}

    String COLUMNS = """
            select id, pot_id, ring_id, activity, dial_mark, hood, before_g, begun_at, started_at, ended_at, after_g, k,
              log_sd, excluded_at
            from boil_off where kitchen_id = #{kitchen}""";

    @Select(COLUMNS + " and id = #{id}")
    Optional<Test> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + " order by begun_at desc limit 200")
    List<Test> all(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert ignore into boil_off (id, kitchen_id, pot_id, ring_id, activity, dial_mark, hood, before_g, begun_at)
            values (#{test.id}, #{kitchen}, #{test.potId}, #{test.ringId}, #{test.activity}, #{test.dialMark},
              #{test.hood}, #{test.beforeG}, #{test.begunAt})""")
    void insert(@Param("kitchen") UUID kitchen, @Param("test") Test test);

    @Update("""
            update boil_off set started_at = #{at}
            where kitchen_id = #{kitchen} and id = #{id} and started_at is null""")
    int start(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Update("""
            update boil_off set ended_at = #{at}
            where kitchen_id = #{kitchen} and id = #{id} and started_at is not null and ended_at is null""")
    int end(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Update("""
            update boil_off set after_g = #{after}, k = #{k}, log_sd = #{sd}
            where kitchen_id = #{kitchen} and id = #{id} and ended_at is not null and k is null""")
    int finish(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("after") double after,
            @Param("k") double k,
            @Param("sd") double sd);

    @Update("update boil_off set excluded_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int exclude(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Delete("delete from boil_off where kitchen_id = #{kitchen} and id = #{id} and k is null")
    int giveUp(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("""
            select ring_id, dial_mark, activity, count(*) as times from boil_off
            where kitchen_id = #{kitchen} and k is not null and excluded_at is null and dial_mark is not null
            group by ring_id, dial_mark, activity order by times desc""")
    List<MarkRow> marks(@Param("kitchen") UUID kitchen);
}
