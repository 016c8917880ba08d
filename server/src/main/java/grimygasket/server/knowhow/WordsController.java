package grimygasket.server.knowhow;

import grimygasket.words.Lexicon;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What people mean by their words, of what is known about a kind of machine. */
@RestController
@RequestMapping("/api/know-how/{kind}")
class WordsController {
    private static final int MOST = 20;
    private static final int LONGEST = 500;

    private final Library library;

    WordsController(Library library) {
        this.library = library;
    }

    /**
     * What has every word that was typed, the best first.
     *
     * @param revision the version wanted; the one in use if there is none
     * @param maker whose codes are looked through too; none if there is none
     * @param features what the machine has
     */
    @GetMapping("/found")
    List<Lexicon.Hit> found(
            @PathVariable String kind,
            @RequestParam String text,
            @RequestParam(required = false) Integer revision,
            @RequestParam(required = false) String maker,
            @RequestParam(defaultValue = "") List<String> features) {
        return lexicon(kind, revision, maker, features).find(cut(text), MOST);
    }

    /** The symptoms and facts that a complaint speaks of: to be asked back, and no evidence by themselves. */
    @GetMapping("/heard")
    List<Lexicon.Heard> heard(
            @PathVariable String kind,
            @RequestParam String text,
            @RequestParam(required = false) Integer revision,
            @RequestParam(defaultValue = "") List<String> features) {
        return lexicon(kind, revision, null, features).heard(cut(text));
    }

    private static String cut(String text) {
        return text.substring(0, Math.min(LONGEST, text.length()));
    }

    private Lexicon lexicon(String kind, Integer revision, String maker, List<String> features) {
        var known = library.knowhow(kind, revision == null ? library.active(kind) : revision);
        var codes = known.codes().stream()
                .filter(code -> code.maker().equalsIgnoreCase(maker))
                .toList();
        return Lexicon.of(known.pack(), features, codes);
    }
}
