package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Where less light comes: along the foot of walls, on the floor and on the wall, and below and beside pieces. Steps that lie
 * over each other make it darker towards the corner.
 */
public final class CornerParts {
    /** Two heights nearer than this are one. */
    private static final double SAME_MM = 3;

    private static final double PLUMB = 0.01;
    private static final double LEVEL = 0.99;

    /** What of a piece is lower stands on the floor. */
    private static final double FOOT_MM = 60;

    /** So far on the floor before a wall, and up the wall. */
    private static final double[] BEFORE_MM = {50, 120, 220, 350};

    private static final double[] UP_MM = {50, 120, 220, 330};
    private static final double[] BESIDE_MM = {20, 70};

    private final Scene scene;
    private final TreeMap<Double, List<Segment>> walls = new TreeMap<>();
    private final TreeMap<Double, List<Outline>> pieces = new TreeMap<>();

    private CornerParts(Scene scene) {
        this.scene = scene;
    }

    /** What kind of corner it is. */
    public enum Corner {
        FLOOR,
        WALL,
        PIECE
    }

    /** One step of it, in picture mm. */
    public record Step(Corner corner, List<Outline> parts) {}

    /** One step of it on a facet, seen or not, in its frame; parts may lie over each other. */
    record Shape(Corner corner, List<Outline> parts) {}

    /** All steps in what is seen of a scene. */
    public static List<Step> of(Scene scene, List<SeenParts.Part> parts) {
        var corners = in(scene);
        return parts.parallelStream()
                .flatMap(corners::steps)
                .filter(s -> !s.parts.isEmpty())
                .toList();
    }

    /** The corners of a scene. */
    static CornerParts in(Scene scene) {
        var out = new CornerParts(scene);
        for (var body : scene.bodies()) {
            switch (body.kind()) {
                case WALLS -> body.facets().forEach(f -> foot(f).forEach(line -> put(out.walls, lowest(f), line)));
                case FURNITURE -> standing(body).ifPresent(o -> put(out.pieces, lowest(body), o));
                case GROUND,
                        FINISHES,
                        OPENINGS,
                        FIXED_PARTS,
                        OVERHEAD,
                        CROWNS,
                        FITTINGS,
                        ACTIVITIES,
                        DIMENSIONS,
                        ROOM_NAMES,
                        NOTES,
                        TAGS -> {}
            }
        }
        return out;
    }

    private static <T> void put(TreeMap<Double, List<T>> by, double z, T what) {
        var near = by.subMap(z - SAME_MM, z + SAME_MM);
        by.computeIfAbsent(near.isEmpty() ? z : near.firstKey(), _ -> new ArrayList<>())
                .add(what);
    }

    private static <T> List<T> at(TreeMap<Double, List<T>> by, double z) {
        return by.subMap(z - SAME_MM, z + SAME_MM).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    private static double lowest(Facet facet) {
        return facet.inSpace(facet.outline().shell()).stream()
                .mapToDouble(p -> p.z())
                .min()
                .orElse(0);
    }

    private static double lowest(Body body) {
        return body.facets().stream().mapToDouble(CornerParts::lowest).min().orElse(0);
    }

    /** The foot of a wall's face, the room on its right; where there is a door there is none. */
    private static List<Segment> foot(Facet facet) {
        if (Math.abs(facet.normal().z()) > PLUMB
                || facet.skin().sort() != Skin.Sort.WHOLE
                || facet.flat().up().z() < LEVEL) {
            return List.of();
        }
        var low = facet.outline().bounds().minY();
        return facet.outline().shell().edges().stream()
                .filter(e -> Math.max(e.a().y(), e.b().y()) < low + SAME_MM && e.b().x() > e.a().x())
                .map(e -> new Segment(
                        facet.flat().at(e.a()).plan(), facet.flat().at(e.b()).plan()))
                .toList();
    }

    private static Optional<Outline> standing(Body body) {
        var low = lowest(body);
        var isFlat = body.facets().stream()
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .allMatch(p -> p.z() < low + FOOT_MM);
        if (isFlat) { // a rug throws no shade
            return Optional.empty();
        }
        var feet = body.facets().stream()
                .flatMap(f -> f.inSpace(f.outline().shell()).stream())
                .filter(p -> p.z() < low + FOOT_MM)
                .map(p -> p.plan())
                .distinct()
                .toList();
        return feet.size() < 3 ? Optional.empty() : Optional.of(Outline.of(Regions.hull(feet)));
    }

    /** The steps on a facet of the scene, by its number. */
    Stream<Shape> shapes(int number) {
        var facet = scene.facet(number);
        var kind = scene.body(number).kind();
        if (facet.skin().sort() != Skin.Sort.WHOLE) {
            return Stream.empty();
        }
        if (kind == Kind.FINISHES && facet.normal().z() > LEVEL) {
            return onFloor(facet);
        }
        if (kind == Kind.WALLS && !foot(facet).isEmpty()) {
            var box = facet.outline().bounds();
            var isAtFloor = !at(walls, lowest(facet)).isEmpty() && box.height() > 2 * UP_MM[0];
            return isAtFloor
                    ? Arrays.stream(UP_MM)
                            .mapToObj(up -> new Shape(
                                    Corner.WALL,
                                    List.of(Outline.of(
                                            new Box(box.minX(), box.minY(), box.maxX(), box.minY() + up).ring()))))
                    : Stream.empty();
        }
        return Stream.empty();
    }

    private Stream<Shape> onFloor(Facet facet) {
        var z = facet.flat().origin().z();
        var near = facet.outline().bounds().grown(BEFORE_MM[BEFORE_MM.length - 1]);
        var feet = at(walls, z).stream().filter(s -> s.bounds().meets(near)).toList();
        var standing =
                at(pieces, z).stream().filter(o -> o.bounds().meets(near)).toList();
        var beforeWalls = Arrays.stream(BEFORE_MM)
                .mapToObj(deep -> new Shape(
                        Corner.FLOOR, feet.stream().map(s -> strip(s, deep)).toList()));
        var besidePieces = Arrays.stream(BESIDE_MM)
                .mapToObj(beside ->
                        new Shape(Corner.PIECE, standing.isEmpty() ? List.of() : Regions.softened(standing, beside)));
        return Stream.concat(beforeWalls, besidePieces).filter(s -> !s.parts.isEmpty());
    }

    private static Outline strip(Segment foot, double deep) {
        var out = foot.shiftedLeft(-deep);
        return Outline.of(new Ring(List.<Point>of(foot.a(), foot.b(), out.b(), out.a())).counterClockwise());
    }

    /** What of the steps on a facet is seen. */
    private Stream<Step> steps(SeenParts.Part part) {
        var shapes = shapes(part.facet()).toList();
        if (shapes.isEmpty()) {
            return Stream.empty();
        }
        var toPicture = scene.projection().of(scene.facet(part.facet()).flat());
        var fromPicture = toPicture.inverse();
        var there = part.parts().stream().map(o -> o.through(fromPicture)).toList();
        return shapes.stream()
                .map(s -> new Step(
                        s.corner,
                        Regions.intersection(there, Regions.union(s.parts)).stream()
                                .map(o -> o.through(toPicture))
                                .toList()));
    }
}
