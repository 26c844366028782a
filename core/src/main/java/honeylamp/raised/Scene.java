package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.HalfPlane;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Bodies as they are seen in a projection: their facets that look to the eye. */
public final class Scene {
    private static final double LEAST_MM2 = 0.01;

    private static final int PLAIN = 4;

    /** What is done about outlines whose corners changed places in the picture. */
    private enum Corners {
        /** They are made sound: to be overlaid with each other. */
        SOUND,
        /** Nothing: pixels do not mind. */
        AS_SEEN
    }

    private final List<Body> bodies;
    private final Projection projection;
    private final Corners corners;
    private final List<SeenFacet> facets;
    private final Optional<Box> framed;
    private final Optional<Box> bounds;
    private volatile @Nullable BoxIndex index;

    /** Makes bodies ready to be looked at. */
    public Scene(List<Body> bodies, Projection projection) {
        this(bodies, projection, Optional.empty());
    }

    /**
     * The same in a frame.
     *
     * @param framed what of the picture is seen, in picture mm; empty means all
     */
    public Scene(List<Body> bodies, Projection projection, Optional<Box> framed) {
        this(bodies, projection, framed, Corners.SOUND);
    }

    private Scene(List<Body> bodies, Projection projection, Optional<Box> framed, Corners corners) {
        this.corners = corners;
        this.framed = framed;
        this.bodies = List.copyOf(bodies);
        this.projection = projection;
        this.facets = IntStream.range(0, this.bodies.size())
                .parallel()
                .mapToObj(this::ofBody)
                .flatMap(List::stream)
                .toList();
        this.bounds = framed.or(this::around);
    }

    /** The same bodies looked at otherwise, for pictures of pixels. */
    Scene from(Looking looking) {
        return new Scene(bodies, looking.projection(), looking.framed(), Corners.AS_SEEN);
    }

    private Optional<Box> around() {
        if (facets.isEmpty()) {
            return Optional.empty();
        }
        var minX = Double.POSITIVE_INFINITY;
        var minY = Double.POSITIVE_INFINITY;
        var maxX = Double.NEGATIVE_INFINITY;
        var maxY = Double.NEGATIVE_INFINITY;
        for (var facet : facets) {
            minX = Math.min(minX, facet.box().minX());
            minY = Math.min(minY, facet.box().minY());
            maxX = Math.max(maxX, facet.box().maxX());
            maxY = Math.max(maxY, facet.box().maxY());
        }
        return Optional.of(new Box(minX, minY, maxX, maxY));
    }

    /** The facets of a body that look to the eye and lie in the frame. */
    private List<SeenFacet> ofBody(int body) {
        var out = new ArrayList<SeenFacet>();
        for (var facet : bodies.get(body).facets()) {
            var seen = seen(facet, projection);
            if (seen.isPresent()) {
                for (var part : framed.isEmpty() ? parts(seen.get()) : within(seen.get(), framed.get())) {
                    if (part.area() > LEAST_MM2) {
                        out.add(new SeenFacet(facet, body, part, part.bounds(), projection.slope(facet.flat())));
                    }
                }
            }
        }
        return out;
    }

    private List<Outline> parts(Outline outline) {
        return corners == Corners.AS_SEEN ? List.of(outline) : sound(outline);
    }

    /** Corners a hair apart may change places in the picture; four seldom do. */
    private static List<Outline> sound(Outline outline) {
        return outline.holes().isEmpty() && outline.shell().corners().size() <= PLAIN
                ? List.of(outline)
                : Regions.sound(outline);
    }

    /** What is looked at. */
    public List<Body> bodies() {
        return bodies;
    }

    /** How it is looked at. */
    public Projection projection() {
        return projection;
    }

    /** What of an outline lies in the frame. */
    private List<Outline> within(Outline outline, Box frame) {
        var box = outline.bounds();
        return frame.contains(box)
                ? parts(outline)
                : frame.meets(box)
                        ? Regions.intersection(sound(outline), List.of(Outline.of(frame.ring())))
                        : List.of();
    }

    /** What of the picture is seen; empty if all is. */
    public Optional<Box> framed() {
        return framed;
    }

    /** The box around all that may be seen, in picture mm; empty if there is nothing. */
    public Optional<Box> bounds() {
        return bounds;
    }

    /** How many facets look to the eye. */
    public int count() {
        return facets.size();
    }

    /** A facet that looks to the eye. */
    public Facet facet(int number) {
        return facets.get(number).facet();
    }

    /** The body of such a facet. */
    public Body body(int facet) {
        return bodies.get(facets.get(facet).body());
    }

    /** What such a facet is of; empty if nothing that can be picked. */
    public Optional<ElementId> thing(int facet) {
        return facet(facet).of().or(body(facet)::of);
    }

    /** From the picture to the frame of a facet that looks to the eye. */
    public Projective toFrame(int facet) {
        return projection.of(facet(facet).flat()).inverse();
    }

    /** The box around a facet that looks to the eye, in picture mm. */
    public Box box(int facet) {
        return facets.get(facet).box();
    }

    /**
     * Which facet is nearest in each pixel over a box, row by row from its foot up; -1 where there is none.
     *
     * @param longerPx so many pixels has its longer side
     */
    public Nearest nearest(Box box, int longerPx) {
        var buffer = new FacetBuffer(box, longerPx, projection);
        buffer.draw(facets);
        return buffer.nearest();
    }

    /** The nearest facets over a box, by their numbers. */
    public record Nearest(int width, int height, double pixelMm, int[] facets) {}

    List<SeenFacet> facets() {
        return facets;
    }

    /** The numbers of facets whose boxes meet a box, rising. */
    List<Integer> near(Box box) {
        var known = index;
        if (known == null) {
            known = new BoxIndex(facets.size(), i -> facets.get(i).box()); // two at once make the same
            index = known;
        }
        return known.meeting(box);
    }

    /** Whether a facet hides what lies behind it. */
    static boolean hides(SeenFacet facet) {
        return facet.facet().skin().sort() != Skin.Sort.CLEAR;
    }

    /** The outline of a facet in the picture; empty if it looks away or lies behind the eye. */
    static Optional<Outline> seen(Facet facet, Projection projection) {
        if (!projection.sees(facet.flat())) {
            return Optional.empty();
        }
        var before =
                projection instanceof Projection.Perspective p ? beforeEye(facet, p) : Optional.of(facet.outline());
        var to = projection.of(facet.flat());
        return before.map(o -> o.through(to));
    }

    /** What of a facet lies far enough before the eye, in its own frame. */
    private static Optional<Outline> beforeEye(Facet facet, Projection.Perspective seen) {
        var flat = facet.flat();
        var least = Double.POSITIVE_INFINITY;
        var most = Double.NEGATIVE_INFINITY;
        for (var p : facet.outline().shell().corners()) {
            var before = seen.before(flat.at(p));
            least = Math.min(least, before);
            most = Math.max(most, before);
        }
        if (least >= Projection.Perspective.NEAREST_MM) {
            return Optional.of(facet.outline());
        }
        if (most <= Projection.Perspective.NEAREST_MM) {
            return Optional.empty();
        }
        var half = HalfPlane.of(
                facet.outline().bounds().grown(1), p -> seen.before(flat.at(p)) - Projection.Perspective.NEAREST_MM);
        return half.flatMap(h -> Regions.intersection(List.of(facet.outline()), List.of(Outline.of(h))).stream()
                .max(Comparator.comparingDouble(Outline::area)));
    }
}
