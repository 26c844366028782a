package honeylamp.body;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.ElementId;
import java.util.List;
import java.util.Optional;

/**
 * A flat part of the surface of a body; it looks away from the body.
 *
 * @param outline in the frame of its plane
 * @param rank of facets that lie in one plane the higher covers the lower
 * @param of which of the things it is a facet of whose body is of several, such as walls; else empty
 */
public record Facet(Flat flat, Outline outline, Skin skin, int rank, Optional<ElementId> of) {
    /** A facet on which nothing lies. */
    public Facet(Flat flat, Outline outline, Skin skin) {
        this(flat, outline, skin, 0);
    }

    /** A facet of what its body is of. */
    public Facet(Flat flat, Outline outline, Skin skin, int rank) {
        this(flat, outline, skin, rank, Optional.empty());
    }

    /** The same as a facet of something. */
    Facet of(ElementId thing) {
        return new Facet(flat, outline, skin, rank, Optional.of(thing));
    }

    /** The same so much higher. */
    Facet raised(SpacePoint by) {
        return new Facet(new Flat(flat.origin().plus(by), flat.along(), flat.up()), outline, skin, rank, of);
    }

    /** The same where a shift or a turn of the plan takes it. */
    Facet moved(Affine to) {
        return new Facet(
                new Flat(
                        SpacePoint.of(
                                to.apply(flat.origin().plan()), flat.origin().z()),
                        turned(flat.along(), to),
                        turned(flat.up(), to)),
                outline,
                skin,
                rank,
                of);
    }

    private static SpacePoint turned(SpacePoint way, Affine to) {
        return SpacePoint.of(to.apply(way.plan()).minus(to.apply(Point.ORIGIN)), way.z());
    }

    /** The corners of a ring of it in space. */
    public List<SpacePoint> inSpace(Ring ring) {
        return ring.corners().stream().map(flat::at).toList();
    }

    /** Where it looks, at length one. */
    public SpacePoint normal() {
        return flat.normal();
    }
}
