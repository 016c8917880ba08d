package grimygasket.server.customers;

import grimygasket.call.change.Customer;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Finds customers by any part of what is known of them and their machines. */
@Repository
public class CustomerSearch {
    private static final int MOST_FOUND = 12;
    /** Of all who have what was typed, so many are put in order. */
    private static final int MOST_LOOKED_AT = 300;

    private final JdbcClient jdbc;

    CustomerSearch(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * Customers of whom every word that was typed is a part: of the name, street, phone or e-mail, of another address, or of a machine's maker, model or
     * serial number.
     */
    public List<Customer> search(String text) {
        var words = SearchParts.words(text);
        var joined = SearchParts.joined(words);
        var found = withAll(joined);
        // A house number may stand before a telephone number.
        return found.isEmpty() && joined.size() < words.size() ? withAll(words) : found;
    }

    private List<Customer> withAll(Collection<String> typed) {
        if (typed.isEmpty()) {
            return List.of();
        }
        // By the one first that the fewest have, counted no further than matters: all may share an area code or a
        // model. The others
        // are asked of those one by one, each by all parts of a customer: left to itself the database looks at all who
        // have a common
        // word.
        var rows = typed.stream().distinct().collect(Collectors.toMap(word -> word, this::rows));
        var words =
                rows.keySet().stream().sorted(Comparator.comparing(rows::get)).toList();
        var found = new StringBuilder("select distinct customer_id from search_part f where part like :part0");
        var whole = new StringBuilder();
        var params = new HashMap<String, Object>(Map.of("most", MOST_LOOKED_AT));
        for (int i = 0; i < words.size(); i++) {
            var word = words.get(i);
            params.put("part" + i, beginning(word));
            if (i > 0) {
                found.append("""
                         and (select p.part from search_part p force index (search_part_customer)
                              where p.customer_id = f.customer_id and p.part like :part%d limit 1) is not null
                        """.formatted(i));
            }
            if (word.length() > SearchParts.LONGEST) {
                whole.append("""
                         and (concat_ws(' ', c.name, c.street, c.phone, c.email) like :word%1$d
                              or exists (select 1 from address a where a.customer_id = c.id and a.street like :word%1$d)
                              or exists (select 1 from machine m where m.customer_id = c.id
                                         and concat_ws(' ', m.maker, m.model, m.serial) like :word%1$d))
                        """.formatted(i));
                params.put("word" + i, "%" + word + "%");
            }
        }
        return jdbc.sql("""
                        select c.id, %s
                        from (%s limit :most) found
                        join customer c on c.id = found.customer_id
                        where 1 = 1 %s
                        order by c.name limit %d
                        """.formatted(CustomerRows.COLUMNS, found, whole, MOST_FOUND))
                .params(params)
                .query(CustomerRows::customer)
                .list();
    }

    /** How many parts begin with a word, as far as it matters. */
    private int rows(String word) {
        return jdbc.sql("select count(*) from (select 1 from search_part where part like :part limit :most) some")
                .param("part", beginning(word))
                .param("most", MOST_LOOKED_AT + 1)
                .query(Integer.class)
                .single();
    }

    /** Words hold nothing that a pattern takes for more than itself. */
    private static String beginning(String word) {
        return word.substring(0, Math.min(word.length(), SearchParts.LONGEST)) + "%";
    }

    /** Notes what every customer is found by, after they were put on file in another way. */
    public void noteAllParts() {
        jdbc.sql("select id from customer").query(UUID.class).list().forEach(this::noteParts);
    }

    /** Notes what a customer is found by, their machines' data among it. */
    public void noteParts(UUID customerId) {
        var texts = jdbc.sql("""
                        select concat_ws(' ', name, street, phone, email) from customer where id = :id
                        union all
                        select concat_ws(' ', maker, model, serial) from machine where customer_id = :id
                        union all
                        select street from address where customer_id = :id
                        """).param("id", customerId).query(String.class).list();
        jdbc.sql("delete from search_part where customer_id = :id")
                .param("id", customerId)
                .update();
        var parts = List.copyOf(SearchParts.of(texts));
        if (!parts.isEmpty()) {
            var values = IntStream.range(0, parts.size())
                    .mapToObj(i -> "(:part" + i + ", :id)")
                    .collect(Collectors.joining(", "));
            var params = new HashMap<String, Object>(Map.of("id", customerId));
            IntStream.range(0, parts.size()).forEach(i -> params.put("part" + i, parts.get(i)));
            jdbc.sql("insert into search_part (part, customer_id) values " + values)
                    .params(params)
                    .update();
        }
    }
}
