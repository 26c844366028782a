package honeylamp.takeoff;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.HeightTyping;
import honeylamp.edit.Outcome;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.takeoff.PlanFields.Field;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** The heights a note tells, to be read and typed over. */
public final class NoteHeights {
    private NoteHeights() {}

    /** A height a note tells. */
    public record Told(Field field, Length value) {
        /** What it is called beside a field. */
        public String label() {
            return switch (field) {
                case SILL -> "Sill";
                case HEAD -> "Head";
                case CEILING -> "Clear height";
                default -> "Height";
            };
        }
    }

    /** The heights a note tells, in the order it tells them. */
    public static List<Told> of(LaidStorey storey, Note note) {
        return PlanFields.fields(note.text()).stream()
                .flatMap(field -> value(storey, note, field).map(v -> new Told(field, v)).stream())
                .toList();
    }

    private static Optional<Length> value(LaidStorey storey, Note note, Field field) {
        var at = note.about().point();
        return switch (field) {
            case HEIGHT -> Optional.of(PlanFields.high(storey, at));
            case CEILING -> Optional.of(storey.geometry().clearHeightAt(at));
            case SILL -> opening(storey, note).map(Opening::sill);
            case HEAD -> opening(storey, note).map(Opening::head);
            case NAME, ROOM, AREA, LEVEL, FLOOR, WALL_TYPE, THICKNESS, STOREY, TOTAL_AREA, SCALE, DATE ->
                Optional.empty();
        };
    }

    private static Optional<Opening> opening(LaidStorey storey, Note note) {
        return PlanFields.pointedAt(storey.geometry(), note.about().point())
                .filter(Opening.class::isInstance)
                .map(Opening.class::cast);
    }

    /**
     * The plan in which what a note points at is as high as typed.
     *
     * @param wanted the heights that are typed, in any order
     */
    public static Outcome<Plan> typed(Plan plan, LaidStorey storey, Note note, List<Told> wanted) {
        var there = inOrder(plan, storey, note, wanted);
        return there instanceof Outcome.Refused<Plan>
                ? inOrder(
                        plan, storey, note, wanted.reversed()) // a sill above the head there was, and a head above both
                : there;
    }

    private static Outcome<Plan> inOrder(Plan plan, LaidStorey storey, Note note, List<Told> wanted) {
        var out = Outcome.done(plan);
        for (var told : wanted) {
            if (!(out instanceof Outcome.Done(var done))) {
                return out;
            }
            out = typed(done, storey, note, told);
        }
        return out;
    }

    private static Outcome<Plan> typed(Plan plan, LaidStorey storey, Note note, Told wanted) {
        var geometry = storey.geometry();
        var at = note.about().point();
        return switch (wanted.field) {
            case SILL ->
                opening(storey, note)
                        .map(o -> HeightTyping.sill(plan, geometry, o, wanted.value))
                        .orElseGet(NoteHeights::noOpening);
            case HEAD ->
                opening(storey, note)
                        .map(o -> HeightTyping.head(plan, geometry, o, wanted.value))
                        .orElseGet(NoteHeights::noOpening);
            case HEIGHT ->
                PlanFields.tall(storey, at)
                        .map(e -> HeightTyping.height(plan, geometry, e, wanted.value))
                        .orElseGet(() -> HeightTyping.clear(plan, geometry, at, wanted.value));
            case CEILING -> HeightTyping.clear(plan, geometry, at, wanted.value);
            case NAME, ROOM, AREA, LEVEL, FLOOR, WALL_TYPE, THICKNESS, STOREY, TOTAL_AREA, SCALE, DATE ->
                Outcome.refused("that is no height", "Change it where it is so.");
        };
    }

    private static Outcome<Plan> noOpening() {
        return Outcome.refused("the note points at no opening", "Drag its tip to one.");
    }
}
