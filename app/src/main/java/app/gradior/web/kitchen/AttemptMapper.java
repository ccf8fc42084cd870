package app.gradior.web.kitchen;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Tries by whoever made them; of no kitchen, since they come before any is known. */
@Mapper
interface AttemptMapper {
    record AttemptRow(int tries, Instant windowEndsAt) {}

    /** Counts one more, or begins to count anew where the window is over. */
    @Insert("""
            insert into attempt (key_hash, tries, window_ends_at) values (#{key}, 1, #{ends})
            on duplicate key update
              tries = if(window_ends_at <= #{now}, 1, tries + 1),
              window_ends_at = if(window_ends_at <= #{now}, #{ends}, window_ends_at)""")
    void count(@Param("key") String key, @Param("now") Instant now, @Param("ends") Instant ends);

    @Select("select tries, window_ends_at from attempt where key_hash = #{key}")
    Optional<AttemptRow> find(@Param("key") String key);

    @Delete("delete from attempt where key_hash = #{key}")
    void forget(@Param("key") String key);

    @Delete("delete from attempt where window_ends_at <= #{now}")
    void sweep(@Param("now") Instant now);
}
