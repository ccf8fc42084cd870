package app.gradior.web.kitchen;

import app.gradior.measure.Measures;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.UnitPreference;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Accounts and the kitchens they belong to. */
@Mapper
public interface AccountMapper {
    record AccountRow(
            UUID kitchenId, String kitchenName, String signInName, String passwordHash, Accounts.Guest guest) {}

    /**
     * A kitchen with what it prefers.
     *
     * @param guest why it is there without an account; null for one that stays
     * @param endsAt when it is removed; null for one that stays
     * @param changes how often its rows have changed; the database counts, it is never written
     */
    record KitchenRow(
            UUID id,
            String name,
            int altitudeM,
            Measures measures,
            UnitPreference.Units units,
            UnitPreference.TemperatureScale temperature,
            boolean hood,
            double roomC,
            String timeZone,
            Accounts.Guest guest,
            Instant endsAt,
            long changes) {
        public UnitPreference preference() {
            return new UnitPreference(units, temperature, ZoneId.of(timeZone));
        }
    }

    @Select("""
            select k.id as kitchen_id, k.name as kitchen_name, a.sign_in_name, a.password_hash, k.guest
            from account a join kitchen k on k.id = a.kitchen_id where a.sign_in_name = #{name}""")
    Optional<AccountRow> find(@Param("name") String name);

    @Select("""
            select k.id, k.name, k.altitude_m, k.measures, k.units, k.temperature, k.hood, k.room_c, k.time_zone,
              k.guest, k.ends_at, c.changes
            from kitchen k join kitchen_change c on c.kitchen_id = k.id where k.id = #{id}""")
    Optional<KitchenRow> kitchen(@Param("id") UUID id);

    /** @throws NotFound if there is no such kitchen */
    default KitchenRow get(UUID id) {
        return kitchen(id).orElseThrow(() -> new NotFound("kitchen"));
    }

