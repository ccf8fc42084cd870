package app.gradior.web.kitchen;

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

/** Tokens of people's own programs. */
@Mapper
interface ApiTokenMapper {
    @Select("""
            select id, name, scope, created_at, ends_at, used_at from api_token
            where kitchen_id = #{kitchen} and person = #{person} order by created_at desc""")
    List<ApiTokens.Token> all(@Param("kitchen") UUID kitchen, @Param("person") String person);

    @Insert("""
            insert into api_token (id, kitchen_id, person, name, token_hash, scope, created_at, ends_at)
            values (#{t.id}, #{kitchen}, #{person}, #{t.name}, #{hash}, #{t.scope}, #{t.createdAt}, #{t.endsAt})""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("person") String person,
            @Param("t") ApiTokens.Token token,
            @Param("hash") String hash);

    @Delete("delete from api_token where kitchen_id = #{kitchen} and person = #{person} and id = #{id}")
    int withdraw(@Param("kitchen") UUID kitchen, @Param("person") String person, @Param("id") UUID id);

    @Delete("delete from api_token where kitchen_id = #{kitchen} and person = #{person}")
    void withdrawAll(@Param("kitchen") UUID kitchen, @Param("person") String person);

    record ProvedRow(UUID id, UUID kitchenId, String person, ApiTokens.Scope scope, Instant usedAt) {}

    /** A token that still holds, found by its secret; it names the kitchen that it opens. */
    @Select("""
            select t.id, t.kitchen_id, t.person, t.scope, t.used_at from api_token t
            join account a on a.kitchen_id = t.kitchen_id and a.sign_in_name = t.person
            where t.token_hash = #{hash} and t.ends_at > #{now}""")
    Optional<ProvedRow> proved(@Param("hash") String hash, @Param("now") Instant now);

    @Update("update api_token set used_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    void used(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);
}
