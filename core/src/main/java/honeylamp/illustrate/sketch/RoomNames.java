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
import honeylamp.illustrate.words.LabelArt;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Showing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The names of rooms where a view writes them: to be taken up and put elsewhere. */
public final class RoomNames {
    private static final double AIR_MM = 1;

    private RoomNames() {}

    /**
     * A name that was taken up.
     *
     * @param middle in plan mm
     */
    public record Name(RoomId room, Point middle) {}

    /** The name at a point of the plan. */
    public static Optional<Name> at(LaidView view, PaperFrame frame, Point p, double reachMm) {
        var onPaper = frame.paper(p);
        if (!view.view().seen().shows(Showing.Kind.ROOM_NAMES)) {
            return Optional.empty();
        }
        var art = art(view, frame);
        return art.placed(room -> art.mayLieAt(room, p, reachMm)).stream()
                .filter(n -> n.box().grown(reachMm / frame.scale()).contains(onPaper))
                .flatMap(n -> n.room().mark().stream().map(m -> new Name(m.id(), frame.plan(n.centre()))))
                .findFirst();
    }

    /** The frame of a name that a view has somewhere by hand, with its leader. */
    public static List<Mark> held(LaidView view, PaperFrame frame, RoomId room, double penMm) {
        var out = new ArrayList<Mark>();
        art(view, frame).placedByHand(room).ifPresent(name -> {
            out.add(held(Figure.ring(name.box().grown(AIR_MM).ring()), penMm));
            name.leader().ifPresent(line -> out.add(held(Figure.line(line.a(), line.b()), penMm)));
        });
        return out;
    }

    private static Mark held(Figure path, double penMm) {
        return new Mark.Stroke(path, Pen.butt(2 * penMm), Ink.of(ScreenColours.HONEY.argb()));
    }

    private static LabelArt art(LaidView view, PaperFrame frame) {
        return new LabelArt(view, frame, Pens.of(view.look(), frame.scale()));
    }
}
