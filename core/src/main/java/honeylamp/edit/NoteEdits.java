package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.function.UnaryOperator;

/** Adding and changing notes and single dimensions. */
public final class NoteEdits {
    private NoteEdits() {}

    /** Writes a note, centred at a point. */
    public static Added<NoteId> add(Plan plan, StoreyId storey, Position at, String text) {
        var id = new NoteId(plan.nextNumber());
        var note = new Note(id, at, text.strip());
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Note.class, Lists.plus(s.notes(), note))), id);
    }

    /** Measures between two points; the line lies {@code offset} to the left of from → to. */
    public static Added<DimensionId> measure(Plan plan, StoreyId storey, Position from, Position to, Length offset) {
        var id = new DimensionId(plan.nextNumber());
        var dimension = new Dimension(id, from, to, offset);
        return new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Dimension.class, Lists.plus(s.dimensions(), dimension))),
                id);
    }

    /** Changes the words of a note. */
    public static Plan rewrite(Plan plan, StoreyId storey, NoteId id, String text) {
        return plan.withStorey(storey, s -> s.change(Note.class, id, n -> new Note(id, n.at(), text.strip())));
    }

    /** Changes a dimension. */
    public static Plan change(Plan plan, StoreyId storey, DimensionId id, UnaryOperator<Dimension> change) {
        return plan.withStorey(storey, s -> s.change(Dimension.class, id, change));
    }
}
