package grimygasket.server.calls;

import grimygasket.server.knowhow.Texts;
import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.PartUse;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

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
        Head call,
        Customer customer,
        Machine machine,
        Map<String, String> schools,
        Texts knowHow,
        List<Complaint> complaints,
        List<Entry> entries,
        List<CautionKept> cautions,
        List<PartUse> parts,
        JobSheet job,
        List<KeptPhoto> photos) {
    static final String FORMAT = "grimy-gasket-call";
    static final int VERSION = 2;

    record Head(
            UUID id,
            UUID visitId,
            LocalDate day,
            LocalTime plannedAt,
            UUID follows,
            Boolean upkeep,
            Instant closedAt,
            String closedBy,
            String signOff,
            String advice,
            int version) {
        Head {
            upkeep = upkeep != null && upkeep;
        }

        static Head of(ServiceCall call) {
            return new Head(
                    call.id(),
                    call.visitId(),
                    call.day(),
                    call.plannedAt(),
                    call.follows(),
                    call.upkeep(),
                    call.closedAt(),
                    call.closedBy(),
                    call.signOff(),
                    call.advice(),
                    call.version());
        }

        ServiceCall on(UUID accountId, UUID machineId, int revision) {
            return new ServiceCall(
                    id, visitId, machineId, accountId, day, plannedAt, revision, follows, upkeep, closedAt, closedBy,
                    signOff, advice, version);
        }
    }

    /** @param bytes of a JPEG or PNG picture, in Base64 */
    record KeptPhoto(UUID id, UUID lineId, Instant at, byte[] bytes) {}
}
