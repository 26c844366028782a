package honeylamp.desktop.gesture;

import honeylamp.derive.Snapping;
import honeylamp.derive.Snapping.Caught;
import honeylamp.derive.Snapping.Snap;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Sketches;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the pointer means to be, and what it caught there.
 *
 * @param turn how many stronger things are passed over, as asked for by a key
 */
record Catch(Point at, Optional<Snap> snap, int turn) {
    private static final double SPOT_PX = 6;

    static Catch none() {
        return new Catch(Point.ORIGIN, Optional.empty(), 0);
    }

    /**
     * What a pointer catches: what stands before lines of the picture to trace, these before what is merely
     * in line. Held keys free it.
     *
     * @param chain corners drawn so far, the last one last
     */
    Catch moved(Scene scene, Pointer pointer, List<Point> chain) {
        var p = pointer.at();
        if (pointer.keys().control()) {
            return new Catch(p, Optional.empty(), 0);
        }
        var all = all(scene, p, chain);
        if (all.isEmpty()) {
            return new Catch(p, Optional.empty(), 0);
        }
        var near = snap.filter(s -> s.at().distance(p) <= scene.reachMm()).isPresent();
        var passed = near ? turn % all.size() : 0;
        var found = passed == 0 ? Snapping.steady(all, snap, p) : Optional.of(all.get(passed));
        return new Catch(found.map(Snap::at).orElse(p), found, passed);
    }

    private static List<Snap> all(Scene scene, Point p, List<Point> chain) {
        var out = new ArrayList<Snap>();
        var standing = Snapping.all(scene.geometry(), chain, p, scene.reachMm());
        standing.stream().filter(s -> !soft(s)).forEach(out::add);
        scene.lines().at(p, scene.reachMm()).ifPresent(out::add);
        standing.stream().filter(Catch::soft).forEach(out::add);
        return out;
    }

    private static boolean soft(Snap snap) {
        return snap.caught().compareTo(Caught.EQUAL) >= 0;
    }

    /** The next weaker thing within reach; from the weakest back to the strongest. */
    Catch next() {
        return new Catch(at, snap, turn + 1);
    }

    String word() {
        return snap.map(s -> s.caught().word()).orElse("");
    }

    /** The mark of what was caught, with guides to what it was found by. */
    List<Mark> marks(Scene scene) {
        var out = new ArrayList<Mark>();
        snap.ifPresent(s -> {
            s.guides().forEach(g -> out.add(Sketches.line(scene.frame(), g, scene.penMm(), true)));
            out.add(Sketches.spot(scene.frame(), s.at(), SPOT_PX * scene.penMm(), scene.penMm()));
        });
        return out;
    }
}
