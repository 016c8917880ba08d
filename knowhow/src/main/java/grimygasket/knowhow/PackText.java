package grimygasket.knowhow;

import grimygasket.pack.PackException;
import java.util.List;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import tools.jackson.databind.JsonNode;

/**
 * A pack's YAML, changed where it is changed and nowhere else: comments, order and its author's way of writing stay, as only
 * the characters of what differs are exchanged. Sections are lists of pieces, told apart by their ids.
 */
public record PackText(String yaml) {
    private static final String ID = "id";

    /**
     * The piece with these members, made where there is none: each member takes the place of the one of its name, or is
     * added; one that is null is taken out.
     *
     * @throws PackException if it is not YAML, or a member repeats another by an alias
     */
    public PackText with(String section, String piece, JsonNode members) {
        var text = piece(section, piece).isPresent() ? this : withNew(section, piece);
        for (var member : members.properties()) {
            if (!member.getKey().equals(ID)) {
                text = text.withMember(text.piece(section, piece).orElseThrow(), member.getKey(), member.getValue());
            }
        }
        return text;
    }

    /** Without that piece; the same text where there is none. */
    public PackText without(String section, String piece) {
        var known = member(root(), section);
        var pieces = known.map(PackText::pieces).orElse(List.of());
        var found = piece(pieces, piece);
        if (found.isEmpty()) {
            return this;
        }
        if (pieces.size() == 1) {
            return withValue(known.get(), "[]");
        }
        var node = found.get();
        return inFlow(known.get().getValueNode())
                ? withoutInFlow(pieces, pieces.indexOf(node), start(node), end(node))
                : withoutLines(node, node);
    }

    private PackText withNew(String section, String piece) {
        var first = ID + ": " + piece;
        var known = member(root(), section);
        if (known.isEmpty()) {
            return new PackText(yaml.stripTrailing() + "\n\n" + section + ":\n  - " + first + "\n");
        }
        var pieces = pieces(known.get());
        if (pieces.isEmpty()) {
            return withValue(known.get(), "\n  - " + first);
        }
        var list = known.get().getValueNode();
        int end = end(pieces.get(pieces.size() - 1));
        return inFlow(list)
                ? inserted(end, ", {" + first + "}")
                : inserted(lineEnd(end), "\n" + " ".repeat(column(list)) + "- " + first);
    }

    private PackText withMember(MappingNode piece, String name, JsonNode value) {
        var known = member(piece, name);
        if (value.isNull()) {
            return known.map(member -> withoutMember(piece, member)).orElse(this);
        }
        if (known.isPresent()) {
            return withValue(known.get(), FlowText.of(value));
        }
        int end = end(piece.getValue().get(piece.getValue().size() - 1).getValueNode());
        var text = name + ": " + FlowText.of(value);
        return inFlow(piece)
                ? inserted(end, ", " + text)
                : inserted(lineEnd(end), "\n" + " ".repeat(column(piece)) + text);
    }

    /** The value comes up beside its name. */
    private PackText withValue(NodeTuple member, String text) {
        return replaced(
                end(member.getKeyNode()), end(member.getValueNode()), (text.startsWith("\n") ? ":" : ": ") + text);
    }

    private PackText withoutMember(MappingNode piece, NodeTuple member) {
        return inFlow(piece)
                ? withoutInFlow(
                        piece.getValue().stream().map(NodeTuple::getValueNode).toList(),
                        piece.getValue().indexOf(member),
                        start(member.getKeyNode()),
                        end(member.getValueNode()))
                : withoutLines(member.getKeyNode(), member.getValueNode());
    }

    /** Of things parted by commas the one at that place; a comma goes with it. */
    private PackText withoutInFlow(List<? extends Node> all, int place, int start, int end) {
        return place > 0 ? replaced(end(all.get(place - 1)), end, "") : replaced(start, yaml.indexOf(',', end) + 1, "");
    }

    private PackText withoutLines(Node first, Node last) {
        int start = yaml.lastIndexOf('\n', start(first)) + 1;
        return replaced(start, Math.min(yaml.length(), lineEnd(end(last)) + 1), "");
    }

    private PackText inserted(int at, String text) {
        return replaced(at, at, text);
    }

    private PackText replaced(int start, int end, String text) {
        return new PackText(yaml.substring(0, start) + text + yaml.substring(end));
    }

    private MappingNode root() {
        try {
            return new Compose(LoadSettings.builder().build())
                    .composeString(yaml)
                    .filter(MappingNode.class::isInstance)
                    .map(MappingNode.class::cast)
                    .orElseThrow(() -> new PackException(List.of("This is not a pack.")));
        } catch (YamlEngineException e) {
            throw new PackException(List.of("This is not a readable YAML file: " + e.getMessage()));
        }
    }

    private static List<Node> pieces(NodeTuple section) {
        return section.getValueNode() instanceof SequenceNode list ? list.getValue() : List.of();
    }

    private static Optional<MappingNode> piece(List<Node> pieces, String id) {
        return pieces.stream()
                .filter(MappingNode.class::isInstance)
                .map(MappingNode.class::cast)
                .filter(piece -> member(piece, ID)
                        .filter(member -> isText(member.getValueNode(), id))
                        .isPresent())
                .findFirst();
    }

    private Optional<MappingNode> piece(String section, String id) {
        return member(root(), section).flatMap(found -> piece(pieces(found), id));
    }

    private static Optional<NodeTuple> member(MappingNode of, String name) {
        var found = of.getValue().stream()
                .filter(member -> isText(member.getKeyNode(), name))
                .findFirst();
        if (found.filter(PackText::isAlias).isPresent()) {
            throw new PackException(List.of("“" + name + "” repeats another by an alias: it is changed in the file."));
        }
        return found;
    }

    /** What stands elsewhere has its own marks there. Compared as they are: their places in the text take a walk through all of it. */
    private static boolean isAlias(NodeTuple member) {
        var name = member.getKeyNode().getEndMark().orElseThrow();
        return member.getValueNode().getStartMark().orElseThrow().getIndex() < name.getIndex();
    }

    private static boolean isText(Node node, String text) {
        return node instanceof ScalarNode scalar && scalar.getValue().equals(text);
    }

    private static boolean inFlow(Node node) {
        return node instanceof CollectionNode<?> all && all.getFlowStyle() == FlowStyle.FLOW;
    }

    private int start(Node node) {
        return index(node.getStartMark().orElseThrow());
    }

    private static int column(Node node) {
        return node.getStartMark().orElseThrow().getColumn();
    }

    /** After the last character of its own: a block's end mark stands before whatever comes after it. */
    private int end(Node node) {
        if (node instanceof MappingNode map && !inFlow(map)) {
            return end(map.getValue().get(map.getValue().size() - 1).getValueNode());
        }
        if (node instanceof SequenceNode list && !inFlow(list)) {
            return end(list.getValue().get(list.getValue().size() - 1));
        }
        int end = index(node.getEndMark().orElseThrow());
        int start = start(node);
        while (end > start && Character.isWhitespace(yaml.charAt(end - 1))) {
            end--;
        }
        return end;
    }

    private int lineEnd(int from) {
        int end = yaml.indexOf('\n', from);
        return end < 0 ? yaml.length() : end;
    }

    /** Marks count characters as Unicode does, strings as UTF-16 does. */
    private int index(Mark mark) {
        return yaml.offsetByCodePoints(0, mark.getIndex());
    }
}
