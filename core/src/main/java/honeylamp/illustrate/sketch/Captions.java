package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.NoteArt;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Note;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.Storey;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Notes, single dimensions and free marks where they are drawn: to be picked, and marked when they are. */
public final class Captions {
    private static final double AIR_MM = 0.8;
    private static final Ink HONEY = Ink.of(ScreenColours.HONEY.argb());

    private Captions() {}

    /** The note, dimension or free mark at a point of the plan, or within reach of it, in this order. */
    public static Optional<ElementId> at(LaidView view, Storey storey, PaperFrame frame, Point p, double reachMm) {
        var notes = art(view, frame);
        var figureMm = view.look().drafting().of(TextRole.DIMENSION);
        var onPaper = frame.paper(p);
        return storey.notes().reversed().stream()
                .filter(n ->
                        notes.box(n).grown(AIR_MM + reachMm / frame.scale()).contains(onPaper))
                .findFirst()
                .<ElementId>map(Note::id)
                .or(() -> storey.dimensions().stream()
                        .filter(d -> distance(frame, d, p, figureMm) <= reachMm)
                        .min(Comparator.comparingDouble(d -> distance(frame, d, p, figureMm)))
                        .map(Dimension::id))
                .or(() -> storey.roundDimensions().reversed().stream()
                        .filter(d -> d.line().distance(p) <= reachMm)
                        .findFirst()
                        .map(RoundDimension::id))
                .or(() -> storey.freeMarks().reversed().stream()
                        .filter(m -> m.lines().stream().anyMatch(l -> l.distance(p) <= reachMm))
                        .findFirst()
                        .map(FreeMark::id));
    }

    /** From a dimension's line, or from the number above it. */
    private static double distance(PaperFrame frame, Dimension dimension, Point p, double highMm) {
        var line = dimension.line();
        var number = line.unit().left().times(frame.planMm(highMm));
        var above = line.unit().x() < 0 ? number.times(-1) : number;
        var middle = line.middle().plus(above);
        return Math.min(line.distance(p), Math.max(0, middle.distance(p) - frame.planMm(highMm)));
    }

    /** The words of a note as they are read from the plan in a view. */
    public static String words(LaidView view, PaperFrame frame, Note note) {
        return art(view, frame).words(note);
    }

    private static NoteArt art(LaidView view, PaperFrame frame) {
        return new NoteArt(view, frame, Pens.of(view.look(), frame.scale()));
    }

    /** Marks those that are picked: a note by a frame, a dimension by a stroke along its line and its ends. */
    public static List<Mark> picked(
            LaidView view, Storey storey, PaperFrame frame, Collection<ElementId> ids, double penMm) {
        var out = new ArrayList<Mark>();
        var notes = art(view, frame);
        for (var note : storey.notes()) {
            if (ids.contains(note.id())) {
                out.add(new Mark.Stroke(
                        Figure.ring(notes.box(note).grown(AIR_MM).ring()), Pen.butt(2 * penMm), HONEY));
                note.leader()
                        .ifPresent(
                                l -> out.addAll(Sketches.handle(frame, l.tip().point(), 4.5 * penMm, penMm)));
            }
        }
        for (var dimension : storey.dimensions()) {
            if (ids.contains(dimension.id())) {
                out.add(Sketches.line(frame, dimension.line(), 3 * penMm, false));
                for (var end : dimension.places()) {
                    out.addAll(Sketches.handle(frame, end.point(), 4.5 * penMm, penMm));
                }
            }
        }
        for (var dimension : storey.roundDimensions()) {
            if (ids.contains(dimension.id())) {
                out.addAll(drawn(frame, dimension, 3 * penMm));
            }
        }
        for (var mark : storey.freeMarks()) {
            if (ids.contains(mark.id())) {
                out.addAll(mark(frame, mark, penMm));
            }
        }
        return out;
    }

    /** A free mark that is picked, with a handle at each of its points unless it was drawn by hand. */
    private static List<Mark> mark(PaperFrame frame, FreeMark mark, double penMm) {
        var out = new ArrayList<>(drawn(frame, mark, 3 * penMm));
        if (mark.shape() != FreeMark.Shape.FREEHAND) {
            mark.points().forEach(p -> out.addAll(Sketches.handle(frame, p.point(), 4.5 * penMm, penMm)));
        }
        return out;
    }

    /** The line of a dimension of an angle or a curved line, as one that is drawn or picked. */
    public static List<Mark> drawn(PaperFrame frame, RoundDimension dimension, double penMm) {
        var line = dimension.line();
        var points = new ArrayList<Point>();
        points.add(line.a());
        points.addAll(line.between(frame.planMm(penMm)));
        points.add(line.b());
        var path = Figure.line(points.stream().map(frame::paper).toArray(Point[]::new));
        return List.of(new Mark.Stroke(path, Pen.butt(penMm), HONEY));
    }

    /** The lines of a free mark, as one that is drawn or picked. */
    public static List<Mark> drawn(PaperFrame frame, FreeMark mark, double penMm) {
        var path = Figure.builder();
        mark.lines().forEach(l -> path.line(frame.paper(l.a()), frame.paper(l.b())));
        return List.of(new Mark.Stroke(path.build(), Pen.butt(penMm), HONEY));
    }
}
