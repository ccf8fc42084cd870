package app.gradior.web.account;

import app.gradior.measure.Measures;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Accounts and the kitchens they belong to. */
@Mapper
public interface AccountMapper {
    record AccountRow(UUID kitchenId, String kitchenName, String signInName, String passwordHash) {}

    record KitchenRow(UUID id, String name, int altitudeM, Measures measures) {}

    @Select("""
            select k.id as kitchen_id, k.name as kitchen_name, a.sign_in_name, a.password_hash
            from account a join kitchen k on k.id = a.kitchen_id where a.sign_in_name = #{name}""")
    Optional<AccountRow> find(@Param("name") String name);

    @Select("select id, name, altitude_m, measures from kitchen where id = #{id}")
    Optional<KitchenRow> kitchen(@Param("id") UUID id);

    @Insert("insert into kitchen (id, name, altitude_m, created_at) values (#{id}, #{name}, #{altitudeM}, #{at})")
    void insertKitchen(
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("altitudeM") int altitudeM,
            @Param("at") Instant at);

    @Insert("""
            insert into account (id, kitchen_id, sign_in_name, password_hash, created_at)
            values (#{id}, #{kitchenId}, #{name}, #{hash}, #{at})""")
    void insertAccount(
            @Param("id") UUID id,
            @Param("kitchenId") UUID kitchenId,
            @Param("name") String name,
            @Param("hash") String hash,
            @Param("at") Instant at);
}
