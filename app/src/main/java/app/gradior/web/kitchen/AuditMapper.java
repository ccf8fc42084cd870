package app.gradior.web.kitchen;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Who came in to a kitchen, and what was taken out. */
@Mapper
interface AuditMapper {
    @Insert("""
            insert into audit_entry (id, kitchen_id, at, person, what, address)
            values (#{id}, #{kitchen}, #{at}, #{person}, #{what}, #{address})""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("at") Instant at,
            @Param("person") String person,
            @Param("what") Audit.What what,
            @Param("address") String address);

    @Delete("delete from audit_entry where kitchen_id = #{kitchen} and at < #{before}")
    void forget(@Param("kitchen") UUID kitchen, @Param("before") Instant before);

    @Select("""
            select at, person, what, address from audit_entry
            where kitchen_id = #{kitchen} order by at desc, seq desc limit #{most}""")
    List<Audit.Entry> latest(@Param("kitchen") UUID kitchen, @Param("most") int most);

    /** What a person did that another could do in their name, and what they owned of it. */
    @Select("""
            select at, person, what, address from audit_entry
            where kitchen_id = #{kitchen} and person = #{person}
              and what in ('SIGNED_IN', 'PASSWORD_CHANGED', 'TOKEN_MADE', 'OWNED')
            order by at desc, seq desc limit #{most}""")
    List<Audit.Entry> done(@Param("kitchen") UUID kitchen, @Param("person") String person, @Param("most") int most);
}
