package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.JobSheet;
import grimygasket.call.Lengths;
import grimygasket.call.Line;
import grimygasket.call.Photo;
import grimygasket.call.Reason;
import grimygasket.visit.Tray;
import grimygasket.visit.line.JobLine;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.ProofRun;
import java.util.ArrayList;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Lines of the job sheet written, struck out and laid down; and photos of what they are about. */
public sealed interface SheetChange extends Change {

    /**
     * Writes a line, or changes one.
     *
     * @param line id of the line
     * @param was what it said when it was opened; null for a new one
     */
    record Write(UUID line, @Nullable JobLine<?> was, JobLine<?> what) implements SheetChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            // The words of all its members together: a line is a line.
            if (what.toString().length() > Lengths.MOST_OF_A_LINE) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_LINE);
            }
            var unknown = what.unknownTo(moment.knowhow().pack());
            if (unknown.isPresent()) {
                return CommandResult.refused(Reason.Kind.NOT_KNOWN, unknown.get());
            }
            var refused =
                    Qualified.refusal(moment.knowhow(), was, what).or(() -> Powered.refusal(call, moment, was, what));
            if (refused.isPresent()) {
                return CommandResult.refused(refused.get());
            }
            return SheetChange.written(call, moment, line, was, what);
        }
    }

    /**
     * Strikes a line out, with the photos of it; one that is already gone is gone.
     *
     * @param base the line's version as it was seen
     */
    record Strike(UUID line, int base) implements SheetChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var stands = call.line(line);
            if (stands.isEmpty()) {
                return new CommandResult.Same();
            }
            if (stands.get().version() != base) {
                return CommandResult.conflict(Reason.Kind.CHANGED);
            }
            return new CommandResult.Applied(call.withLines(lines -> lines.remove(stands.get()))
                    .withPhotos(
                            photos -> photos.removeIf(photo -> photo.lineId().equals(line))));
        }
    }

    /**
     * Lays down what the know-how says comes off, each piece's screws in the next free cup.
     *
     * @param lines id of the pack's piece to the id of its line
     */
    record LayDown(Map<String, UUID> lines) implements SheetChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var knowhow = moment.knowhow();
            var laid = new ArrayList<>(JobSheet.said(call.job().pieces()));
            var added = new ArrayList<Line<?>>();
            for (var layer : knowhow.pack().layers()) {
                for (var piece : layer.pieces()) {
                    var id = lines.get(piece.id());
                    if (id != null
                            && knowhow.machine().meets(piece.needs())
                            && laid.stream().noneMatch(one -> piece.id().equals(one.piece()))) {
                        var down = Laid.of(
                                id.toString(),
                                layer.id(),
                                piece,
                                Tray.freeCups(laid).iterator());
                        laid.add(down);
                        // What is laid down together came off in an order, too.
                        added.add(new Line<>(
                                id, moment.at() + added.size(), moment.by().name(), 1, down));
                    }
                }
            }
            return added.isEmpty()
                    ? new CommandResult.Same()
                    : new CommandResult.Applied(call.withLines(all -> all.addAll(added)));
        }
    }

    /** Notes that a photo of a line was taken; its picture is kept elsewhere. */
    record AddPhoto(UUID photo, UUID line) implements SheetChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (call.photos().stream().anyMatch(one -> one.id().equals(photo))) {
                return new CommandResult.Same();
            }
            if (call.line(line).isEmpty()) {
                return CommandResult.refused(Reason.Kind.TAKEN_BACK);
            }
            return new CommandResult.Applied(
                    call.withPhotos(photos -> photos.add(new Photo(photo, line, moment.at()))));
        }
    }

    /** Throws a photo away. */
    record RemovePhoto(UUID photo) implements SheetChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            return call.photos().stream().noneMatch(one -> one.id().equals(photo))
                    ? new CommandResult.Same()
                    : new CommandResult.Applied(call.withPhotos(
                            photos -> photos.removeIf(one -> one.id().equals(photo))));
        }
    }

    private static CommandResult written(Call call, Moment moment, UUID id, JobLine<?> was, JobLine<?> what) {
        var stands = call.line(id).or(() -> call.lineLike(what));
        if (stands.isEmpty()) {
            return was == null
                    ? new CommandResult.Applied(added(call, moment, id, what))
                    : CommandResult.refused(Reason.Kind.TAKEN_BACK);
        }
        var theirs = stands.get();
        if (!theirs.what().getClass().equals(what.getClass())
                || !theirs.what().onlyAbout().equals(what.onlyAbout())
                || was != null && !was.getClass().equals(what.getClass())) {
            return CommandResult.refused(Reason.Kind.ABOUT_ELSE);
        }
        if (was == null && !theirs.id().equals(id)) {
            return enteredTwice(call, theirs, line(id, moment, what));
        }
        return merged(call, theirs, was, what);
    }

    /** Two people entered the only line about something: alike, it is that of whoever did it first. */
    private static CommandResult enteredTwice(Call call, Line<?> theirs, Line<?> mine) {
        return theirs.what().equals(mine.what())
                ? new CommandResult.Applied(
                        call.withLines(lines -> lines.replaceAll(line -> line == theirs ? theirs.earlier(mine) : line)))
                : CommandResult.conflict(Reason.Kind.CHANGED);
    }

    private static Call added(Call call, Moment moment, UUID id, JobLine<?> what) {
        var line = line(id, moment, what);
        return withJointsOpened(call.withLines(lines -> lines.add(line)), what);
    }

    @SuppressWarnings({"unchecked", "rawtypes"}) // A line's kind is that of what it says.
    private static Line<?> line(UUID id, Moment moment, JobLine<?> what) {
        return new Line(id, moment.at(), moment.by().name(), 1, what);
    }

    @SuppressWarnings("unchecked") // All three were seen to be of one kind.
    private static <T extends JobLine<T>> CommandResult merged(
            Call call, Line<?> stands, JobLine<?> was, JobLine<?> what) {
        var theirs = (Line<T>) stands;
        // Two who each saw it work once saw it work twice, so that what is counted is never the same already.
        if (was == null && theirs.what().equals(what)) {
            return new CommandResult.Same();
        }
        Optional<T> merged = ((T) what).merged((T) was, theirs.what());
        if (merged.isEmpty()) {
            return CommandResult.conflict(Reason.Kind.CHANGED);
        }
        if (merged.get().equals(theirs.what())) {
            return new CommandResult.Same();
        }
        var changed =
                call.withLines(lines -> lines.replaceAll(line -> line == stands ? theirs.saying(merged.get()) : line));
        return new CommandResult.Applied(withJointsOpened(changed, merged.get()));
    }

    /** A joint that is open again is to be watched again. */
    private static Call withJointsOpened(Call call, JobLine<?> what) {
        return what instanceof Laid piece && piece.place() == Laid.Place.TRAY
                ? rewritten(
                        call,
                        ProofRun.class,
                        run -> run.dry().contains(piece.id()) ? run.withJointOpened(piece.id()) : run)
                : call;
    }

    /** The call with every line of a kind as a change makes it. */
    static <T extends JobLine<T>> Call rewritten(Call call, Class<T> kind, UnaryOperator<T> change) {
        return call.withLines(
                lines -> lines.replaceAll(line -> kind.isInstance(line.what()) ? rewritten(line, change) : line));
    }

    @SuppressWarnings("unchecked") // Only lines of the kind come here.
    private static <T extends JobLine<T>> Line<T> rewritten(Line<?> line, UnaryOperator<T> change) {
        var typed = (Line<T>) line;
        var other = change.apply(typed.what());
        return other.equals(typed.what()) ? typed : typed.saying(other);
    }
}
