package app.gradior.web.device;

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

/** Devices and what they sent lately. */
@Mapper
interface DeviceMapper {
    String COLUMNS = "select id, kitchen_id, name, kind, token_hash from device where removed_at is null ";

    @Select(COLUMNS + "and kitchen_id = #{kitchen} order by name, created_at")
    List<Device> all(@Param("kitchen") UUID kitchen);

    /** A device by its id alone: it comes with no sign-in, and its token has to prove it. */
    @Select(COLUMNS + "and id = #{id}")
    Optional<Device> anywhere(@Param("id") UUID id);

    @Insert("""
            insert into device (id, kitchen_id, name, kind, token_hash, created_at)
            values (#{device.id}, #{device.kitchenId}, #{device.name}, #{device.kind}, #{device.tokenHash}, #{at})""")
    void insert(@Param("device") Device device, @Param("at") Instant at);

    @Update("update device set removed_at = #{at} where kitchen_id = #{kitchen} and id = #{id} and removed_at is null")
    int remove(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    record ValueRow(double value, Instant at) {}

    @Insert("""
            insert into device_value (kitchen_id, device_id, value, at, received_at)
            values (#{device.kitchenId}, #{device.id}, #{value}, #{at}, #{now})""")
    void keep(
            @Param("device") Device device,
            @Param("value") double value,
            @Param("at") Instant at,
            @Param("now") Instant now);

    @Select("""
            select value, at from device_value
            where kitchen_id = #{kitchen} and device_id = #{id} order by at desc, seq desc limit 1""")
    Optional<ValueRow> latest(@Param("kitchen") UUID kitchen, @Param("id") UUID id);

    /** What is older is of no use: only the latest value counts. */
    @Delete("delete from device_value where device_id = #{id} and kitchen_id = #{kitchen} and at < #{before}")
    void forget(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("before") Instant before);
}
