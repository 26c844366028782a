package honeylamp.illustrate.shade;

import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Light.Evening;
import java.awt.Rectangle;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What the fittings of a storey light, pixel by pixel: the light that comes from them straight, on floors and on the tops of
 * pieces, with walls and tall pieces in its way; and a little everywhere in their rooms, that which walls and ceilings give
 * back. Eyes see light by ratios, so a picture shows its 0.8th power; 190 lx show colours in full.
 */
final class EveningLight {
    private static final double FULL_LUX = 190;
    private static final double POWER = 0.8;

    /** Edges of shadows are so soft, in plan mm. */
    private static final double SOFT_MM = 90;

    /** The share of light that walls, floors and ceilings give back, about. */
    private static final double GIVEN_BACK = 0.4;

    /** Through doors what is given back passes so softly, in plan mm. */
    private static final double BACK_SOFT_MM = 400;

    /** A fitting that shines is seen itself, so wide, in plan mm, and as if so bright. */
    private static final double SEEN_MM = 110;

    private static final double SEEN_LUX = 260;

    /** Farther than four of its widths nothing is left of that; squared. */
    private static final double SEEN_FARTHEST = 16;

    /** Tops higher than this are not looked down on: they stay as dark as what is behind them. */
    private static final double MOST_TOP_MM = 1_100;

    /** Bright and dark colours of light, by a thousandth of the reciprocal of its temperature: 2,700, 4,000 and 6,500 K. */
    private static final double[][] TONES = {{0.92, 0.64, 0.27}, {0.84, 0.69, 0.44}, {0.72, 0.72, 0.66}};

    private static final double[] MIRED = {1e6 / 2700, 1e6 / 4000, 1e6 / 6500};

    private final StoreyGeometry geometry;
    private final ShadeGrid grid;
    private final List<Lit.Seen> lamps;
    private final float[] tops;
    private final float[][] lux;

    /**
     * A point that shines.
     *
     * @param reach the pixels it can light
     * @param tone shares of red, green and blue of its light
     */
    private record Shines(Lit.Seen seen, Rectangle reach, double[] tone) {}

    private EveningLight(StoreyGeometry geometry, ShadeGrid grid, List<Lit.Seen> lamps, float[] tops) {
        this.geometry = geometry;
        this.grid = grid;
        this.lamps = lamps;
        this.tops = tops;
        this.lux = new float[3][grid.count()];
    }

    /**
     * Shares of red, green and blue at each pixel that fittings add.
     *
     * @param pieces whose tops are lit
     */
    static float[][] of(StoreyGeometry geometry, Evening evening, List<Solid> pieces, ShadeGrid grid) {
        var lit = Lit.of(geometry, evening::lights);
        var out = new EveningLight(geometry, grid, lit.lamps(), tops(pieces, grid));
        out.fill();
        return out.lux;
    }

    /** Whether a storey has fittings that light a picture. */
    static boolean isLit(StoreyGeometry geometry) {
        return geometry.storey().fittings().stream().anyMatch(f -> f.kind().isLight() && f.stands());
    }

    private static float[] tops(List<Solid> pieces, ShadeGrid grid) {
        var low = pieces.stream().filter(s -> s.heightMm() <= MOST_TOP_MM).toList();
        var image = grid.image(ShadeGrid.FINE);
        grid.raise(image, low, MOST_TOP_MM, grid.whole());
        return grid.heights(image, MOST_TOP_MM, grid.whole());
    }

    private void fill() {
        givenBack();
        var shines = lamps.stream()
                .map(l -> new Shines(
                        l,
                        grid.pixels(l.sight().bounds().grown(SOFT_MM)),
                        tone(l.lamp().kelvin())))
                .toList();
        IntStream.range(0, grid.height()).parallel().forEach(row -> shines.forEach(lamp -> shine(lamp, row)));
        for (var i = 0; i < grid.count(); i++) {
            show(i);
        }
    }

