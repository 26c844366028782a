package honeylamp.illustrate.shade;

import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.FigureChange;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.ShadeEdge;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What of the light is lost at every pixel of a grid: of the light itself (cast), of the sky (corners) and below the
 * edges of pieces (contact). Where little of what stands there changes, only the part that it reaches is worked out anew,
 * with the same outcome to the last bit. Not for sharing between threads.
 */
final class LostLight {
    /** What of the light is lost at full cast shadow. */
    private static final double CAST = 0.37;

    /** What of the sky's light a wholly hidden sky would take away at full corner shade. */
    private static final double CORNER = 0.92;

    /** What is lost below the edges of pieces at full contact shade. */
    private static final double CONTACT = 0.32;

    private static final double CONTACT_GAIN = 1.6;

    /** Smoothed edges, and the neighbours that heights look at, in pixels. */
    private static final int EDGE_PX = 3;

    /** Corner search averages heights over gaps, which reach so much farther. */
    private static final double CORNER_AVERAGE = 1.15;

    /** What the loss depends on beside what stands there. */
    record Setting(
            ShadeGrid grid,
            double castShadow,
            double cornerShade,
            double cornerReachMm,
            double capMm,
            ShadeEdge edges,
            Light light) {
        double halfDeg() {
            return edges.halfDeg(light);
        }

        static Setting of(ShadeGrid grid, Look look, Light light) {
            return new Setting(
                    grid,
                    look.castShadow(),
                    look.cornerShade(),
                    look.cornerReach().mm(),
                    look.heightCap().mm(),
                    look.edges(),
                    light);
        }
    }

    private record Known(
            Setting setting, Solids solids, BufferedImage all, BufferedImage pieces, BufferedImage raised) {
        static Known of(Setting setting, Solids solids) {
            var grid = setting.grid;
            var known = new Known(setting, solids, grid.image(1), grid.image(1), grid.image(ShadeGrid.FINE));
            known.draw(grid.whole());
            return known;
        }

        /** Draws a part anew with what stands there. */
        void draw(Rectangle part) {
            var grid = setting.grid;
            grid.cover(all, near(solids.all(), part), part);
            grid.cover(pieces, near(solids.pieces(), part), part);
            grid.raise(raised, near(solids.all(), part), setting.capMm, part);
        }

        private List<Solid> near(List<Solid> of, Rectangle part) {
            var around = new Rectangle(part);
            around.grow(EDGE_PX, EDGE_PX);
            return of.stream()
                    .filter(s -> {
                        var at = setting.grid.pixels(s.footprint().bounds());
                        at.grow(1, 1);
                        return at.intersects(around);
                    })
                    .toList();
        }
    }

    private @Nullable Known known;
    private float[] dark = {};
    private float[] coverage = {};
    private Object state = new Object();

    /** What is lost at every pixel, from 0 to 1. */
    float[] dark() {
        return dark;
    }

    /** The share of every pixel that something stands on. */
    float[] coverage() {
        return coverage;
    }

    /** Another object whenever what is lost has become another. */
    Object state() {
        return state;
    }

    /** Works out what is lost with other things standing there. */
    void update(Setting setting, Solids solids) {
        var grid = setting.grid;
        var before = known;
        known = null; // what fails half-way is not gone on with
        var changed = before != null && before.setting.equals(setting)
                ? Change.of(before.solids, solids, grid)
                : Optional.<Change>empty();
        if (before == null || changed.isEmpty()) {
            var now = Known.of(setting, solids);
            state = new Object();
            dark = new float[grid.count()];
            coverage = grid.shares(now.all, grid.whole());
            work(now, grid.whole());
            known = now;
            return;
        }
        var now = new Known(setting, solids, before.all, before.pieces, before.raised);
        var part = grown(changed.get().part, EDGE_PX, grid);
        if (!part.isEmpty() && !changed.get().part.isEmpty()) { // what stands off the grid shades nothing on it
            state = new Object();
            now.draw(part);
            put(grid.shares(now.all, part), part.width, coverage, part, grid.width());
            work(now, shaded(part, setting, changed.get().highestMm));
        }
        known = now;
    }

    private static Rectangle grown(Rectangle part, int by, ShadeGrid grid) {
        var out = new Rectangle(part);
        out.grow(by, by);
        return out.intersection(grid.whole());
    }

    /** The part that things in a part shade, if none of them is higher. */
    private static Rectangle shaded(Rectangle part, Setting setting, double highestMm) {
        return sky(part, setting).union(light(part, setting, highestMm)).intersection(setting.grid.whole());
    }

    /** The part within the reach of corners and contact, to either side. */
    private static Rectangle sky(Rectangle part, Setting setting) {
        var reach = Math.max(
                        CORNER_AVERAGE * setting.cornerReachMm,
                        setting.edges.reach().mm())
                / setting.grid.pixelMm();
        var out = new Rectangle(part);
        out.grow((int) Math.ceil(reach) + EDGE_PX, (int) Math.ceil(reach) + EDGE_PX);
        return out.intersection(setting.grid.whole());
    }

