package app.gradior.web.platform;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;

/** Passes UUIDs to and from MariaDB's native type. */
@MappedTypes(UUID.class)
public final class UuidTypeHandler extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement ps, int i, UUID uuid, JdbcType jdbcType) throws SQLException {
        ps.setObject(i, uuid);
    }

    @Override
    public UUID getNullableResult(ResultSet rs, String column) throws SQLException {
        return rs.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(ResultSet rs, int column) throws SQLException {
        return rs.getObject(column, UUID.class);
    }

    @Override
    public UUID getNullableResult(CallableStatement cs, int column) throws SQLException {
        return cs.getObject(column, UUID.class);
    }
}
