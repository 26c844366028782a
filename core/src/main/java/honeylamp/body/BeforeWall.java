package honeylamp.body;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Bodies of what stands before a wall, as one sees them who stands so far before it: what is farther from the wall is not
 * seen, and fixed parts are dark where they are cut there.
 *
 * @param foot of the wall, from left to right as one looks
 * @param into the room one stands in, of length one
 * @param depthMm so far from the wall one stands
 */
public record BeforeWall(LaidStorey storey, Segment foot, Point into, double depthMm) {
    /** A fixed part; nothing of one that has no body on this storey. */
    public List<Body> fixed(ElementId part) {
        var eye = foot.shiftedLeft(-depthMm);
        var deep = new Deep(eye, depthMm);
        return new StoreyBodies(storey, StoreyBodies.Below.STOREY, 0)
                .fixed(part).stream()
                        .flatMap(b -> Stream.concat(deep.kept(b).stream(), deep.cut(b).stream()))
                        .toList();
    }

    /** A piece, whole; empty if it has no body. */
    public Optional<Body> piece(Furnishing piece) {
        return new PieceBodies(storey.storey()).of(piece);
    }
}
