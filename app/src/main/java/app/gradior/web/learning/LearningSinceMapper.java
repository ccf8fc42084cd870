package app.gradior.web.learning;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** From when on things are learnt afresh. */
@Mapper
interface LearningSinceMapper {
    /** What is learnt afresh. */
    enum Kind {
        /** Another pot under the name of one. */
        POT,
        /** It was asked whether it is another pot, and it is not. */
        SAME_POT,
        SAUCE,
        WISH
    }

    record Since(Kind kind, String subject, Instant since) {}

    @Select("select kind, subject, since from learning_since where kitchen_id = #{kitchen} order by since")
    List<Since> all(@Param("kitchen") UUID kitchen);

    @Insert("insert ignore into learning_since values (#{kitchen}, #{kind}, #{subject}, #{since})")
    void add(
            @Param("kitchen") UUID kitchen,
            @Param("kind") Kind kind,
            @Param("subject") String subject,
            @Param("since") Instant since);

    @Delete("delete from learning_since where kitchen_id = #{kitchen} and kind = #{kind} and subject = #{subject}")
    int remove(@Param("kitchen") UUID kitchen, @Param("kind") Kind kind, @Param("subject") String subject);
}
