package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;

/** Adding notes and single dimensions. */
public final class NoteEdits {
    private NoteEdits() {}

    /** Writes a note, centred at a point. */
    public static Added<NoteId> add(Plan plan, StoreyId storey, Position at, String text) {
        var id = new NoteId(plan.nextNumber());
        var note = new Note(id, at, text.strip());
        return new Added<>(plan.numbersTaken(1).withStorey(storey, s -> s.withNotes(Lists.plus(s.notes(), note))), id);
    }

    /** Measures between two points; the line lies {@code offset} to the left of from → to. */
    public static Added<DimensionId> measure(Plan plan, StoreyId storey, Position from, Position to, Length offset) {
        var id = new DimensionId(plan.nextNumber());
        var dimension = new Dimension(id, from, to, offset);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.withDimensions(Lists.plus(s.dimensions(), dimension))),
                id);
    }
}
