package grimygasket.server.calls;

import grimygasket.call.Article;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Entry;
import grimygasket.call.JobSheet;
import grimygasket.call.PartUse;
import grimygasket.call.Photo;
import grimygasket.diagnosis.Assessment;
import grimygasket.gauge.Verdict;
import grimygasket.pack.Applicable;
import grimygasket.pack.Measure;
import grimygasket.server.machines.Customer;
import grimygasket.units.UnitSystem;
import grimygasket.visit.Advice;
import grimygasket.visit.Authority;
import grimygasket.visit.Gap;
import grimygasket.visit.Isolation;
import grimygasket.visit.PhoneChecks.PhoneCheck;
import grimygasket.visit.Places;
import grimygasket.visit.Stage;
import grimygasket.visit.Tray;
import grimygasket.visit.Upkeep;
import grimygasket.wording.Gaps;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * All that the screen of a call shows.
 *
 * @param revision of the know-how that it is judged with
 * @param complaint all complaints in one line
 * @param startedAt when the first check or remedy of its day was entered, as all times in milliseconds since 1970; null
 *     before
 * @param closedBy name of whoever closed it
 * @param beside the other machines of the same visit
 * @param follows id of the call since which the machine has failed again; null for none
 * @param earlier that call; null for none, or where it is not on file here
 * @param cautionsOpen ids of the cautions of what was done that are not confirmed
 * @param isolation how the machine is made safe for what is planned, and then what was asked for so far
 * @param phoneChecks what the customer may look at by telephone, likeliest to find something first
 * @param job the job sheet
 * @param tray what came off, in the order in which it goes back
 * @param family id of the family of models that the machine belongs to; null for none
 * @param freeCups the next free cups for screws
 * @param toLay layer id to the ids of the pieces that are known to come off for work there and are not on the tray yet
 * @param wanted layer id, or nothing for work from outside, to the layers of which something is wanted on the tray when it is
 *     worked there
 * @param onlyDirty ids of the remedies at whose places something was found only dirty
 * @param places station id to the steps that have to do with it
 * @param stationsOf remedy id to the ids of the stations at which it works
 * @param standing the water in the machine; null while nobody has judged it
 * @param functions ids of the proofs of all that was worked on
 * @param vanParts the parts that fit this machine
 * @param partsTotal price of all parts used
 * @param units of whoever looks at it
 * @param measures check id to what can be measured at it
 * @param readings entry id to what its reading means
 * @param openings station id to its open share, 0 to 1, where it is known
 * @param flows station id to the flow or suction read there, as a share of a sound machine's
 * @param measuredBefore proof id to what was read before the cure, in the reading's base unit
 * @param applicable what of the know-how applies to this machine
 * @param upkeep what is to be done on a visit for upkeep; null for a call about a fault
 * @param suggestions what the customer might be told
 * @param dates when what is due is due next, counted from the day of the call
 * @param ring the segments in the order of the work
 * @param stands the segment at which the work stands
 * @param gaps what is missing before the call can be closed without a reason
 * @param beyondMe those of them, in words, that whoever is signed in may not sign off
 */
public record CallView(
        UUID id,
        UUID visitId,
        int version,
        int revision,
        LocalDate day,
        LocalTime plannedAt,
        String complaint,
        List<Complaint> complaints,
        @Nullable Long startedAt,
        @Nullable Long closedAt,
        @Nullable String closedBy,
        @Nullable String signOff,
        @Nullable String advice,
        Customer customer,
        CallMachine machine,
        List<Beside> beside,
        @Nullable UUID follows,
        @Nullable Earlier earlier,
        List<Entry> entries,
        List<Confirmed> cautionsKept,
        List<String> cautionsOpen,
        List<Isolation.Point> isolation,
        List<PhoneCheck> phoneChecks,
        JobSheet job,
        List<Photo> photos,
        Tray tray,
        List<String> freeCups,
        @Nullable String family,
        Map<String, List<String>> toLay,
        Map<String, List<String>> wanted,
        List<String> onlyDirty,
        Map<String, List<Places.Work>> places,
        Map<String, List<String>> stationsOf,
        @Nullable StandingLitres standing,
        List<String> functions,
        List<PartUse> partUses,
        BigDecimal partsTotal,
        List<Article> vanParts,
        Assessment assessment,
        UnitSystem units,
        Map<String, Measurable> measures,
        Map<UUID, Judged> readings,
        Map<String, Double> openings,
        Map<String, Double> flows,
        Map<String, Double> measuredBefore,
        Applicable applicable,
        @Nullable Upkeep upkeep,
        Advice suggestions,
        List<DueDate> dates,
        List<RingSegment> ring,
        Stage stands,
        List<Missing> gaps,
        List<String> beyondMe) {

    /**
     * @param days from one time to the next; 0 for every use
     * @param first the first day after this call
     */
    public record DueDate(String task, int days, LocalDate first) {}

    public record RingSegment(Stage stage, String title, boolean sealed, List<Missing> gaps) {}

    /** @param signedOffBy who may leave it open */
    public record Missing(String text, Authority signedOffBy) {
        static List<Missing> of(List<Gap> gaps) {
            return gaps.stream()
                    .map(gap -> new Missing(Gaps.say(gap), gap.signedOffBy()))
                    .toList();
        }
    }

    /**
     * What can be measured at a check.
     *
     * @param unit of the technician's family
     * @param sound what sound machines read, in words
     * @param gauge id of the gauge that computes it; null where it is read directly
     * @param meter that measures it; null where none does
     */
    public record Measurable(
            String name,
            String unit,
            String sound,
            @Nullable String gauge,
            Measure.@Nullable Meter meter) {}

    /** What a reading means, in words. */
    public record Judged(String says, Verdict verdict) {}

    /**
     * Water that runs out when the machine is opened.
     *
     * @param fills how often the vessel in hand has to be emptied
     */
    public record StandingLitres(double litres, int fills) {}

    /**
     * The call before this one.
     *
     * @param done names of the remedies
     */
    public record Earlier(UUID callId, LocalDate day, String complaint, List<String> done) {}

    /**
     * Another machine in the same home, looked at on the same visit.
     *
     * @param kind in words
     */
    public record Beside(
            UUID callId,
            String kind,
            String maker,
            String model,
            @Nullable Long closedAt) {}
}
