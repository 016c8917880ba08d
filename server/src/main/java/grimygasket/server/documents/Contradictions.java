package grimygasket.server.documents;

import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Entry;
import grimygasket.call.Line;
import grimygasket.call.PartUse;
import grimygasket.call.change.Days;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.School;
import grimygasket.server.documents.CallDocument.KeptPhoto;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What cannot be of what the file of a call says, though its form is right. */
final class Contradictions {
    private Contradictions() {}

    /**
     * @param pack that the call is judged with
     * @return a sentence each; empty for a file that makes sense
     */
    static List<String> of(CallDocument document, Pack pack, Instant now) {
        var sentences = new ArrayList<String>();
        document.schools().forEach((school, choice) -> {
            if (pack.schools().stream().noneMatch(one -> one.id().equals(school) && has(one, choice))) {
                sentences.add("Its know-how does not ask “" + school + "”, or “" + choice + "” is no answer to it.");
            }
        });
        var cautions = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        unknown(document, cautions)
                .forEach(caution -> sentences.add(
                        "Its know-how has no caution “" + caution + "”, which somebody is to have confirmed."));
        if (ids(document).distinct().count() < ids(document).count()) {
            sentences.add("Something in it stands there twice, under one id.");
        }
        if (days(document).anyMatch(day -> !Days.isNear(day, now.toEpochMilli()))) {
            sentences.add("It tells of a time more than ten years away.");
        }
        return sentences;
    }

    private static boolean has(School school, String choice) {
        return school.choices().stream().anyMatch(way -> way.id().equals(choice));
    }

    private static Stream<String> unknown(CallDocument document, Set<String> cautions) {
        return document.cautions().stream().map(Confirmed::caution).filter(id -> !cautions.contains(id));
    }

    /** Of all that has one of its own. */
    private static Stream<UUID> ids(CallDocument document) {
        return Stream.of(
                        document.story().stream().map(Entry::id),
                        document.cautions().stream().map(Confirmed::id),
                        document.parts().stream().map(PartUse::id),
                        document.lines().stream().map(Line::id),
                        document.photos().stream().map(KeptPhoto::id))
                .flatMap(ids -> ids);
    }

    private static Stream<Long> days(CallDocument document) {
        var others = Stream.of(
                        Stream.of(document.call().closedAt()).filter(Objects::nonNull),
                        document.complaints().stream().map(Complaint::at),
                        document.story().stream().map(Entry::at),
                        document.story().stream().map(Entry::changedAt).filter(Objects::nonNull),
                        document.cautions().stream().map(Confirmed::at),
                        document.parts().stream().map(PartUse::at),
                        document.lines().stream().map(Line::at),
                        document.photos().stream().map(KeptPhoto::at))
                .flatMap(times -> times)
                .map(Days::of);
        return Stream.concat(Stream.of(document.call().day().toEpochDay()), others);
    }
}
