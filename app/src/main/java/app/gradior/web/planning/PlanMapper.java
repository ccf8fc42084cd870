package app.gradior.web.planning;

import app.gradior.plan.Route;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Kept plans. */
@Mapper
interface PlanMapper {
    /**
     * @param chosen the choices as JSON
     * @param result what they came to, as JSON
     */
    record PlanRow(
            UUID id,
            UUID sauceId,
            int sauceVersion,
            UUID potId,
            UUID ringId,
            Route.Kind route,
            String chosen,
            String result,
            Instant keptAt) {}

    String COLUMNS = "select id, sauce_id, sauce_version, pot_id, ring_id, route, chosen, result, kept_at from plan ";

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id}")
    Optional<PlanRow> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and sauce_id = #{sauce} order by kept_at desc limit 8")
    List<PlanRow> ofSauce(@Param("kitchen") UUID kitchen, @Param("sauce") UUID sauce);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} order by kept_at")
    List<PlanRow> all(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into plan (id, kitchen_id, sauce_id, sauce_version, pot_id, ring_id, route, chosen, result, kept_at)
            values (#{plan.id}, #{kitchen}, #{plan.sauceId}, #{plan.sauceVersion}, #{plan.potId}, #{plan.ringId},
              #{plan.route}, #{plan.chosen}, #{plan.result}, #{plan.keptAt})""")
    int keep(@Param("kitchen") UUID kitchen, @Param("plan") PlanRow plan);
}
