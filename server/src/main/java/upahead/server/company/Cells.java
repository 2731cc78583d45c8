package upahead.server.company;

import java.math.BigDecimal;
import java.sql.Blob;
import java.sql.ParameterMetaData;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.sql.Types;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import upahead.server.platform.sql.DatabaseKind;

/** The values of a row as texts that say the same in every database, bytes in base 64. */
final class Cells {

    private static final Set<Integer> BYTES = Set.of(Types.BLOB, Types.BINARY);

    private final PreparedStatement insert;
    private final DatabaseKind kind;
    private final boolean[] bytes;

    private Cells(PreparedStatement insert, DatabaseKind kind, boolean[] bytes) {
        this.insert = insert;
        this.kind = kind;
        this.bytes = bytes;
    }

    /** Those that a statement inserts. */
    static Cells of(PreparedStatement insert, DatabaseKind kind) throws SQLException {
        ParameterMetaData columns = insert.getParameterMetaData();
        boolean[] bytes = new boolean[columns.getParameterCount()];
        for (int at = 0; at < bytes.length; at++) {
            bytes[at] = BYTES.contains(columns.getParameterType(at + 1));
        }
        return new Cells(insert, kind, bytes);
    }

    /**
     * Binds a row.
     *
     * @param cells null for an unknown value
     */
    void bind(List<String> cells) throws SQLException {
        for (int at = 0; at < cells.size(); at++) {
            String cell = cells.get(at);
            if (bytes[at] && cell != null) {
                insert.setBytes(at + 1, Base64.getDecoder().decode(cell));
            } else {
                kind.bindText(insert, at + 1, cell);
            }
        }
    }

    /** The bytes of a value that was read; null where it is none of bytes. */
    static byte[] bytes(Object value) throws SQLException {
        if (value instanceof Blob blob) {
            return blob.getBytes(1, (int) blob.length());
        }
        return value instanceof byte[] bytes ? bytes : null;
    }

    /** A value that was read; null for an unknown one. */
    static String text(Object value) throws SQLException {
        byte[] bytes = bytes(value);
        if (bytes != null) {
            return Base64.getEncoder().encodeToString(bytes);
        }
        if (value instanceof Timestamp time) {
            return time.toLocalDateTime().toString();
        }
        if (value instanceof BigDecimal number) {
            return number.toPlainString();
        }
        return value == null ? null : value.toString();
    }
}
