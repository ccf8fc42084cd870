package app.gradior.web.kitchen;

import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Looks at sessions, which are nobody's kitchen's; Spring Session keeps them. */
@Mapper
interface SessionMapper {
    /**
     * Those of some that have not ended.
     *
     * @param ids at least one
     * @param now in milliseconds since 1970
     */
    @Select("""
            <script>select session_id from SPRING_SESSION where session_id in
            <foreach collection="ids" item="id" open="(" separator="," close=")">#{id}</foreach>
            and expiry_time &gt; #{now}</script>""")
    Set<String> open(@Param("ids") Set<String> ids, @Param("now") long now);
}
