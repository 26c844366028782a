package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.ElementId;
import honeylamp.plan.Raised;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What can be pointed at in a raised view: what is seen there of walls, openings, floors, fixed parts and pieces. */
public final class SeenThings {
    private static final int LONGER_PX = 1200;

    private final Optional<Looking> looking;
    private final Optional<Scene> scene;
    private final Optional<FacetBuffer> buffer;

    private SeenThings(Optional<Looking> looking, Optional<Scene> scene) {
        this.looking = looking;
        this.scene = scene;
        this.buffer = scene.flatMap(s -> s.bounds().map(box -> {
            var made = new FacetBuffer(box, LONGER_PX, s.projection());
            made.draw(s.facets());
            return made;
        }));
    }

    /** What is seen in a view; nothing in one that is not raised. */
    public static SeenThings of(LaidView view) {
        return of(view, new KeptBodies());
    }

    /** The same with bodies that are known. */
    public static SeenThings of(LaidView view, KeptBodies kept) {
        if (!(view.view().subject() instanceof Raised raised)) {
            return new SeenThings(Optional.empty(), Optional.empty());
        }
        var looking = Looking.of(view, raised);
        return new SeenThings(looking, looking.map(from -> Looking.scene(view, raised, from, kept)));
    }

    /** How it is looked at; empty if nothing is raised. */
    public Optional<Looking> looking() {
        return looking;
    }

    /** What is looked at; empty if nothing is raised. */
    public Optional<Scene> scene() {
        return scene;
    }

    /** The bodies that are looked at. */
    public List<Body> bodies() {
        return scene.map(Scene::bodies).orElse(List.of());
    }

    /** The same things seen from elsewhere; of a room that is cut away other walls may stand then. */
    public Optional<Scene> from(LaidView view, Raised elsewhere) {
        return switch (elsewhere) {
            case Raised.Cutaway _, Raised.Outside _, Raised.Section _, Raised.RoofPlan _ ->
                Looking.of(view, elsewhere).map(from -> Looking.scene(view, elsewhere, from));
            case Raised.WholeStorey _, Raised.Building _ ->
                looking.flatMap(from -> scene.map(s -> s.from(from.turned(elsewhere))));
            case Raised.Inside _ -> Looking.of(view, elsewhere).flatMap(from -> scene.map(s -> s.from(from)));
        };
    }

    /** What is seen at a place of the picture, in picture mm; nothing beside all and where it is not to be picked. */
    public Optional<ElementId> at(Point picture, LaidView view) {
        return scene.flatMap(s -> buffer.map(b -> b.at(picture.x(), picture.y()))
                .filter(n -> n != FacetBuffer.NONE)
                .filter(n -> view.view().seen().frees(s.body(n).kind()))
                .flatMap(s::thing));
    }

    /** A place of the plan at a height. */
    public record Place(Point plan, double highMm) {}

    /** Where in space what is seen at a place of the picture lies; empty beside all. */
    public Optional<Place> placeAt(Point picture) {
        return scene.flatMap(s -> buffer.map(b -> b.at(picture.x(), picture.y()))
                .filter(n -> n != FacetBuffer.NONE)
                .flatMap(n -> s.projection().through(picture).meets(s.facet(n).flat()))
                .map(p -> new Place(p.plan(), p.z())));
    }

    /** The place of the plan at a height that lies behind a point of the picture; empty if one looks along that height. */
    public Optional<Point> onLevel(Point picture, double zMm) {
        return scene.flatMap(s -> s.projection().through(picture).meets(Flat.level(zMm)))
                .map(SpacePoint::plan);
    }

    /** Where a place of the plan at a height is seen, in picture mm; empty if it lies behind the eye. */
    public Optional<Point> seenAt(Point plan, double zMm) {
        var p = SpacePoint.of(plan, zMm);
        return scene.map(Scene::projection)
                .filter(seen -> !(seen instanceof Projection.Perspective eye)
                        || eye.before(p) > Projection.Perspective.NEAREST_MM)
                .map(seen -> seen.of(p));
    }

    /**
     * The edges of a thing as they would be seen if it stood elsewhere and nothing before it, in picture mm.
     *
     * @param to how the plan moves with it: shifted and turned only
     */
    public List<Segment> edgesOf(ElementId thing, Affine to) {
        return scene.stream()
                .flatMap(s -> SeenLines.of(new Scene(
                                s.bodies().stream()
                                        .filter(b ->
                                                b.of().filter(thing::equals).isPresent())
                                        .map(b -> b.moved(to))
                                        .toList(),
                                s.projection(),
                                s.framed()))
                        .stream())
                .map(SeenLines.SeenLine::line)
                .toList();
    }

    /** How high the foot of a thing lies where it is shown; empty if it is not there. */
    public OptionalDouble footMm(ElementId thing) {
        return scene.stream()
                .flatMap(s -> s.bodies().stream())
                .filter(b -> b.of().filter(thing::equals).isPresent())
                .flatMap(b -> b.facets().stream())
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .mapToDouble(SpacePoint::z)
                .min();
    }

    /** The boxes around what is seen of things, in picture mm. */
    public List<Box> of(Collection<ElementId> things) {
        return scene.stream()
                .flatMap(s -> things.stream()
                        .flatMap(id -> s.facets().stream()
                                .filter(f -> f.facet()
                                        .of()
                                        .or(s.bodies().get(f.body())::of)
                                        .filter(id::equals)
                                        .isPresent())
                                .map(SeenFacet::box)
                                .reduce(Box::union)
                                .stream()))
                .toList();
    }
}
