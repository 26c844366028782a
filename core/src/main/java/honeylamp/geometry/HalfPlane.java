package honeylamp.geometry;

import java.util.ArrayList;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** The part of a box where a value that changes evenly is more than nothing. */
public final class HalfPlane {
    private HalfPlane() {}

    /** That part; empty if there is none. */
    public static Optional<Ring> of(Box box, ToDoubleFunction<Point> value) {
        var out = new ArrayList<Point>();
        var corners = box.ring().corners();
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            var va = value.applyAsDouble(a);
            var vb = value.applyAsDouble(b);
            if (va > 0) {
                out.add(a);
            }
            if (va > 0 != vb > 0) {
                out.add(a.towards(b, va / (va - vb)));
            }
        }
        return out.size() < 3 ? Optional.empty() : Optional.of(new Ring(out));
    }
}
