package grimygasket.server.shelf;

import java.util.List;

/** The parts that there are, with what of them is on a van. */
public record Shelf(List<Article> articles) {
    /** @param maker whose machines it fits; null for any maker's */
    record Article(String kind, String maker, VanPart part) {}

    /** Those that fit a machine. */
    public List<VanPart> partsFor(String kind, String maker) {
        return articles.stream()
                .filter(article -> article.kind.equals(kind))
                .filter(article -> article.maker == null || article.maker.equalsIgnoreCase(maker))
                .map(Article::part)
                .toList();
    }
}
