package honeylamp.illustrate.shade;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How bright the sky makes floors through the windows of their room: the share of the sky's light that a level spot sees
 * through each opening, from its true sill, head and jambs.
 *
 * @param rooms of every room, in the order of the storey, the openings it is lit by
 */
record SkyLight(List<Lit> rooms) {
    static final SkyLight NONE = new SkyLight(List.of());

    private static final double INTO_MM = 60;

    /** From this share of the sky on a floor counts as bright by two thirds. */
    private static final double BRIGHT = 0.022;

    /** The light is worked out at points so far apart, and lies evenly between them. */
    private static final double APART_MM = 120;

    SkyLight {
        rooms = List.copyOf(rooms);
    }

    /**
     * A room and its openings.
     *
     * @param box of the room, in plan mm
     */
    record Lit(Box box, List<Pane> panes) {}

    /**
     * An opening as the room sees it.
     *
     * @param face from jamb to jamb
     * @param inward at length one, into the room
     */
    record Pane(Segment face, Point inward, double sillMm, double headMm) {
        /**
         * The share of a level spot's sky that is seen through it: four rectangles that stand on the floor, from the foot
         * of the perpendicular, added and taken away (configuration factor of a level element and an upright rectangle;
         * Howell, A Catalog of Radiation Heat Transfer Configuration Factors, B-4).
         */
        double seenFrom(Point p) {
            var away = p.minus(face.a()).dot(inward);
            if (away <= 1) {
                return 0;
            }
            var from = -face.along(p);
            var to = face.length() + from;
            return standing(to, headMm, away)
                    - standing(from, headMm, away)
                    - standing(to, sillMm, away)
                    + standing(from, sillMm, away);
        }

        private static double standing(double wide, double high, double away) {
            var slant = Math.hypot(away, high);
            return (Math.atan(wide / away) - away / slant * Math.atan(wide / slant)) / (2 * Math.PI);
        }
    }

    static SkyLight of(StoreyGeometry geometry) {
        var out = new ArrayList<Lit>();
        for (var room : geometry.rooms()) {
            var panes = geometry.cuts().stream()
                    .filter(c -> c.opening().kind().isWindow())
                    .flatMap(c -> pane(geometry, c, room).stream())
                    .toList();
            out.add(new Lit(room.outline().bounds(), panes));
        }
        return new SkyLight(out);
    }

    /** A window of a room that looks out of the building. */
    private static Optional<Pane> pane(StoreyGeometry geometry, OpeningCut cut, Room room) {
        var left = cut.unit().left();
        for (var inward : List.of(left, left.times(-1))) {
            var isLeft = inward.equals(left);
            var face = isLeft ? cut.left() : cut.right();
            var other = isLeft ? cut.right() : cut.left();
            if (room.outline().contains(face.middle().plus(inward.times(INTO_MM)))
                    && geometry.roomAt(other.middle().minus(inward.times(INTO_MM)))
                            .isEmpty()) {
                var opening = cut.opening();
                return Optional.of(new Pane(
                        face, inward, opening.sill().mm(), opening.head().mm()));
            }
        }
        return Optional.empty();
    }

    /**
     * What every pixel lacks of being bright, from 0 to 1: nothing beyond the rooms, and in rooms without windows.
     *
     * @param within the number of its room for every pixel, from 1 on; 0 is none
     */
    float[] lacking(ShadeGrid grid, int[] within) {
        var fields = rooms.stream().map(Field::of).toList();
        var out = new float[grid.count()];
        for (var row = 0; row < grid.height(); row++) {
            for (var column = 0; column < grid.width(); column++) {
                var i = row * grid.width() + column;
                if (within[i] > 0) {
                    out[i] = (float) fields.get(within[i] - 1).at(grid.middle(column, row));
                }
            }
        }
        return out;
    }

    /** What points of a net over a room lack. */
    private record Field(Box box, int across, double[] lacking) {
        static Field of(Lit lit) {
            var across = 2 + (int) (lit.box.width() / APART_MM);
            var up = 2 + (int) (lit.box.height() / APART_MM);
            var out = new double[across * up];
            for (var j = 0; j < up; j++) {
                for (var i = 0; i < across; i++) {
                    var p = new Point(lit.box.minX() + i * APART_MM, lit.box.minY() + j * APART_MM);
                    var seen =
                            lit.panes.stream().mapToDouble(w -> w.seenFrom(p)).sum();
                    out[j * across + i] = lit.panes.isEmpty() ? 0 : Math.exp(-seen / BRIGHT);
                }
            }
            return new Field(lit.box, across, out);
        }

        double at(Point p) {
            var x = Math.clamp((p.x() - box.minX()) / APART_MM, 0, across - 1.001);
            var y = Math.clamp((p.y() - box.minY()) / APART_MM, 0, lacking.length / across - 1.001);
            var i = (int) x;
            var j = (int) y;
            var low = lacking[j * across + i] * (1 - x + i) + lacking[j * across + i + 1] * (x - i);
            var high = lacking[(j + 1) * across + i] * (1 - x + i) + lacking[(j + 1) * across + i + 1] * (x - i);
            return low * (1 - y + j) + high * (y - j);
        }
    }
}
