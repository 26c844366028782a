package honeylamp.derive.pointing;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;

/** Points of openings, pieces and fixed parts that dimensions are put on. */
final class MeasuredPoints {
    private MeasuredPoints() {}

    /** Those of all that come near a point; not each of them within reach. */
    static List<Snap> near(StoreyGeometry geometry, Point p, double reachMm) {
        var out = new ArrayList<Snap>();
        for (var cut : geometry.cuts()) {
            if (cut.ring().bounds().grown(reachMm).contains(p)) {
                opening(cut, out);
            }
        }
        for (var piece : geometry.storey().furnishings()) {
            box(piece.placing(), piece.width(), piece.depth(), p, reachMm, out);
        }
        for (var part : geometry.storey().structures()) {
            box(part.placing(), part.width(), part.depth(), p, reachMm, out);
        }
        return out;
    }

    private static void opening(OpeningCut cut, List<Snap> out) {
        for (var face : List.of(cut.left(), cut.right(), cut.middle())) {
            out.add(Snap.of(face.a(), Caught.JAMB));
            out.add(Snap.of(face.b(), Caught.JAMB));
            out.add(Snap.of(face.middle(), Caught.OPENING_CENTRE));
        }
    }

    private static void box(Affine placing, Length width, Length depth, Point p, double reachMm, List<Snap> out) {
        var x = width.mm() / 2;
        var y = depth.mm() / 2;
        if (placing.apply(Point.ORIGIN).distance(p) > Math.hypot(x, y) + reachMm) {
            return;
        }
        for (var side : new double[] {-1, 1}) {
            out.add(Snap.of(placing.apply(new Point(side * x, y)), Caught.PIECE_CORNER));
            out.add(Snap.of(placing.apply(new Point(side * x, -y)), Caught.PIECE_CORNER));
            out.add(Snap.of(placing.apply(new Point(side * x, 0)), Caught.PIECE_EDGE));
            out.add(Snap.of(placing.apply(new Point(0, side * y)), Caught.PIECE_EDGE));
        }
        out.add(Snap.of(placing.apply(Point.ORIGIN), Caught.AXIS));
    }
}
