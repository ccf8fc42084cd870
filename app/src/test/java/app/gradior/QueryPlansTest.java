package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.web.SignedIn;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.reflection.ParamNameResolver;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every statement of every mapper, as the database would go about it with thousands of other kitchens in it: by an index. */
@ExtendWith(RunningApplication.class)
class QueryPlansTest {
    private static final int KITCHENS = 1500;

    /** What looks through all kitchens, once in a while, and has no index that could help; with why. */
    private static final Map<String, String> MAY_SCAN =
            Map.of("BatchSummaryMapper.outdate", "./gradior rebuild makes all of them anew");

    /** Its tables are named by who calls; each is asked for by the kitchen or by the ids of an archive. */
    private static final String OF_ANY_TABLE = "ArchiveMapper.";

    private final UUID kitchen = UUID.randomUUID();
    private final Set<String> notExplained = new TreeSet<>();

    @Test
    void noStatementLooksThroughTheRowsOfAllKitchens(SqlSessionFactory factory) throws Exception {
        TestKitchen own = TestKitchen.of("one-of-many");
        SignedIn person = own.http();
        Map<String, String> ids = person.furnish();
        person.post("/cooks/" + ids.get("cooks") + "/events", "kind=weighed&value=800");
        person.post("/cooks/" + ids.get("cooks") + "/events", "kind=finished&value=700&second=2x250");
        Set<String> scans = new TreeSet<>();
        int looked = 0;
        try (Connection owner = TestDatabase.owner()) {
            multiply(owner, own.id());
            Configuration configuration = factory.getConfiguration();
            for (Class<?> mapper : configuration.getMapperRegistry().getMappers()) {
                for (Method method : mapper.getDeclaredMethods()) {
                    String id = mapper.getName() + "." + method.getName();
                    if (!method.isDefault() && configuration.hasStatement(id)) {
                        looked += explained(
                                        owner,
                                        configuration,
                                        configuration.getMappedStatement(id),
                                        method,
                                        own,
                                        ids,
                                        scans)
                                ? 1
                                : 0;
                    }
                }
            }
            forget(owner);
        }
        assertThat(looked).isGreaterThan(120);
        assertThat(notExplained)
                .allMatch(name -> name.startsWith(OF_ANY_TABLE) || name.equals("BatchSummaryMapper.writeRow"));
        assertThat(scans).isEmpty();
    }

    private static void multiply(Connection owner, UUID kitchen) throws Exception {
        try (Statement sql = owner.createStatement()) {
            sql.execute("set foreign_key_checks = 0, @from = 1, @to = " + KITCHENS + ", @kitchen = '" + kitchen + "'");
            String script = Files.readString(Path.of("..", "tools", "scale.sql"));
            List<String> copies = new ArrayList<>();
            for (String statement : script.split(";\\s*\\n")) {
                if (sql.execute(statement)) {
                    ResultSet said = sql.getResultSet();
                    while (said.next()) {
                        copies.add(said.getString(1));
                    }
                }
            }
            assertThat(copies).hasSizeGreaterThan(30);
            List<String> tables = new ArrayList<>();
            for (String copy : copies) {
                sql.execute(copy);
                tables.add(copy.substring(copy.indexOf('`'), copy.indexOf('`', copy.indexOf('`') + 1) + 1));
            }
            sql.execute("analyze table " + String.join(", ", tables));
        }
    }

