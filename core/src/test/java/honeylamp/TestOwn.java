package honeylamp;

import honeylamp.edit.OwnPieces;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** Own pieces for tests. */
public final class TestOwn {
    private TestOwn() {}

    public static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    /** A closed line round corners x, y, x, y … in mm. */
    public static OwnLine line(double... xy) {
        var corners = new java.util.ArrayList<Position>();
        for (var i = 0; i < xy.length; i += 2) {
            corners.add(Position.ofMm(xy[i], xy[i + 1]));
        }
        return OwnLine.around(corners);
    }

    /** A rectangle. */
    public static OwnLine box(double x0, double y0, double x1, double y1) {
        return line(x0, y0, x1, y0, x1, y1, x0, y1);
    }

    /** A part of timber between two heights. */
    public static OwnPart part(OwnLine line, double bottom, double top) {
        return new OwnPart("", List.of(line), Optional.of(Role.TIMBER), OwnPart.Pen.OUTLINE, mm(bottom), mm(top));
    }

    /** A piece of these parts. */
    public static OwnPiece piece(String name, OwnPart... parts) {
        return OwnPieces.drawn(name, Stand.FREE, List.of(parts)).orThrow();
    }
}