    /** The part that shade falls on from a part; with a height below zero the part with all that shades it. */
    private static Rectangle light(Rectangle part, Setting setting, double highestMm) {
        var reach = CastSearch.reachMm(highestMm, setting.light, setting.halfDeg()) / setting.grid.pixelMm();
        var fall = setting.light.fall().times(reach);
        var out = new Rectangle(part);
        out.translate((int) Math.rint(fall.x()), (int) Math.rint(-fall.y())); // the plan's y points up
        out.add(part);
        var soft = (int) Math.ceil(CastSearch.softPx()) + EDGE_PX;
        out.grow(soft, soft);
        return out.intersection(setting.grid.whole());
    }

    /** Grown to where sums are begun anew. */
    private static Rectangle aligned(Rectangle part, ShadeGrid grid) {
        var x = part.x / Smoothing.BLOCK * Smoothing.BLOCK;
        var y = part.y / Smoothing.BLOCK * Smoothing.BLOCK;
        return new Rectangle(x, y, part.x + part.width - x, part.y + part.height - y).intersection(grid.whole());
    }

    /** Works out a part from what stands around it. */
    private void work(Known now, Rectangle part) {
        var setting = now.setting;
        var grid = setting.grid;
        var cast = new float[part.width * part.height];
        if (setting.castShadow > 0) {
            var from = aligned(light(part, setting, -setting.capMm), grid);
            var found = CastSearch.of(
                    grid.part(from),
                    grid.heights(now.raised, setting.capMm, from),
                    grid.shares(now.all, from),
                    setting.light,
                    setting.halfDeg(),
                    setting.capMm,
                    rows(part, from));
            cast = cut(found, from, part);
        }
        var around = aligned(sky(part, setting), grid);
        var corner = new float[part.width * part.height];
        if (setting.cornerShade > 0) {
            var heights = grid.heights(now.raised, setting.capMm, around);
            corner = cut(
                    CornerSearch.of(grid.part(around), heights, setting.cornerReachMm, rows(part, around)),
                    around,
                    part);
        }
        var pieces = grid.shares(now.pieces, around);
        var contact = cut(
                Smoothing.soft(
                        pieces,
                        around.width,
                        around.height,
                        setting.edges.reach().mm() / grid.pixelMm()),
                around,
                part);
        put(together(setting, cast, corner, contact), part.width, dark, part, grid.width());
    }

    private static Rows rows(Rectangle part, Rectangle of) {
        return new Rows(part.y - of.y, part.y - of.y + part.height);
    }

    private static float[] cut(float[] values, Rectangle from, Rectangle part) {
        var out = new float[part.width * part.height];
        for (var y = 0; y < part.height; y++) {
            System.arraycopy(
                    values, (part.y - from.y + y) * from.width + part.x - from.x, out, y * part.width, part.width);
        }
        return out;
    }

    private static float[] together(Setting setting, float[] cast, float[] corner, float[] contact) {
        var byCast = (float) (CAST * setting.castShadow);
        var byCorner = (float) (CORNER * setting.cornerShade);
        var byContact = CONTACT * setting.edges.contact();
        var out = new float[cast.length];
        for (var i = 0; i < out.length; i++) {
            var touched = (float) (byContact * Math.min(1, CONTACT_GAIN * contact[i]));
            out[i] = 1 - (1 - byCast * cast[i]) * (1 - byCorner * corner[i]) * (1 - touched);
        }
        return out;
    }

    private static void put(float[] values, int width, float[] into, Rectangle part, int stride) {
        for (var y = 0; y < part.height; y++) {
            System.arraycopy(values, y * width, into, (part.y + y) * stride + part.x, width);
        }
    }

    /**
     * Where other things stand than before.
     *
     * @param part no pixels if it is the same everywhere
     * @param highestMm none of what came or went is higher
     */
    private record Change(Rectangle part, double highestMm) {
        /** Empty if that can't be told. */
        static Optional<Change> of(Solids before, Solids after, ShadeGrid grid) {
            var boxes = new ArrayList<Box>();
            var highest = 0.0;
            if (!before.walls().equals(after.walls())) {
                highest =
                        before.walls().isEmpty() ? 0 : before.walls().getFirst().heightMm();
                var height = highest;
                if (!Stream.concat(before.walls().stream(), after.walls().stream())
                        .allMatch(s -> s.heightMm() == height)) {
                    return Optional.empty();
                }
                boxes.addAll(FigureChange.between(path(before.walls()), path(after.walls())));
            }
            Map<Solid, Integer> count = new HashMap<>();
            before.pieces().forEach(s -> count.merge(s, 1, Integer::sum));
            after.pieces().forEach(s -> count.merge(s, -1, Integer::sum));
            count.values().removeIf(times -> times == 0);
            for (var solid : count.keySet()) {
                boxes.add(solid.footprint().bounds());
                highest = Math.max(highest, solid.heightMm());
            }
            var part = boxes.stream().reduce(Box::union).map(grid::pixels).orElseGet(Rectangle::new);
            return Optional.of(new Change(part, highest));
        }
    }

    private static Figure path(List<Solid> solids) {
        var out = Figure.builder();
        solids.forEach(s -> out.path(s.footprint().path()));
        return out.build();
    }
}
