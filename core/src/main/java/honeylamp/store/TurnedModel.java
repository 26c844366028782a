package honeylamp.store;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Regions;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.raised.BodyColours;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.Standing;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A building as triangles, small enough to be sent along: nine steps of 16 bits from a corner, a colour, and a number of
 * what the triangle is of.
 *
 * @param from the corner of the box around it, in mm
 * @param stepMm a step in mm
 * @param share how much of 65,535 steps the building takes along each axis
 * @param colours as #rrggbb
 * @param triangles 22 bytes each, as base 64
 */
record TurnedModel(double[] from, double stepMm, double[] share, List<String> colours, String triangles) {
    private static final int MOST_STEPS = 65_535;
    private static final int TRIANGLE_BYTES = 22;
    private static final int MOST_COLOURS = 256;
    private static final int MOST_LEVELS = 31;
    private static final int ROOF = 1;
    private static final int FURNITURE = 2;
    private static final int GLASS = 4;
    private static final int FLAG_SHIFT = 5;

    /** A model without anything in it. */
    static final TurnedModel NOTHING = new TurnedModel(new double[3], 1, new double[3], List.of(), "");

    private record Triangle(SpacePoint[] corners, int colour, int levelAndFlags, int thing) {}

    /** The building of a plan in the look of its first view; nothing if nothing is built. */
    static TurnedModel of(Plan plan) {
        var laid = LaidPlan.of(plan);
        var colours =
                BodyColours.of(laid.view(plan.presentation().views().getFirst().id()));
        Map<String, Integer> known = new LinkedHashMap<>();
        var triangles = new ArrayList<Triangle>();
        var thing = 0;
        var standing = Standing.of(laid);
        for (var level = 0; level < standing.size(); level++) {
            for (var body : standing.get(level).bodies()) {
                thing++;
                for (var facet : body.facets()) {
                    add(triangles, facet, known, colours.of(body, facet), flags(level, body), thing & 0xffff);
                }
            }
        }
        return triangles.isEmpty() ? NOTHING : packed(triangles, List.copyOf(known.keySet()));
    }

    private static int flags(int level, Body body) {
        var flag = body.kind() == Kind.OVERHEAD ? ROOF : body.kind() == Kind.FURNITURE ? FURNITURE : 0;
        return Math.min(level, MOST_LEVELS) | flag << FLAG_SHIFT;
    }

    private static void add(
            List<Triangle> out,
            Facet facet,
            Map<String, Integer> known,
            BodyColours.Colour colour,
            int flags,
            int thing) {
        var word = "#"
                + Integer.toHexString(0x1000000 | colour.rgb() & 0xffffff)
                        .substring(1)
                        .toLowerCase(Locale.ROOT);
        var number = Math.min(known.computeIfAbsent(word, _ -> known.size()), MOST_COLOURS - 1);
        var glass = colour.opacity() < 1 ? GLASS << FLAG_SHIFT : 0;
        // what lies on a face is lifted off it: depths here know no rank
        var lift = facet.normal().times(facet.rank());
        for (var triangle : Regions.triangles(facet.outline())) {
            var corners = triangle.counterClockwise().corners().stream()
                    .map(p -> facet.flat().at(p).plus(lift))
                    .toArray(SpacePoint[]::new);
            out.add(new Triangle(corners, number, flags | glass, thing));
        }
    }

    private static TurnedModel packed(List<Triangle> triangles, List<String> colours) {
        var least = new double[] {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        var most = new double[] {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (var t : triangles) {
            for (var p : t.corners) {
                for (var i = 0; i < 3; i++) {
                    least[i] = Math.min(least[i], axis(p, i));
                    most[i] = Math.max(most[i], axis(p, i));
                }
            }
        }
        var span = Math.max(1, Math.max(most[0] - least[0], Math.max(most[1] - least[1], most[2] - least[2])));
        var step = span / MOST_STEPS;
        var bytes = ByteBuffer.allocate(triangles.size() * TRIANGLE_BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (var t : triangles) {
            for (var p : t.corners) {
                for (var i = 0; i < 3; i++) {
                    bytes.putShort((short) Math.round((axis(p, i) - least[i]) / step));
                }
            }
            bytes.put((byte) t.colour).put((byte) t.levelAndFlags).putShort((short) t.thing);
        }
        var share =
                new double[] {(most[0] - least[0]) / span, (most[1] - least[1]) / span, (most[2] - least[2]) / span};
        return new TurnedModel(least, step, share, colours, Base64.getEncoder().encodeToString(bytes.array()));
    }

    private static double axis(SpacePoint p, int i) {
        return i == 0 ? p.x() : i == 1 ? p.y() : p.z();
    }
}
