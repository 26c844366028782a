package honeylamp.body;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import java.util.ArrayList;
import java.util.List;

/** Bodies with straight sides over an outline. */
final class Prism {
    /** Shorter edges make no side. */
    private static final double LEAST_MM = 0.02;

    private Prism() {}

    /** An outline of the plan from one height up to another, in one skin. */
    static List<Facet> upright(Outline plan, double fromMm, double toMm, Skin skin) {
        return upright(plan, fromMm, toMm, skin, skin);
    }

    /** The same with another skin on top. */
    static List<Facet> upright(Outline plan, double fromMm, double toMm, Skin side, Skin top) {
        return of(Flat.level(fromMm), plan, toMm - fromMm, side, top);
    }

    /**
     * An outline in a plane, drawn out so far in the direction in which that looks.
     *
     * @param front the skin of the side that looks where the plane looks
     */
    static List<Facet> of(Flat base, Outline outline, double thickMm, Skin side, Skin front) {
        var out = new ArrayList<Facet>();
        var whole = oriented(outline);
        out.add(new Facet(base.moved(thickMm), whole, front));
        out.add(new Facet(base.turnedOver(), turnedOver(whole), side));
        whole.rings().forEach(ring -> ring.edges().forEach(edge -> side(out, base, edge, thickMm, side)));
        return out;
    }

    private static void side(List<Facet> out, Flat base, Segment edge, double thickMm, Skin skin) {
        var length = edge.length();
        if (length > LEAST_MM) {
            var along = base.at(edge.b()).minus(base.at(edge.a())).unit();
            var flat = new Flat(base.at(edge.a()), along, base.normal());
            out.add(new Facet(flat, Outline.of(new Box(0, 0, length, thickMm).ring()), skin));
        }
    }

    /** The shell counter-clockwise, the holes clockwise: what is solid lies to the left of every edge. */
    static Outline oriented(Outline outline) {
        return new Outline(
                outline.shell().counterClockwise(),
                outline.holes().stream()
                        .map(hole -> hole.counterClockwise().reversed())
                        .toList());
    }

    /** The same outline in the plane turned over. */
    static Outline turnedOver(Outline outline) {
        return new Outline(
                swapped(outline.shell()),
                outline.holes().stream().map(Prism::swapped).toList());
    }

    private static Ring swapped(Ring ring) {
        return new Ring(
                ring.corners().stream().map(p -> new Point(p.y(), p.x())).toList());
    }
}
