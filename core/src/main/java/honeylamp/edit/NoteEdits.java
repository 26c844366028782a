package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Hold;
import honeylamp.plan.Note;
import honeylamp.plan.Note.Leader;
import honeylamp.plan.NoteForm;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Adding and changing notes and single dimensions. */
public final class NoteEdits {
    private NoteEdits() {}

    /** Writes a note, centred at a point. */
    public static Added<NoteId> add(Plan plan, StoreyId storey, Position at, String text) {
        return add(plan, storey, at, text, Optional.empty());
    }

    /** Writes a note about a point, with a leader to what it speaks of. */
    public static Added<NoteId> add(Plan plan, StoreyId storey, Position at, String text, Optional<Position> tip) {
        var id = new NoteId(plan.nextNumber());
        var note = new Note(id, at, text.strip()).withLeader(tip.map(Leader::to));
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Note.class, Lists.plus(s.notes(), note))), id);
    }

    /** Measures between two points, the line {@code offset} to the left of from → to; refused if they are one. */
    public static Outcome<Added<DimensionId>> measure(
            Plan plan, StoreyId storey, Position from, Position to, Length offset) {
        return measure(plan, storey, List.of(from, to), Optional.empty(), Figures.EACH, offset);
    }

    /**
     * Measures over several points, the line {@code offset} to the left of the way from the first to the last; refused if
     * these are one.
     *
     * @param alongDeg the way it is measured, from 0 up to 180 degrees; empty if straight from first to last
     */
    public static Outcome<Added<DimensionId>> measure(
            Plan plan,
            StoreyId storey,
            List<Position> points,
            Optional<Double> alongDeg,
            Figures figures,
            Length offset) {
        if (points.getFirst().equals(points.getLast())) {
            return Outcome.refused("both ends lie on the same spot");
        }
        var id = new DimensionId(plan.nextNumber());
        var stops = points.subList(1, points.size() - 1);
        var dimension =
                new Dimension(id, points.getFirst(), points.getLast(), offset, stops, alongDeg, figures, Hold.HELD);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Dimension.class, Lists.plus(s.dimensions(), dimension))),
                id));
    }

    /** Changes the words of a note; refused if there are too many. */
    public static Outcome<Plan> rewrite(Plan plan, StoreyId storey, NoteId id, String text) {
        return text.strip().length() > Note.LONGEST
                ? Outcome.refused(
                        "a note has at most " + Note.LONGEST + " letters",
                        "Part it in two, or write it below the lists.")
                : Outcome.done(change(plan, storey, id, n -> n.withText(text.strip())));
    }

    /** Sets a note otherwise. */
    public static Plan form(Plan plan, StoreyId storey, NoteId id, UnaryOperator<NoteForm> change) {
        return change(plan, storey, id, n -> n.withForm(change.apply(n.form())));
    }

    /** Lets a note point somewhere, or nowhere. */
    public static Plan point(Plan plan, StoreyId storey, NoteId id, Optional<Position> tip) {
        return change(plan, storey, id, n -> n.withLeader(tip.map(Leader::to)));
    }

    private static Plan change(Plan plan, StoreyId storey, NoteId id, UnaryOperator<Note> change) {
        return plan.withStorey(storey, s -> s.change(Note.class, id, change));
    }

    /** Lays the line of a dimension so far to its left. */
    public static Plan aside(Plan plan, StoreyId storey, DimensionId id, Length offset) {
        return plan.withStorey(storey, s -> s.change(Dimension.class, id, d -> d.withOffset(offset)));
    }

    /** Lets a dimension measure along another way, from 0 up to 180 degrees, or straight from point to point. */
    public static Plan along(Plan plan, StoreyId storey, DimensionId id, Optional<Double> deg) {
        return plan.withStorey(storey, s -> s.change(Dimension.class, id, d -> d.withAlongDeg(deg)));
    }

    /** Lets the figures of a chain say each part, or how far each point is from the first. */
    public static Plan figures(Plan plan, StoreyId storey, DimensionId id, Figures figures) {
        return plan.withStorey(storey, s -> s.change(Dimension.class, id, d -> d.withFigures(figures)));
    }

    /**
     * Puts one of a dimension's points elsewhere; refused if its ends would be one.
     *
     * @param point 0 for the first end, 1 for the last, then its stops
     */
    public static Outcome<Plan> put(Plan plan, StoreyId storey, DimensionId id, int point, Position at) {
        var dimension = plan.storey(storey).elements().find(Dimension.class, id).orElseThrow();
        var places = new ArrayList<>(dimension.places());
        places.set(point, at);
        return places.get(0).equals(places.get(1))
                ? Outcome.refused("both ends lie on the same spot")
                : Outcome.done(plan.withStorey(
                        storey,
                        s -> s.change(
                                Dimension.class,
                                id,
                                d -> d.between(places.get(0), places.get(1))
                                        .withStops(places.subList(2, places.size()))
                                        .withHold(Hold.HELD))));
    }
}
