package honeylamp.illustrate.building;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The edges of cut walls as a broad pen draws them: faces end square at their jambs, and the line of a jamb lies within the
 * wall, so that nothing stands out into the opening.
 */
final class WallEdges {
    /** An edge lies along a jamb if it is no farther from it, in plan mm. */
    private static final double AT_JAMB_MM = 1;

    private final List<Jamb> jambs;
    private final BoxIndex index;
    private final double penMm;

    /**
     * A jamb.
     *
     * @param inward into the wall, at length one
     */
    private record Jamb(Segment line, Point inward) {
        static Stream<Jamb> of(OpeningCut cut) {
            var unit = cut.unit();
            return Stream.of(
                    of(new Segment(cut.leftFace().a(), cut.rightFace().a()), unit.times(-1)),
                    of(new Segment(cut.leftFace().b(), cut.rightFace().b()), unit));
        }

        /** Square to the jamb, which in a curved wall is not square to the way from one to the other. */
        private static Jamb of(Segment line, Point towards) {
            var square = line.unit().left();
            return new Jamb(line, square.dot(towards) > 0 ? square : square.times(-1));
        }
    }

    private WallEdges(List<OpeningCut> cuts, double penMm) {
        this.jambs = cuts.stream()
                .filter(c -> c.level() == OpeningCut.Level.CUT)
                .flatMap(Jamb::of)
                .toList();
        this.index = new BoxIndex(jambs.size(), i -> jambs.get(i).line.bounds().grown(AT_JAMB_MM));
        this.penMm = penMm;
    }

    /**
     * The lines along the edges of what is cut.
     *
     * @param cut what is cut, less its openings, in plan mm
     * @param penMm the width of the pen, in plan mm
     */
    static Figure of(List<Outline> cut, List<OpeningCut> openings, double penMm) {
        var edges = new WallEdges(openings, penMm);
        var out = Figure.builder();
        cut.stream().flatMap(Outline::rings).forEach(ring -> edges.add(out, ring));
        return out.build();
    }

    private void add(Figure.Builder out, Ring ring) {
        var edges = ring.edges();
        var at = edges.stream().map(this::jamb).toList();
        var first = 0;
        while (first < edges.size() && at.get(first).isEmpty()) {
            first++;
        }
        if (first == edges.size()) {
            out.ring(ring);
            return;
        }
        var run = new ArrayList<Point>();
        for (var i = 0; i < edges.size(); i++) {
            var k = (first + i) % edges.size();
            var edge = edges.get(k);
            if (at.get(k).isPresent()) {
                end(out, run);
                var within = at.get(k).get().inward.times(penMm / 2);
                out.line(edge.a().plus(within), edge.b().plus(within));
            } else {
                if (run.isEmpty()) {
                    run.add(edge.a());
                }
                run.add(edge.b());
            }
        }
        end(out, run);
    }

    private static void end(Figure.Builder out, List<Point> run) {
        if (!run.isEmpty()) {
            out.line(run.toArray(Point[]::new));
            run.clear();
        }
    }

    /** The jamb an edge lies along. */
    private Optional<Jamb> jamb(Segment edge) {
        return index.meeting(edge.bounds()).stream()
                .map(jambs::get)
                .filter(j -> isOn(j.line, edge.a()) && isOn(j.line, edge.b()))
                .findFirst();
    }

    private static boolean isOn(Segment line, Point p) {
        return line.distance(p) <= AT_JAMB_MM;
    }
}
