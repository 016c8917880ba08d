package grimygasket.pack;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * Models of one maker that differ from their kind in the same way. What differs is not kept here: the pack that a machine of
 * the family is judged by is the kind's with those changes made.
 *
 * @param id unique within the pack
 * @param name for example "Corvanne DW-6, all widths"
 * @param maker whose they are
 * @param models beginnings of their models' names; capitals, blanks and hyphens do not count
 */
public record ModelFamily(String id, String name, String maker, List<String> models) {
    public ModelFamily {
        Arguments.text("id of a family", id);
        Arguments.text("name of family " + id, name);
        Arguments.text("maker of family " + id, maker);
        models = Lists.copy(models);
        if (models.isEmpty()) {
            throw new IllegalArgumentException("family " + id + " names no model");
        }
    }

    public boolean has(String machinesMaker, String model) {
        return fit(machinesMaker, model) > 0;
    }

    /** How much of a model's name the family names, in characters: of two families it is of the one that names more; 0 if it is not of it. */
    int fit(String machinesMaker, String model) {
        return plain(maker).equals(plain(machinesMaker))
                ? models.stream()
                        .map(ModelFamily::plain)
                        .filter(plain(model)::startsWith)
                        .mapToInt(String::length)
                        .max()
                        .orElse(0)
                : 0;
    }

    /** As names of makers and models are compared. */
    public static String plain(String text) {
        return text == null ? "" : text.toLowerCase().replaceAll("[\\s-]", "");
    }
}
