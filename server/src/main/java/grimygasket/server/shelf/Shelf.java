package grimygasket.server.shelf;

import grimygasket.call.Article;
import java.util.List;

/** The parts that there are, with what of them is on a van. */
public record Shelf(List<Fitting> articles) {
    /** @param maker whose machines it fits; null for any maker's */
    record Fitting(String kind, String maker, Article part) {}

    /** Those that fit a machine. */
    public List<Article> partsFor(String kind, String maker) {
        return articles.stream()
                .filter(article -> article.kind.equals(kind))
                .filter(article -> article.maker == null || article.maker.equalsIgnoreCase(maker))
                .map(Fitting::part)
                .toList();
    }
}
