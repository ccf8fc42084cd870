package app.gradior.web.exchange;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultType;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.session.ResultHandler;

/**
 * The rows of a kitchen as they stand, whatever table they are in. Names of tables and columns stand in the statements
 * as they are: they come from {@link app.gradior.web.kitchen.KitchenTable} and from the database, never from a file.
 */
@Mapper
interface ArchiveMapper {
    /**
     * @param type as the database names it
     * @param json whether it is JSON
     * @param key whether it is part of the primary key
     * @param counted whether the database numbers it
     */
    record Column(String name, String type, boolean json, boolean key, boolean counted) {}

    @Select("""
            select c.column_name as name, c.column_type as type, c.column_key = 'PRI' as `key`,
              c.extra = 'auto_increment' as counted,
              exists (
                select 1 from information_schema.check_constraints k
                where k.constraint_schema = database() and k.table_name = c.table_name
                  and k.check_clause = concat('json_valid(`', c.column_name, '`)')) as json
            from information_schema.columns c where c.table_schema = database() and c.table_name = #{table}
            order by c.ordinal_position""")
    List<Column> columns(@Param("table") String table);

    /** Which migration the database is at. */
    @Select("select max(cast(version as unsigned)) from flyway_schema_history where success")
    int schema();

    @Select("select ${columns} from ${table} where kitchen_id = #{kitchen} order by ${order}")
    @ResultType(Map.class)
    @Options(fetchSize = 500)
    void rows(
            @Param("kitchen") UUID kitchen,
            @Param("table") String table,
            @Param("columns") String columns,
            @Param("order") String order,
            ResultHandler<Map<String, Object>> to);

    @Select("select ${columns} from kitchen where id = #{kitchen}")
    Map<String, Object> settings(@Param("kitchen") UUID kitchen, @Param("columns") String columns);

    @Update("""
            <script>update kitchen set
              <foreach item="value" index="name" collection="values" separator=",">${name} = #{value}</foreach>
            where id = #{kitchen}</script>""")
    void settle(@Param("kitchen") UUID kitchen, @Param("values") Map<String, Object> values);

    @Insert("""
            <script>insert into ${table} (kitchen_id,
              <foreach item="column" collection="columns" separator=",">`${column}`</foreach>) values
              <foreach item="row" collection="rows" separator=",">(#{kitchen},
                <foreach item="value" collection="row" separator=",">#{value}</foreach>)</foreach></script>""")
    void insert(
            @Param("kitchen") UUID kitchen,
            @Param("table") String table,
            @Param("columns") List<String> columns,
            @Param("rows") List<List<Object>> rows);

    /** How many of some ids are another kitchen's. */
    @Select("""
            <script>select count(*) from ${table} where kitchen_id != #{kitchen} and id in
              <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach></script>""")
    int elsewhere(@Param("kitchen") UUID kitchen, @Param("table") String table, @Param("ids") Collection<UUID> ids);

    /** How many of some ids are this kitchen's. */
    @Select("""
            <script>select count(*) from ${table} where kitchen_id = #{kitchen} and id in
              <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach></script>""")
    int here(@Param("kitchen") UUID kitchen, @Param("table") String table, @Param("ids") Collection<UUID> ids);

    /** A column with an id that points at a row of another table. */
    record Pointer(String table, String column, String toTable, String toColumn) {}

    @Select("""
            select k.table_name as `table`, k.column_name as `column`, k.referenced_table_name as to_table,
              k.referenced_column_name as to_column
            from information_schema.key_column_usage k
            join information_schema.columns c on c.table_schema = database() and c.table_name = k.table_name
              and c.column_name = k.column_name and c.data_type = 'uuid'
            where k.table_schema = database() and k.referenced_table_name is not null
              and k.referenced_table_name != 'kitchen'""")
    List<Pointer> pointers();

    /** How many rows of a kitchen point at a row of another. */
    @Select("""
            select count(*) from ${p.table} f join ${p.toTable} t on t.${p.toColumn} = f.${p.column}
            where f.kitchen_id = #{kitchen} and t.kitchen_id != #{kitchen}""")
    int pointingOut(@Param("kitchen") UUID kitchen, @Param("p") Pointer pointer);

    /** The jar codes among some that are taken, by whomever. */
    @Select("""
            <script>select code from jar where code in
              <foreach item="code" collection="codes" open="(" separator="," close=")">#{code}</foreach></script>""")
    List<String> codesTaken(@Param("codes") Collection<String> codes);

    @Delete("delete from ring where kitchen_id = #{kitchen}")
    void clearStove(@Param("kitchen") UUID kitchen);

    record Photo(UUID id, byte[] jpeg) {}

    /** @param owner {@code sauce} or {@code cook} */
    @Select("select ${owner}_id as id, jpeg from ${owner}_photo where kitchen_id = #{kitchen} and ${owner}_id = #{id}")
    Photo photo(@Param("kitchen") UUID kitchen, @Param("owner") String owner, @Param("id") UUID id);

    @Select("select ${owner}_id from ${owner}_photo where kitchen_id = #{kitchen} order by ${owner}_id")
    List<UUID> photos(@Param("kitchen") UUID kitchen, @Param("owner") String owner);

    @Insert("""
            insert into ${owner}_photo (${owner}_id, kitchen_id, jpeg, stored_at)
            select id, kitchen_id, #{jpeg}, utc_timestamp(6) from ${owner} where kitchen_id = #{kitchen} and id = #{id}""")
    int keepPhoto(
            @Param("kitchen") UUID kitchen,
            @Param("owner") String owner,
            @Param("id") UUID id,
            @Param("jpeg") byte[] jpeg);
}
