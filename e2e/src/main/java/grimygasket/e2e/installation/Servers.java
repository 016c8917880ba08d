package grimygasket.e2e.installation;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;

/** Whatever answers at one address, with the rows that it keeps. */
public interface Servers {
    public String address();

    /** The rows of a query, each as its columns' texts. */
    public List<List<String>> rows(String sql);

    public static List<List<String>> rows(String url, String user, String password, String sql) {
        try (var connection = DriverManager.getConnection(url, user, password);
                var statement = connection.createStatement();
                var result = statement.executeQuery(sql)) {
            var rows = new ArrayList<List<String>>();
            while (result.next()) {
                var row = new ArrayList<String>();
                for (int i = 1; i <= result.getMetaData().getColumnCount(); i++) {
                    row.add(result.getString(i));
                }
                rows.add(row);
            }
            return rows;
        } catch (SQLException e) {
            throw new IllegalStateException(sql, e);
        }
    }
}
