package honeylamp.derive.rooms;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.walls.TrueArea;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNetwork.Face;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.Boundary;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Divides the spaces between walls by boundaries, and finds the spaces that boundaries enclose outside. */
public final class Boundaries {
    /** A boundary that ends so short of a wall, or of another boundary, still reaches it. */
    public static final double REACH_MM = 20;

    /** Smaller faces are what rounding leaves along a boundary, in mm². */
    private static final double LEAST_MM2 = 1000;

    /** A space, and whether it lies outside all walls. */
    public record Space(Face face, boolean outside) {}

    private Boundaries() {}

    /** The spaces of a storey by falling area, without the voids in its floor. */
    public static List<Space> spaces(WallNetwork network, Storey storey) {
        var voids = FixedParts.voids(storey);
        var spaces = spaces(network, storey.boundaries(), REACH_MM);
        if (voids.isEmpty()) {
            return spaces;
        }
        var out = new ArrayList<Space>();
        for (var space : spaces) {
            withoutVoids(network, List.of(space.face), voids).forEach(f -> out.add(new Space(f, space.outside)));
        }
        out.sort(Comparator.comparingDouble((Space s) -> s.face.areaMm2()).reversed());
        return out;
    }

    /** Faces less what is missing of their floor; a void right across a face parts it. */
    static List<Face> withoutVoids(WallNetwork network, List<Face> faces, List<Outline> voids) {
        if (voids.isEmpty()) {
            return faces;
        }
        var out = new ArrayList<Face>();
        for (var face : faces) {
            for (var part : Regions.difference(List.of(face.outline()), voids)) {
                if (part.area() > LEAST_MM2) {
                    out.add(face(network, part));
                }
            }
        }
        return out;
    }

    /**
     * The spaces of a storey by falling area.
     *
     * @param reachMm how far boundaries are carried on at both ends
     */
    public static List<Space> spaces(WallNetwork network, List<Boundary> boundaries, double reachMm) {
        var lines = boundaries.stream().map(b -> carried(b.line(), reachMm)).toList();
        var out = new ArrayList<Space>();
        for (var face : divided(network, network.faces(), lines)) {
            out.add(new Space(face, false));
        }
        if (!lines.isEmpty()) {
            outside(network, lines).forEach(f -> out.add(new Space(f, true)));
        }
        out.sort(Comparator.comparingDouble((Space s) -> s.face.areaMm2())
                .reversed()
                .thenComparingDouble(s -> s.face.outline().bounds().minX())
                .thenComparingDouble(s -> s.face.outline().bounds().minY()));
        return out;
    }

    private static Segment carried(Segment line, double by) {
        return line.part(-by, line.length() + by);
    }

    /** Faces divided by the lines that cross them; others stay as they are. */
    static List<Face> divided(WallNetwork network, List<Face> faces, List<Segment> lines) {
        var out = new ArrayList<Face>();
        for (var face : faces) {
            var box = face.outline().bounds();
            var across = lines.stream().filter(l -> l.bounds().meets(box)).toList();
            var parts = across.isEmpty() ? List.<Outline>of() : parts(network, face.outline(), across);
            if (parts.size() < 2) {
                out.add(face);
            } else {
                parts.forEach(p -> out.add(face(network, p)));
            }
        }
        return out;
    }

    private static Face face(WallNetwork network, Outline outline) {
        return new Face(outline, TrueArea.along(network, outline).of(outline));
    }

    private static List<Outline> parts(WallNetwork network, Outline face, List<Segment> across) {
        var cornered = TrueArea.along(network, face).cornered(face, across);
        return Regions.divided(List.of(cornered), across).stream()
                .filter(p -> p.area() > LEAST_MM2)
                .filter(p -> face.contains(LabelSpot.freest(p).centre()))
                .toList();
    }

    private static List<Face> outside(WallNetwork network, List<Segment> lines) {
        var shells = network.poche().stream()
                .map(o -> Outline.of(o.shell()))
                .map(o -> TrueArea.along(network, o).cornered(o, lines))
                .toList();
        return Regions.divided(shells, lines).stream()
                .filter(p -> p.area() > LEAST_MM2)
                .filter(p -> {
                    var inside = LabelSpot.freest(p).centre();
                    return shells.stream().noneMatch(s -> s.contains(inside));
                })
                .map(p -> face(network, p))
                .toList();
    }
}
