package app.gradior.web.batch;

import app.gradior.plan.Use;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Cooks and their events. */
@Mapper
interface CookMapper {
    String COLUMNS = "select id, sauce_id, sauce_version, pot_id, ring_id, sauce_name, pot_name, started_at, "
            + "finished_at, excluded_at, plan_id, revision, use_for, served_c, wanted_low, wanted_high, cooked_by "
            + "from cook ";

    /** @param contentHash of what was sent under its id; null if it was stored before that was kept */
    record EventRow(UUID id, String kind, Instant at, String body, String contentHash) {}

    /** Which column is which part is said here: to find that out by their names takes longer than the asking. */
    @Results(id = "cookRow")
    @ConstructorArgs({
        @Arg(id = true, column = "id", name = "id", javaType = UUID.class),
        @Arg(column = "sauce_id", name = "sauceId", javaType = UUID.class),
        @Arg(column = "sauce_version", name = "sauceVersion", javaType = int.class),
        @Arg(column = "pot_id", name = "potId", javaType = UUID.class),
        @Arg(column = "ring_id", name = "ringId", javaType = UUID.class),
        @Arg(column = "sauce_name", name = "sauceName", javaType = String.class),
        @Arg(column = "pot_name", name = "potName", javaType = String.class),
        @Arg(column = "started_at", name = "startedAt", javaType = Instant.class),
        @Arg(column = "finished_at", name = "finishedAt", javaType = Instant.class),
        @Arg(column = "excluded_at", name = "excludedAt", javaType = Instant.class),
        @Arg(column = "plan_id", name = "planId", javaType = UUID.class),
        @Arg(column = "revision", name = "revision", javaType = long.class),
        @Arg(column = "use_for", name = "useFor", javaType = Use.class),
        @Arg(column = "served_c", name = "servedC", javaType = Double.class),
        @Arg(column = "wanted_low", name = "wantedLow", javaType = Double.class),
        @Arg(column = "wanted_high", name = "wantedHigh", javaType = Double.class),
        @Arg(column = "cooked_by", name = "cookedBy", javaType = String.class)
    })
    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id}")
    Optional<CookRow> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    /** The cook, locked until the transaction ends, so that its events are judged one after another. */
    @ResultMap("cookRow")
    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id} for update")
    Optional<CookRow> lock(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @ResultMap("cookRow")
    @Select(COLUMNS + "where kitchen_id = #{kitchen} and finished_at is null order by started_at")
    List<CookRow> underWay(@Param("kitchen") UUID kitchen);

    @Select("select count(*) from cook where kitchen_id = #{kitchen}")
    int count(@Param("kitchen") UUID kitchen);

    @ResultMap("cookRow")
    @Select(COLUMNS + "where kitchen_id = #{kitchen} order by started_at")
    List<CookRow> all(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into cook (id, kitchen_id, sauce_id, sauce_version, pot_id, ring_id, sauce_name, pot_name, started_at,
              plan_id, use_for, served_c, wanted_low, wanted_high, cooked_by)
            values (#{cook.id}, #{kitchen}, #{cook.sauceId}, #{cook.sauceVersion}, #{cook.potId}, #{cook.ringId},
              #{cook.sauceName}, #{cook.potName}, #{cook.startedAt}, #{cook.planId}, #{cook.useFor}, #{cook.servedC},
              #{cook.wantedLow}, #{cook.wantedHigh}, #{cook.cookedBy})""")
    void insert(@Param("kitchen") UUID kitchen, @Param("cook") CookRow cook);

    @Update("update cook set excluded_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int exclude(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    /** Counts a change of its entries, and keeps when it came off by them: null while it is under way. */
    @Update("""
            update cook set revision = revision + 1, finished_at = #{finishedAt}
            where kitchen_id = #{kitchen} and id = #{id}""")
    void changed(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("finishedAt") Instant finishedAt);

    @Select("""
            select id, kind, at, body, content_hash from cook_event
            where kitchen_id = #{kitchen} and cook_id = #{cook} order by seq""")
    List<EventRow> events(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook);

    /** Those from one on, that one too: none if the cook has it no more. */
    @Select("""
            select id, kind, at, body, content_hash from cook_event
            where kitchen_id = #{kitchen} and cook_id = #{cook} and seq >= (
              select seq from cook_event where kitchen_id = #{kitchen} and cook_id = #{cook} and id = #{from})
            order by seq""")
    List<EventRow> eventsFrom(@Param("kitchen") UUID kitchen, @Param("cook") UUID cook, @Param("from") UUID from);

    record RevisionRow(UUID kitchenId, UUID id, long revision) {
        BatchService.Which which() {
            return new BatchService.Which(kitchenId, id);
        }
    }

    /** Of cooks of several kitchens, each of which is one that was asked for; which is whose is for the caller to see to. */
    @Select("""
            <script>select kitchen_id, id, revision from cook where id in
              <foreach item="id" collection="cooks" open="(" separator="," close=")">#{id}</foreach>
              and kitchen_id in
              <foreach item="id" collection="kitchens" open="(" separator="," close=")">#{id}</foreach></script>""")
    List<RevisionRow> revisions(@Param("kitchens") Collection<UUID> kitchens, @Param("cooks") Collection<UUID> cooks);

    @Insert("""
            insert into cook_event (id, kitchen_id, cook_id, kind, at, stored_at, body, content_hash)
            values (#{event.id}, #{kitchen}, #{cook}, #{event.kind}, #{event.at}, #{now}, #{event.body},
              #{event.contentHash})""")
    void store(
            @Param("kitchen") UUID kitchen,
            @Param("cook") UUID cook,
            @Param("event") EventRow event,
            @Param("now") Instant now);
}
