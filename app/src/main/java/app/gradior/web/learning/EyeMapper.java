package app.gradior.web.learning;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** How thick somebody thought it was in practice, beside how thick it was. */
@Mapper
interface EyeMapper {
    @Insert("""
            insert into practice_guess (id, kitchen_id, practice_run_id, person, guessed, truth, at)
            values (#{id}, #{kitchen}, #{run}, #{person}, #{guessed}, #{truth}, #{at})""")
    void guessed(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("run") UUID run,
            @Param("person") String person,
            @Param("guessed") double guessed,
            @Param("truth") double truth,
            @Param("at") Instant at);

    /** Those made last, the last first. */
    @Select("""
            select guessed, truth, at from practice_guess
            where kitchen_id = #{kitchen} and person = #{person} order by seq desc limit #{limit}""")
    List<Eyes.Guess> guesses(@Param("kitchen") UUID kitchen, @Param("person") String person, @Param("limit") int limit);

    @Select("select weighs from eye where kitchen_id = #{kitchen} and person = #{person}")
    Optional<Boolean> weighs(@Param("kitchen") UUID kitchen, @Param("person") String person);

    @Insert("""
            insert into eye (kitchen_id, person, weighs) values (#{kitchen}, #{person}, #{weighs})
            on duplicate key update weighs = #{weighs}""")
    void weigh(@Param("kitchen") UUID kitchen, @Param("person") String person, @Param("weighs") boolean weighs);
}
