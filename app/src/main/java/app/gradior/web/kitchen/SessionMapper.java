package app.gradior.web.kitchen;

import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Looks at sessions, which are nobody's kitchen's; Spring Session keeps them. */
@Mapper
interface SessionMapper {
    /**
     * Those of some that are there. Spring Session takes those whose time is over out once a minute.
     *
     * @param ids at least one
     */
    @Select("""
            <script>select session_id from SPRING_SESSION where session_id in
            <foreach collection="ids" item="id" open="(" separator="," close=")">#{id}</foreach></script>""")
    Set<String> open(@Param("ids") Set<String> ids);
}
