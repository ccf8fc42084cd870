package app.gradior.web.journal;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Pictures of batches. */
@Mapper
interface BatchPhotoMapper {
    record Photo(byte[] jpeg) {}

    @Select("select jpeg from cook_photo where kitchen_id = #{kitchen} and cook_id = #{id}")
    Optional<Photo> photo(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    @Select("select count(*) > 0 from cook_photo where kitchen_id = #{kitchen} and cook_id = #{id}")
    boolean has(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    /** Which of some batches have one, the oldest first. */
    default List<UUID> among(UUID kitchen, List<UUID> ids) {
        return ids.isEmpty() ? List.of() : some(kitchen, ids);
    }

    @Select("""
            <script>
            select p.cook_id from cook_photo p join cook c on c.id = p.cook_id
            where p.kitchen_id = #{kitchen} and c.kitchen_id = #{kitchen} and p.cook_id in
              <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
            order by c.finished_at
            </script>""")
    List<UUID> some(@Param("kitchen") UUID kitchen, @Param("ids") List<UUID> ids);

    @Insert("""
            insert into cook_photo (cook_id, kitchen_id, jpeg, stored_at) values (#{id}, #{kitchen}, #{jpeg}, #{at})
            on duplicate key update jpeg = values(jpeg), stored_at = values(stored_at)""")
    void keep(
            @Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("jpeg") byte[] jpeg, @Param("at") Instant at);

    @Delete("delete from cook_photo where kitchen_id = #{kitchen} and cook_id = #{id}")
    int remove(@Param("kitchen") UUID kitchen, @Param("id") UUID id);
}
