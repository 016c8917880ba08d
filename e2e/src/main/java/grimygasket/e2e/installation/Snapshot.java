package grimygasket.e2e.installation;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** All rows of a database as they were at a moment, to be put back. */
final class Snapshot {
    /** What the schema is made of; and versions of the know-how, which never change and which the application keeps in mind. */
    private static final Set<String> LEFT_ALONE =
            Set.of("flyway_schema_history", "knowhow_revision", "command_log", "happening");

    /** Where a connection comes from. */
    interface Database {
        Connection connect() throws SQLException;
    }

    private record Table(List<String> columns, List<Object[]> rows) {}

    private final Database database;
    private final Map<String, Table> tables = new LinkedHashMap<>();

    Snapshot(Database database) {
        this.database = database;
        try (var connection = database.connect();
                var statement = connection.createStatement()) {
            for (var name : names(connection)) {
                var columns = columns(connection, name);
                try (var result = statement.executeQuery("select " + quoted(columns) + " from `" + name + "`")) {
                    var about = result.getMetaData();
                    var rows = new ArrayList<Object[]>();
                    while (result.next()) {
                        var row = new Object[columns.size()];
                        for (int i = 1; i <= row.length; i++) {
                            // As text every value but bytes comes back as what it was.
                            boolean bytes = about.getColumnTypeName(i).endsWith("BLOB");
                            row[i - 1] = bytes ? result.getBytes(i) : result.getString(i);
                        }
                        rows.add(row);
                    }
                    tables.put(name, new Table(columns, rows));
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException("the database could not be read", e);
        }
    }

    private static List<String> names(Connection connection) throws SQLException {
        var names = new ArrayList<String>();
        try (var statement = connection.createStatement();
                var result = statement.executeQuery("show tables")) {
            while (result.next()) {
                names.add(result.getString(1));
            }
        }
        names.removeAll(LEFT_ALONE);
        return names;
    }

    /** Without those that the database works out of others. */
    private static List<String> columns(Connection connection, String table) throws SQLException {
        var columns = new ArrayList<String>();
        try (var result = connection.getMetaData().getColumns(connection.getCatalog(), null, table, null)) {
            while (result.next()) {
                if (result.getString("IS_GENERATEDCOLUMN").equals("NO")) {
                    columns.add(result.getString("COLUMN_NAME"));
                }
            }
        }
        return columns;
    }

    private static String quoted(List<String> columns) {
        return columns.stream().map(column -> "`" + column + "`").collect(Collectors.joining(", "));
    }

    void restore() {
        try (var connection = database.connect();
                var statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("set foreign_key_checks = 0");
            for (var table : tables.entrySet()) {
                statement.execute("delete from `" + table.getKey() + "`");
                insert(connection, table.getKey(), table.getValue());
            }
            connection.commit();
        } catch (SQLException e) {
            throw new IllegalStateException("the database could not be put back", e);
        }
    }

    private static void insert(Connection connection, String name, Table table) throws SQLException {
        var marks = IntStream.range(0, table.columns.size()).mapToObj(i -> "?").collect(Collectors.joining(", "));
        try (var insert = connection.prepareStatement(
                "insert into `" + name + "` (" + quoted(table.columns) + ") values (" + marks + ")")) {
            for (var row : table.rows) {
                for (int i = 0; i < row.length; i++) {
                    insert.setObject(i + 1, row[i]);
                }
                insert.addBatch();
            }
            if (!table.rows.isEmpty()) {
                insert.executeBatch();
            }
        }
    }
}
