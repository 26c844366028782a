package honeylamp.raised;

import honeylamp.body.Facet;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;

/**
 * A facet that looks to the eye, in the picture.
 *
 * @param body the number of its body in the scene
 * @param outline in picture mm
 * @param slope its nearness over the picture
 */
record SeenFacet(Facet facet, int body, Outline outline, Box box, Projection.Slope slope) {
    private static final double SAME_MM = 0.6;
    private static final double SAME_WAY = 1e-7;

    /** Whether two facets lie in one plane. */
    boolean isInPlaneOf(SeenFacet o) {
        var n = facet.normal();
        return n.dot(o.facet.normal()) > 1 - SAME_WAY
                && Math.abs(facet.flat().before(o.facet.flat().origin())) < SAME_MM;
    }

    /** Whether it goes on in the plane of another, alike: where it lies on both sides of an edge of that one there is none. */
    boolean goesOnFrom(Facet other) {
        return facet != other
                && facet.rank() >= other.rank()
                && facet.skin().equals(other.skin())
                && facet.normal().dot(other.normal()) > 1 - SAME_WAY
                && Math.abs(facet.flat().before(other.flat().origin())) < SAME_MM;
    }

    /** Whether a point of the picture lies within the outline. */
    boolean holds(double x, double y) {
        if (!contains(outline.shell(), x, y)) {
            return false;
        }
        for (var hole : outline.holes()) {
            if (contains(hole, x, y)) {
                return false;
            }
        }
        return true;
    }

    private static boolean contains(Ring ring, double x, double y) {
        var inside = false;
        var corners = ring.corners();
        Point before = corners.getLast();
        for (var p : corners) {
            if (p.y() > y != before.y() > y && x < (before.x() - p.x()) * (y - p.y()) / (before.y() - p.y()) + p.x()) {
                inside = !inside;
            }
            before = p;
        }
        return inside;
    }
}
