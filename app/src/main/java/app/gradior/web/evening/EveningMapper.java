package app.gradior.web.evening;

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

/** Evenings, what happened on them, and the lines that a kitchen has typed. */
@Mapper
interface EveningMapper {
    /**
     * @param schedule as JSON; null if none was found yet
     * @param scheduleOf what it is the schedule of
     */
    record Row(
            UUID id,
            String name,
            Instant servedAt,
            String body,
            long revision,
            String schedule,
            String scheduleOf,
            Instant scheduledAt,
            Instant startedAt,
            Instant finishedAt) {}

    record Listed(UUID id, String name, Instant servedAt, Instant startedAt, Instant finishedAt) {}

    record EventRow(UUID id, String kind, Instant at, String body, String person) {}

    String COLUMNS = """
            select id, name, served_at, body, revision, schedule, schedule_of, scheduled_at, started_at, finished_at
            from evening
            """;

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id}")
    Optional<Row> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id} for update")
    Optional<Row> lock(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    String SHORT = "select id, name, served_at, started_at, finished_at from evening where kitchen_id = #{kitchen} ";

    @Select(SHORT + "and served_at >= #{from} and finished_at is null order by served_at, id limit #{limit}")
    List<Listed> coming(@Param("kitchen") UUID kitchen, @Param("from") Instant from, @Param("limit") int limit);

    @Select(SHORT + """
            and (served_at < #{until} or finished_at is not null) order by served_at desc, id desc limit #{limit}""")
    List<Listed> past(@Param("kitchen") UUID kitchen, @Param("until") Instant until, @Param("limit") int limit);

    @Insert("""
            insert into evening (id, kitchen_id, name, served_at, body, created_at)
            values (#{id}, #{kitchen}, #{name}, #{servedAt}, #{body}, #{at})""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("servedAt") Instant servedAt,
            @Param("body") String body,
            @Param("at") Instant at);

    @Update("""
            update evening set name = #{name}, served_at = #{servedAt}, body = #{body}, revision = revision + 1
            where kitchen_id = #{kitchen} and id = #{id}""")
    void change(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("servedAt") Instant servedAt,
            @Param("body") String body);

    @Update("""
            update evening set schedule = #{schedule}, schedule_of = #{of}, scheduled_at = #{at}
            where kitchen_id = #{kitchen} and id = #{id}""")
    int schedule(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("schedule") String schedule,
            @Param("of") String of,
            @Param("at") Instant at);

    @Update("""
            update evening set started_at = #{started}, finished_at = #{finished}, revision = revision + 1
            where kitchen_id = #{kitchen} and id = #{id}""")
    void goesOn(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("started") Instant started,
            @Param("finished") Instant finished);

    @Delete("delete from evening_event where kitchen_id = #{kitchen} and evening_id = #{id}")
    void removeEvents(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Delete("delete from evening where kitchen_id = #{kitchen} and id = #{id}")
    int remove(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("""
            select id, kind, at, body, person from evening_event
            where kitchen_id = #{kitchen} and evening_id = #{evening} order by seq""")
    List<EventRow> events(@Param("kitchen") UUID kitchen, @Param("evening") UUID evening);

    /** The bodies of what came last of a kind, over all evenings. */
    @Select("""
            select id, kind, at, body, person from evening_event
            where kitchen_id = #{kitchen} and kind = #{kind} order by seq desc limit #{limit}""")
    List<EventRow> latest(@Param("kitchen") UUID kitchen, @Param("kind") String kind, @Param("limit") int limit);

    @Insert("""
            insert into evening_event (id, kitchen_id, evening_id, kind, at, stored_at, person, body)
            values (#{e.id}, #{kitchen}, #{evening}, #{e.kind}, #{e.at}, #{now}, #{e.person}, #{e.body})""")
    void store(
            @Param("kitchen") UUID kitchen,
            @Param("evening") UUID evening,
            @Param("e") EventRow event,
            @Param("now") Instant now);

    @Insert("""
            insert into job_line (kitchen_id, line, used_at) values (#{kitchen}, #{line}, #{at})
            on duplicate key update used_at = values(used_at)""")
    void remember(@Param("kitchen") UUID kitchen, @Param("line") String line, @Param("at") Instant at);

    @Select("select line from job_line where kitchen_id = #{kitchen} order by used_at desc, line limit #{limit}")
    List<String> lines(@Param("kitchen") UUID kitchen, @Param("limit") int limit);

    @Delete("delete from job_line where kitchen_id = #{kitchen} and line = #{line}")
    int forget(@Param("kitchen") UUID kitchen, @Param("line") String line);
}
