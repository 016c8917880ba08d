package grimygasket.server.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;

/** Notes by which pieces of words each part is found, so that one of ten thousand is found as soon as one of a hundred. */
@Repository
public class PartSearch {
    /** What is said of a part p, as far as it is found by it. */
    static final String SAID = "concat_ws(' ', p.number, p.name, p.maker, p.supplier, p.place, p.replaces)";

    /** Letters of a piece. Further letters of a word are looked for in the parts that were found. */
    private static final int LONGEST = 16;
    /** What more parts have is common: whoever reads all by their number soon has a page of it. */
    private static final int RARE = 300;

    private final JdbcClient jdbc;

    PartSearch(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Notes by what a part is found from now on. */
    void note(UUID id) {
        jdbc.sql("delete from part_piece where part_id = :id").param("id", id).update();
        note("where p.id = :id").param("id", id).update();
    }

    /** Notes it of every part, after they were put on the list in another way. */
    public void noteAll() {
        jdbc.sql("delete from part_piece").update();
        note("").update();
    }

    private StatementSpec note(String ofWhich) {
        return jdbc.sql("""
                insert into part_piece (piece, part_id)
                select distinct substring_index(substr(said.text, s.seq, %d), ' ', 1), said.id
                from (select p.id, %s as text from part p %s) said
                join seq_1_to_600 s on s.seq <= char_length(said.text)
                where substr(said.text, s.seq, 1) <> ' '
                """.formatted(LONGEST, SAID, ofWhich));
    }

    /** All parts that may have that barcode, or all those words, as one of the words is rare; empty where every word is common. */
    Optional<List<UUID>> among(String code, List<String> words) {
        return words.stream()
                .map(word -> with(code, word))
                .filter(parts -> parts.size() <= RARE)
                .findFirst();
    }

    private List<UUID> with(String code, String word) {
        return jdbc.sql("""
                        select part_id from part_piece where piece like :piece
                        union
                        select id from part where code = :code
                        limit :most
                        """)
                .param("piece", escaped(word.substring(0, Math.min(word.length(), LONGEST))) + "%")
                .param("code", code)
                .param("most", RARE + 1)
                .query(UUID.class)
                .list();
    }

    /** Signs that stand for any other in a pattern are themselves. */
    static String escaped(String word) {
        return word.replaceAll("[\\\\%_]", "\\\\$0");
    }
}
