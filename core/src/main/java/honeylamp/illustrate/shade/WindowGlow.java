package honeylamp.illustrate.shade;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The light of a house in the evening that falls out of its windows, wider and fainter the farther it goes. */
public final class WindowGlow {
    /** So far it goes, in plan mm, and no farther on paper: there figures begin. */
    private static final double REACH_MM = 1100;

    private static final double MOST_PAPER_MM = 8;

    /** So much wider to each side it is for every mm it goes, the part that goes farthest the most. */
    private static final double SPREADS = 0.75;

    private static final int STEPS = 10;
    private static final double STEP_COVERS = 0.022;

    /** From a face of a wall to what lies before it, in plan mm. */
    private static final double BEFORE_MM = 60;

    private WindowGlow() {}

    /** The glow of all windows of lit rooms that look outside, in paper mm; empty where there are none. */
    public static Optional<Mark> of(StoreyGeometry geometry, PaperFrame frame, Ink warm, Predicate<Room> isLit) {
        var shells = geometry.shells();
        var reach = Math.min(REACH_MM, frame.planMm(MOST_PAPER_MM));
        var out = new ArrayList<Mark>();
        for (var face : faces(geometry, isLit)) {
            for (var k = STEPS; k > 0; k--) {
                var path = Figure.builder();
                Regions.difference(List.of(thrown(face, reach * k / STEPS, SPREADS * k / STEPS)), shells)
                        .forEach(o -> path.path(o.path()));
                var lit = path.build();
                if (!lit.isEmpty()) { // a window may look into a corner that is all wall
                    out.add(new Mark.Fill(frame.paper(lit), warm.at(STEP_COVERS)));
                }
            }
        }
        return out.stream()
                .map(m -> ((Mark.Fill) m).path().bounds())
                .reduce(Box::union)
                .map(box -> new Mark.Clip(Figure.ring(box.ring()), out));
    }

    /** The outer faces of windows, with what lies outside to their left. */
    private static List<Segment> faces(StoreyGeometry geometry, Predicate<Room> isLit) {
        var out = new ArrayList<Segment>();
        for (OpeningCut cut : geometry.cuts()) {
            if (cut.opening().kind().isWindow()) {
                var away = cut.unit().left().times(cut.thicknessMm() / 2 + BEFORE_MM);
                var middle = cut.middle().middle();
                var left = geometry.roomAt(middle.plus(away)).isPresent();
                var right = geometry.roomAt(middle.minus(away)).isPresent();
                var inside = geometry.roomAt(middle.plus(away)).or(() -> geometry.roomAt(middle.minus(away)));
                if (left != right && inside.filter(isLit).isPresent()) {
                    out.add(
                            right
                                    ? cut.left()
                                    : new Segment(cut.right().b(), cut.right().a()));
                }
            }
        }
        return out;
    }

    private static Outline thrown(Segment face, double far, double spreads) {
        var along = face.unit();
        Point out = along.left().times(far);
        Point wider = along.times(far * spreads);
        return Outline.of(new Ring(List.of(
                        face.a(),
                        face.b(),
                        face.b().plus(out).plus(wider),
                        face.a().plus(out).minus(wider)))
                .counterClockwise());
    }
}
