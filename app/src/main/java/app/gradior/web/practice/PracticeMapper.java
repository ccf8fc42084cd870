package app.gradior.web.practice;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Runs of practice, and guesses. */
@Mapper
interface PracticeMapper {
    /**
     * @param exercise as JSON
     * @param steps as JSON
     * @param clockS where the pot's clock was last
     * @param points null while it goes on
     */
    record Row(
            UUID id,
            String person,
            String exercise,
            String lesson,
            long seed,
            String steps,
            double clockS,
            Instant begunAt,
            Instant endedAt,
            Double points) {}

    /** @param best of all runs of a lesson */
    record Best(String lesson, double best, int runs) {}

    String COLUMNS = """
            select id, person, exercise, lesson, seed, steps, clock_s, begun_at, ended_at, points from practice_run
            """;

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id}")
    Optional<Row> find(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select(COLUMNS + "where kitchen_id = #{kitchen} and id = #{id} for update")
    Optional<Row> lock(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Insert("""
            insert into practice_run (id, kitchen_id, person, exercise, lesson, seed, steps, begun_at)
            values (#{id}, #{kitchen}, #{person}, #{exercise}, #{lesson}, #{seed}, #{steps}, #{at})""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("person") String person,
            @Param("exercise") String exercise,
            @Param("lesson") String lesson,
            @Param("seed") long seed,
            @Param("steps") String steps,
            @Param("at") Instant at);

    @Update("""
            update practice_run set steps = #{steps}, clock_s = #{clock}, ended_at = #{ended}, points = #{points}
            where kitchen_id = #{kitchen} and id = #{id}""")
    void change(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("steps") String steps,
            @Param("clock") double clock,
            @Param("ended") Instant ended,
            @Param("points") Double points);

    @Select("""
            select lesson, max(points) as best, count(*) as runs from practice_run
            where kitchen_id = #{kitchen} and person = #{person} and points is not null group by lesson""")
    List<Best> best(@Param("kitchen") UUID kitchen, @Param("person") String person);
}