    @Select("select changes from kitchen_change where kitchen_id = #{kitchen}")
    long changes(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into kitchen (id, name, time_zone, created_at) values (#{id}, #{name}, #{timeZone}, #{at})""")
    void insertKitchen(
            @Param("id") UUID id,
            @Param("name") String name,
            @Param("timeZone") String timeZone,
            @Param("at") Instant at);

    /** With the units, the height and the scale that suit what was wanted. */
    default void equip(UUID kitchen, NewKitchen wanted) {
        boolean us = wanted.units() == UnitPreference.Units.US;
        equip(
                kitchen,
                wanted.units(),
                us ? UnitPreference.TemperatureScale.FAHRENHEIT : UnitPreference.TemperatureScale.CELSIUS,
                wanted.altitudeM());
    }

    @Update("""
            update kitchen set units = #{units}, temperature = #{scale}, altitude_m = #{altitude}
            where id = #{id}""")
    void equip(
            @Param("id") UUID id,
            @Param("units") UnitPreference.Units units,
            @Param("scale") UnitPreference.TemperatureScale scale,
            @Param("altitude") int altitudeM);

    /** Says until when a kitchen that nobody has an account for stays. */
    @Update("update kitchen set guest = #{kind}, ends_at = #{until} where id = #{id}")
    void lend(@Param("id") UUID id, @Param("kind") Accounts.Guest kind, @Param("until") Instant until);

    @Update("""
            update kitchen set name = #{name}, time_zone = #{timeZone}, guest = null, ends_at = null
            where id = #{id} and guest = 'TRIAL'""")
    int keep(@Param("id") UUID id, @Param("name") String name, @Param("timeZone") String timeZone);

    @Update("""
            update account set sign_in_name = #{name}, password_hash = #{hash}
            where kitchen_id = #{kitchen} and sign_in_name = #{old}""")
    int rename(
            @Param("kitchen") UUID kitchen,
            @Param("old") String old,
            @Param("name") String name,
            @Param("hash") String hash);

    record GuestRow(UUID kitchenId, String signInName) {}

    /** A guest's kitchen whose time is over, which no other node is removing. */
    @Select("""
            select k.id as kitchen_id, a.sign_in_name from kitchen k join account a on a.kitchen_id = k.id
            where k.ends_at < #{now} order by k.ends_at limit 1 for update skip locked""")
    Optional<GuestRow> over(@Param("now") Instant now);

    @Insert("""
            insert into account (id, kitchen_id, sign_in_name, password_hash, created_at)
            values (#{id}, #{kitchenId}, #{name}, #{hash}, #{at})""")
    void insertAccount(
            @Param("id") UUID id,
            @Param("kitchenId") UUID kitchenId,
            @Param("name") String name,
            @Param("hash") String hash,
            @Param("at") Instant at);

    @Update("""
            update kitchen set name = #{k.name}, altitude_m = #{k.altitudeM}, measures = #{k.measures}, units = #{k.units},
              temperature = #{k.temperature}, hood = #{k.hood}, room_c = #{k.roomC},
              time_zone = #{k.timeZone} where id = #{k.id}""")
    void prefer(@Param("k") KitchenRow kitchen);

    @Update("update account set password_hash = #{hash} where kitchen_id = #{kitchen} and sign_in_name = #{name}")
    int changePassword(@Param("kitchen") UUID kitchen, @Param("name") String name, @Param("hash") String hash);

    /** Moves a person to another kitchen. */
    @Update("update account set kitchen_id = #{to} where kitchen_id = #{kitchen} and sign_in_name = #{name}")
    int move(@Param("kitchen") UUID kitchen, @Param("name") String name, @Param("to") UUID to);

    @Delete("delete from account where kitchen_id = #{kitchen} and sign_in_name = #{name}")
    int delete(@Param("kitchen") UUID kitchen, @Param("name") String name);

    /**
     * Holds a kitchen until the transaction ends, so that two who leave at once do not both believe the other stays. It
     * writes: what a statement only locks is not locked on the other nodes of a cluster.
     */
    @Update("update kitchen_change set changes = changes + 1 where kitchen_id = #{kitchen}")
    void hold(@Param("kitchen") UUID kitchen);

    record MemberRow(String signInName, Instant createdAt) {}

    @Select("select sign_in_name, created_at from account where kitchen_id = #{kitchen} order by created_at")
    List<MemberRow> members(@Param("kitchen") UUID kitchen);

    record InvitationRow(UUID id, Instant expiresAt) {}

    @Select("""
            select id, expires_at from invitation
            where kitchen_id = #{kitchen} and used_at is null and expires_at > #{now} order by expires_at""")
    List<InvitationRow> invitations(@Param("kitchen") UUID kitchen, @Param("now") Instant now);

    @Insert("""
            insert into invitation (id, kitchen_id, token_hash, created_at, expires_at)
            values (#{id}, #{kitchen}, #{hash}, #{at}, #{expires})""")
    void invite(
            @Param("kitchen") UUID kitchen,
            @Param("id") UUID id,
            @Param("hash") String hash,
            @Param("at") Instant at,
            @Param("expires") Instant expires);

    @Delete("delete from invitation where kitchen_id = #{kitchen} and id = #{id} and used_at is null")
    int withdraw(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    /** An invitation that still holds, found by its secret; it names the kitchen it leads to. */
    record InvitedRow(UUID id, UUID kitchenId, String kitchenName) {}

    @Select("""
            select i.id, i.kitchen_id, k.name as kitchen_name from invitation i join kitchen k on k.id = i.kitchen_id
            where i.token_hash = #{hash} and i.used_at is null and i.expires_at > #{now}""")
    Optional<InvitedRow> invited(@Param("hash") String hash, @Param("now") Instant now);

    @Update("""
            update invitation set used_at = #{now}
            where id = #{id} and kitchen_id = #{kitchen} and used_at is null and expires_at > #{now}""")
    int use(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("now") Instant now);
}