    /** The copies go: other tests count. */
    private static void forget(Connection owner) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (Statement sql = owner.createStatement()) {
            ResultSet all = sql.executeQuery("select distinct table_name from information_schema.columns "
                    + "where table_schema = database() and column_name = 'kitchen_id'");
            while (all.next()) {
                tables.add(all.getString(1));
            }
            sql.execute("create temporary table copied as "
                    + "select cast(insert(insert(md5(concat(@kitchen, seq)), 13, 1, '4'), 17, 1, '8') as uuid) as id "
                    + "from seq_1_to_" + KITCHENS);
            for (String table : tables) {
                sql.execute("delete t from `" + table + "` t join copied c on c.id = t.kitchen_id");
            }
            sql.execute("delete k from kitchen k join copied c on c.id = k.id");
        }
    }

    /** Whether it could be explained: what changes rows without looking for any has no plan. */
    private boolean explained(
            Connection owner,
            Configuration configuration,
            MappedStatement statement,
            Method method,
            TestKitchen own,
            Map<String, String> ids,
            Set<String> scans)
            throws Exception {
        Object[] values = new Object[method.getParameterCount()];
        for (int i = 0; i < values.length; i++) {
            values[i] = value(method.getParameters()[i], own, ids);
        }
        Object parameters = new ParamNameResolver(configuration, method).getNamedParams(values);
        BoundSql bound;
        try {
            bound = statement.getBoundSql(parameters);
        } catch (RuntimeException whatCannotBeMadeUp) {
            return false;
        }
        if (statement.getSqlCommandType() == SqlCommandType.INSERT
                && !bound.getSql().toLowerCase(Locale.ROOT).contains("select ")) {
            return false;
        }
        String name = method.getDeclaringClass().getSimpleName() + "." + method.getName();
        try (PreparedStatement explain = owner.prepareStatement("explain " + bound.getSql())) {
            configuration.newParameterHandler(statement, parameters, bound).setParameters(explain);
            ResultSet plan = explain.executeQuery();
            while (plan.next()) {
                String table = plan.getString("table");
                boolean all = "ALL".equals(plan.getString("type")) || "index".equals(plan.getString("type"));
                if (all
                        && table != null
                        && !table.startsWith("<")
                        && plan.getLong("rows") > 500
                        && !MAY_SCAN.containsKey(name)) {
                    scans.add(name + ": " + table + ", " + plan.getString("rows") + " rows: "
                            + bound.getSql().replaceAll("\\s+", " "));
                }
            }
            return true;
        } catch (SQLException | RuntimeException unlike) {
            notExplained.add(name);
            return false;
        }
    }

    private Object made(Class<?> kind, TestKitchen own, Map<String, String> ids) {
        try {
            var maker = kind.getDeclaredConstructors()[0];
            maker.setAccessible(true);
            Object[] parts = new Object[maker.getParameterCount()];
            for (int i = 0; i < parts.length; i++) {
                Parameter part = maker.getParameters()[i];
                parts[i] = value(part.getParameterizedType(), kind.getRecordComponents()[i].getName(), own, ids);
            }
            return maker.newInstance(parts);
        } catch (ReflectiveOperationException | IllegalArgumentException choosy) {
            return null;
        }
    }

    /** Something of the kind, of this kitchen where there is such. */
    private Object value(Parameter parameter, TestKitchen own, Map<String, String> ids) {
        return value(parameter.getParameterizedType(), name(parameter), own, ids);
    }

    private static String name(Parameter parameter) {
        var named = parameter.getAnnotation(org.apache.ibatis.annotations.Param.class);
        return named == null ? parameter.getName() : named.value();
    }

    private Object value(Type type, String name, TestKitchen own, Map<String, String> ids) {
        if (type instanceof ParameterizedType many && many.getRawType() == Map.class) {
            return Map.of("name", "plum");
        }
        if (type instanceof ParameterizedType many) {
            return java.util.Collections.singletonList(
                    value(many.getActualTypeArguments()[0], name.replaceAll("s$", ""), own, ids));
        }
        if (type == UUID.class) {
            return name.startsWith("kitchen")
                    ? own.id()
                    : UUID.fromString(ids.getOrDefault(name + "s", kitchen.toString()));
        }
        if (type == Instant.class) {
            return RunningApplication.clock().instant();
        }
        if (type == String.class) {
            return name.equals("table") ? "cook" : name.equals("person") || name.equals("name") ? own.name() : "plum";
        }
        if (type == int.class || type == Integer.class) {
            return 3;
        }
        if (type == long.class || type == Long.class) {
            return 3L;
        }
        if (type == double.class || type == Double.class) {
            return 3.0;
        }
        if (type == boolean.class || type == Boolean.class) {
            return true;
        }
        if (type instanceof Class<?> kind && kind.isEnum()) {
            return kind.getEnumConstants()[0];
        }
        if (type instanceof Class<?> kind && kind.isRecord()) {
            return made(kind, own, ids);
        }
        return null;
    }
}
