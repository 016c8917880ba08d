package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something of a machine that is opened in one way on some models and otherwise on others. Whoever stands in front of it sees which.
 *
 * @param id unique within the pack
 * @param ask what to look for, as a question
 * @param choices the ways, two at least; the first is what the rest of the pack describes
 * @param usual id of the choice that is expected where nobody has looked; null for the first
 */
public record WayIn(
        String id,
        String ask,
        List<Route> choices,
        @Nullable String usual) {
    public WayIn {
        Arguments.text("id of a way in", id);
        Arguments.text("question of the way in " + id, ask);
        choices = Lists.copy(choices);
        if (choices.size() < 2) {
            throw new IllegalArgumentException("way in " + id + " has nothing to choose from");
        }
        if (!choices.get(0).layers().isEmpty() || !choices.get(0).pieces().isEmpty()) {
            throw new IllegalArgumentException("the first choice of way in " + id + " is what the pack describes");
        }
        if (usual != null && choices.stream().noneMatch(choice -> choice.id().equals(usual))) {
            throw new IllegalArgumentException("way in " + id + " has no choice " + usual);
        }
    }

    /**
     * One of the ways.
     *
     * @param id unique within the pack
     * @param name what is seen, for example "Behind the back panel"
     * @param layers that stand in for those of the same id
     * @param pieces that stand in for those of the same id
     */
    public record Route(String id, String name, List<Layer> layers, List<Piece> pieces) {
        public Route {
            Arguments.text("id of a choice", id);
            Arguments.text("name of choice " + id, name);
            layers = Lists.copy(layers);
            pieces = Lists.copy(pieces);
        }
    }

    /** The choice of an id, if it is one of these. */
    public Optional<Route> choice(@Nullable String choiceId) {
        return choices.stream().filter(choice -> choice.id().equals(choiceId)).findFirst();
    }

    /** The choice of an id; what is expected, if it is none of these. */
    public Route taken(@Nullable String choiceId) {
        return choice(choiceId).or(() -> choice(usual)).orElse(choices.get(0));
    }

    /** Ids of the layers among some that are opened otherwise by one of the choices, or hold a piece that is. */
    public List<String> about(List<Layer> some) {
        var layers = new HashSet<String>();
        var pieces = new HashSet<String>();
        choices.forEach(choice -> {
            choice.layers().forEach(layer -> layers.add(layer.id()));
            choice.pieces().forEach(piece -> pieces.add(piece.id()));
        });
        return some.stream()
                .filter(layer -> layers.contains(layer.id())
                        || layer.pieces().stream().map(Piece::id).anyMatch(pieces::contains))
                .map(Layer::id)
                .toList();
    }
}