    /** What a room's walls and ceiling give back of the light in it: Φ ρ / A (1 − ρ), as in a hollow sphere. */
    private void givenBack() {
        var rooms = geometry.rooms();
        Map<Room, double[]> given = new HashMap<>();
        for (var seen : lamps) {
            var lamp = seen.lamp();
            geometry.roomAt(lamp.at())
                    .ifPresent(room ->
                            add(given.computeIfAbsent(room, _ -> new double[3]), lamp, surface(geometry, room)));
        }
        if (given.isEmpty()) {
            return;
        }
        var number = grid.numbered(
                rooms.stream().map(r -> grid.frame().paper(r.outline().path())).toList());
        var soft = BACK_SOFT_MM / grid.pixelMm();
        var none = new double[3];
        var back = Stream.concat(Stream.of(none), rooms.stream().map(r -> given.getOrDefault(r, none)))
                .toArray(double[][]::new);
        for (var c = 0; c < 3; c++) {
            var flat = new float[grid.count()];
            for (var i = 0; i < flat.length; i++) {
                flat[i] = (float) back[number[i]][c];
            }
            lux[c] = Smoothing.box(flat, grid.width(), grid.height(), soft);
        }
    }

    private static void add(double[] to, LampPoint lamp, double surfaceM2) {
        var tone = tone(lamp.kelvin());
        var back = lamp.beam().lumen() * GIVEN_BACK / (surfaceM2 * (1 - GIVEN_BACK));
        for (var c = 0; c < 3; c++) {
            to[c] += back * tone[c];
        }
    }

    /** What a room's surfaces give back, in lux of red, green and blue. */
    static double[] givenBack(StoreyGeometry geometry, Room room, List<Lit.Seen> lamps) {
        var out = new double[3];
        lamps.stream()
                .map(Lit.Seen::lamp)
                .filter(l -> room.outline().contains(l.at()))
                .forEach(l -> add(out, l, surface(geometry, room)));
        return out;
    }

    private static double surface(StoreyGeometry geometry, Room room) {
        var height = geometry.storey().levels().height().mm();
        return (2 * room.areaMm2() + room.perimeterMm() * height) / 1e6;
    }

    private void shine(Shines shines, int row) {
        var reach = shines.reach;
        if (row < reach.y || row >= reach.y + reach.height) {
            return;
        }
        var seen = shines.seen;
        var columns = reach.intersection(new Rectangle(0, row, grid.width(), 1));
        for (var column = columns.x; column < columns.x + columns.width; column++) {
            var i = row * grid.width() + column;
            var at = grid.middle(column, row);
            var light = seen.lux(at, tops[i], LampPoint.Aim.UP, SOFT_MM)
                    + itself(seen.lamp().at(), at);
            if (light > 0) {
                for (var c = 0; c < 3; c++) {
                    lux[c][i] += (float) (light * shines.tone[c]);
                }
            }
        }
    }

    /** The glow of a fitting that one looks at. */
    private static double itself(Point lamp, Point at) {
        var east = (at.x() - lamp.x()) / SEEN_MM;
        var north = (at.y() - lamp.y()) / SEEN_MM;
        var far = east * east + north * north;
        return far > SEEN_FARTHEST ? 0 : SEEN_LUX * Math.exp(-far);
    }

    /** Lux as the picture shows them: by their power, in the tone of their sum. */
    private void show(int i) {
        var shown = shown(lux[0][i], lux[1][i], lux[2][i]);
        for (var c = 0; c < 3; c++) {
            lux[c][i] = (float) (lux[c][i] * shown);
        }
    }

    /** By how much lux of red, green and blue are multiplied to be shown. */
    static double shown(double red, double green, double blue) {
        var most = Math.max(red, Math.max(green, blue));
        return most > 0 ? Math.pow(most / FULL_LUX, POWER) / most : 0;
    }

    /** The shares of red, green and blue in light of a temperature. */
    static double[] tone(int kelvin) {
        var mired = Math.clamp(1e6 / kelvin, MIRED[2], MIRED[0]);
        var from = mired > MIRED[1] ? 0 : 1;
        var part = (MIRED[from] - mired) / (MIRED[from] - MIRED[from + 1]);
        return IntStream.range(0, 3)
                .mapToDouble(c -> TONES[from][c] * (1 - part) + TONES[from + 1][c] * part)
                .toArray();
    }
}
