package grimygasket.server.web;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Map.Entry;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.SimplePropertyRowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Rows of many owners, such as the entries of many calls, read by one statement. */
public final class ByOwner {
    private ByOwner() {}

    /**
     * Owner to its rows, in the order of the statement; an owner without rows is left out.
     *
     * @param sql selects the owner as <code>owner</code>, of those in <code>:owners</code>
     */
    public static <T> Map<UUID, List<T>> read(JdbcClient jdbc, String sql, Collection<UUID> owners, Class<T> type) {
        return read(jdbc, sql, owners, new SimplePropertyRowMapper<>(type));
    }

    /** See {@link #read(JdbcClient, String, Collection, Class)}. */
    public static <T> Map<UUID, List<T>> read(
            JdbcClient jdbc, String sql, Collection<UUID> owners, RowMapper<T> mapper) {
        if (owners.isEmpty()) {
            return Map.of();
        }
        return jdbc
                .sql(sql)
                .param("owners", owners)
                .query((row, number) -> Map.entry(row.getObject("owner", UUID.class), mapper.mapRow(row, number)))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Entry::getKey, LinkedHashMap::new, Collectors.mapping(Entry::getValue, Collectors.toList())));
    }
}
