package grimygasket.server.documents;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Entry;
import grimygasket.call.Head;
import grimygasket.call.Line;
import grimygasket.call.PartUse;
import grimygasket.call.change.Customer;
import grimygasket.knowhow.KnowhowText;
import grimygasket.route.Window;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A whole call as it is exchanged; docs/call-format.md describes it, and call.schema.json is its form.
 *
 * @param format always {@link #FORMAT}
 * @param formatVersion always {@link #VERSION}
 * @param currency of the prices
 * @param schools that it is judged by, school id to choice
 * @param knowHow that it is judged with
 */
record CallDocument(
        String format,
        int formatVersion,
        String currency,
        Heading call,
        Customer customer,
        CallMachine machine,
        Map<String, String> schools,
        KnowhowText knowHow,
        List<Complaint> complaints,
        List<Entry> story,
        List<Confirmed> cautions,
        List<PartUse> parts,
        List<Line<?>> lines,
        List<KeptPhoto> photos) {
    static final String FORMAT = "grimy-gasket-call";
    static final int VERSION = 5;

    /** @param closedAt and all other times in milliseconds since 1970 */
    record Heading(
            UUID id,
            UUID visitId,
            LocalDate day,
            LocalTime plannedAt,
            @Nullable Window promised,
            @Nullable UUID follows,
            @Nullable Boolean upkeep,
            @Nullable Long closedAt,
            @Nullable String closedBy,
            @Nullable String signOff,
            @Nullable Boolean cancelled,
            @Nullable String advice,
            int version) {
        Heading {
            upkeep = upkeep != null && upkeep;
            cancelled = cancelled != null && cancelled;
        }

        static Heading of(Head head) {
            var closing = head.closing();
            return new Heading(
                    head.id(),
                    head.visitId(),
                    LocalDate.ofEpochDay(head.day()),
                    LocalTime.ofSecondOfDay(head.plannedAt() * 60L),
                    head.promised(),
                    head.follows(),
                    head.upkeep(),
                    closing == null ? null : closing.at(),
                    closing == null ? null : closing.by(),
                    closing == null ? null : closing.signOff(),
                    closing != null && closing.cancelled(),
                    head.advice(),
                    head.version());
        }

        Head on(UUID accountId, int revision) {
            return new Head(
                    id,
                    visitId,
                    accountId,
                    day.toEpochDay(),
                    plannedAt.toSecondOfDay() / 60,
                    promised,
                    revision,
                    follows,
                    upkeep,
                    closedAt == null ? null : new Head.Closed(closedAt, closedBy, signOff, cancelled),
                    advice,
                    version);
        }
    }

    /** @param bytes of a JPEG or PNG picture, in Base64 */
    record KeptPhoto(UUID id, UUID lineId, long at, byte[] bytes) {}

    /** The call, once its parts are known here. */
    Call on(UUID accountId, int revision, List<PartUse> partsHere) {
        return new Call(
                call.on(accountId, revision),
                machine.onFile(),
                complaints,
                story,
                cautions,
                lines,
                partsHere,
                photos.stream()
                        .map(photo -> new grimygasket.call.Photo(photo.id, photo.lineId, photo.at))
                        .toList(),
                Map.of());
    }
}
