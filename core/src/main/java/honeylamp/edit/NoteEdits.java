package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;

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

    /** Measures between two points, the line {@code offset} to the left of from → to; refused if they are one. */
    public static Outcome<Added<DimensionId>> measure(
            Plan plan, StoreyId storey, Position from, Position to, Length offset) {
        if (from.equals(to)) {
            return Outcome.refused("both ends lie on the same spot");
        }
        var id = new DimensionId(plan.nextNumber());
        var dimension = new Dimension(id, from, to, offset);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Dimension.class, Lists.plus(s.dimensions(), dimension))),
                id));
    }

    /** Changes the words of a note. */
    public static Plan rewrite(Plan plan, StoreyId storey, NoteId id, String text) {
        return plan.withStorey(storey, s -> s.change(Note.class, id, n -> new Note(id, n.at(), text.strip())));
    }

    /** Lays the line of a dimension so far to its left. */
    public static Plan aside(Plan plan, StoreyId storey, DimensionId id, Length offset) {
        return plan.withStorey(storey, s -> s.change(Dimension.class, id, d -> d.withOffset(offset)));
    }

    /** Lets a dimension measure between other points; refused if they are one. */
    public static Outcome<Plan> between(Plan plan, StoreyId storey, DimensionId id, Position from, Position to) {
        return from.equals(to)
                ? Outcome.refused("both ends lie on the same spot")
                : Outcome.done(plan.withStorey(storey, s -> s.change(Dimension.class, id, d -> d.between(from, to))));
    }
}
