package honeylamp.desktop.gesture;

import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the pointer means to be, and what it caught there.
 *
 * @param turn how many stronger things are passed over, as asked for by a key
 * @param pointer as it was, to look again when the key asks for the next thing
 */
public record Catch(Point at, Optional<Snap> snap, int turn, Pointer pointer) {
    private static final double SPOT_PX = 6;

    public static Catch none() {
        return plain(Pointer.at(Point.ORIGIN));
    }

    /** Nothing caught: where the pointer is. */
    public static Catch plain(Pointer pointer) {
        return new Catch(pointer.at(), Optional.empty(), 0, pointer);
    }

    /** A point found otherwise, with what it was found by. */
    public static Catch of(Snap snap, Pointer pointer) {
        return new Catch(snap.at(), Optional.of(snap), 0, pointer);
    }

    /** The same catch, meaning another point. */
    public Catch meaning(Point other) {
        return new Catch(other, snap, turn, pointer);
    }

    /**
     * What a pointer catches: what stands before lines of the picture to trace, these before what is merely
     * in line. Held keys free it.
     *
     * @param chain corners drawn so far, the last one last
     */
    public Catch moved(Surroundings scene, Pointer pointer, List<Point> chain) {
        var p = pointer.at();
        if (pointer.keys().control()) {
            return plain(pointer);
        }
        var all = all(scene, p, chain);
        if (all.isEmpty()) {
            return plain(pointer);
        }
        var near = snap.filter(s -> s.at().distance(p) <= scene.reachMm()).isPresent();
        var passed = near ? turn % all.size() : 0;
        var found = passed == 0 ? Snapping.steady(all, snap, p) : Optional.of(all.get(passed));
        return new Catch(found.map(Snap::at).orElse(p), found, passed, pointer);
    }

    private static List<Snap> all(Surroundings scene, Point p, List<Point> chain) {
        var out = new ArrayList<Snap>();
        var standing = Snapping.all(scene.laid(), chain, p, scene.reachMm());
        standing.stream().filter(s -> !soft(s)).forEach(out::add);
        scene.lines().at(p, scene.reachMm()).ifPresent(out::add);
        grid(scene, p).ifPresent(out::add);
        standing.stream().filter(Catch::soft).forEach(out::add);
        return out;
    }

    /** The crossing of the scale grid that is within reach, if it is shown. */
    private static Optional<Snap> grid(Surroundings scene, Point p) {
        return scene.choices()
                .seen()
                .grid()
                .map(step ->
                        new Point(step.mm() * Math.rint(p.x() / step.mm()), step.mm() * Math.rint(p.y() / step.mm())))
                .filter(at -> at.distance(p) <= scene.reachMm())
                .map(at -> Snap.of(at, Caught.GRID));
    }

    private static boolean soft(Snap snap) {
        return snap.caught().compareTo(Caught.EQUAL) >= 0;
    }

    /** One more of the stronger things is passed over; from the weakest back to the strongest. */
    public Catch passing() {
        return new Catch(at, snap, turn + 1, pointer);
    }

    /** The next weaker thing within reach of where the pointer is. */
    public Catch next(Surroundings scene, List<Point> chain) {
        return passing().moved(scene, pointer, chain);
    }

    public String word() {
        return snap.map(s -> s.caught().word()).orElse("");
    }

    /** The mark of what was caught, with guides to what it was found by. */
    public List<Mark> marks(Surroundings scene) {
        var out = new ArrayList<Mark>();
        snap.ifPresent(s -> {
            s.guides().forEach(g -> out.add(Sketches.line(scene.frame(), g, scene.penMm(), true)));
            out.add(Sketches.spot(scene.frame(), s.at(), SPOT_PX * scene.penMm(), scene.penMm()));
        });
        return out;
    }
}
