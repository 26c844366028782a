package honeylamp.catalogue.piece;

import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.plan.Role;

/** Counters, what is let into them, ovens and tall casework, as drawn in single pieces and in runs. */
final class CounterArt {
    static final double PLINTH = 100;
    static final double TOP = 40;

    private CounterArt() {}

    /** How deep a sink usually is in the counter of a piece. */
    static double sinkDeep(PiecePen pen) {
        return Math.min(480, 2 * pen.d - 90);
    }

    /** How deep a hob usually is in the counter of a piece. */
    static double hobDeep(PiecePen pen) {
        return Math.min(510, 2 * pen.d - 80);
    }

    static void counter(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 60, pen.w, pen.d, 0, PLINTH, 2, Role.DARK);
        pen.standing(-pen.w, -pen.d + 20, pen.w, pen.d, PLINTH, pen.h - TOP, 2, Role.BODY);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - TOP, pen.h, 4, Role.COUNTER);
        pen.inner(-pen.w, -pen.d + 20, pen.w, -pen.d + 20, Detail.DRAWN);
    }

    /** One bowl and a drainer, centred in the depth, with a ledge for the tap at the back. */
    static void sink(PiecePen pen, double x, double width, double deep) {
        var h = deep / 2;
        var l = x - width / 2;
        pen.on(Level.TOP, () -> {
            pen.innerBox(l, -h, l + width, h, 30, Role.METAL, Detail.PLAIN);
            var bowl = Math.min(400, width * 0.52);
            bowl(pen, l + 35, bowl, h);
            for (var gx = l + 35 + bowl + 60; gx < l + width - 40; gx += 62) {
                pen.inner(gx, -h + 60, gx, h - 90, Detail.DRAWN);
            }
        });
        pen.frontTap(l + 35 + Math.min(400, width * 0.52) / 2, 0, pen.h, 250);
    }

    private static void bowl(PiecePen pen, double left, double wide, double h) {
        pen.innerBox(left, -h + 35, left + wide, h - 85, 55, Role.WATER_SHADE, Detail.PLAIN);
        pen.circle(left + wide / 2, -25, 38, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tap(left + wide / 2, h - 42, 110);
    }

    /** Two bowls side by side. */
    static void sinkTwo(PiecePen pen, double x, double width, double deep) {
        var h = deep / 2;
        var one = (width - 35 * 3) / 2;
        pen.on(Level.TOP, () -> {
            pen.innerBox(x - width / 2, -h, x + width / 2, h, 30, Role.METAL, Detail.PLAIN);
            for (var left : new double[] {x - width / 2 + 35, x + 35 / 2.0}) {
                pen.innerBox(left, -h + 35, left + one, h - 85, 55, Role.WATER_SHADE, Detail.PLAIN);
                pen.circle(left + one / 2, -25, 38, Role.METAL, Edge.INNER, Detail.DRAWN);
            }
            pen.tap(x, h - 42, 130);
        });
        pen.frontTap(x, 0, pen.h, 250);
    }

    /** Rings in rows of two; a wide one has a large ring more between them. */
    static void hob(PiecePen pen, double x, double wide, double deep) {
        var h = deep / 2;
        pen.on(Level.TOP, () -> {
            pen.innerBox(x - wide / 2, -h, x + wide / 2, h, 10, Role.DARK, Detail.PLAIN);
            if (wide < 400) {
                ring(pen, x, 105, 82);
                ring(pen, x, -115, 105);
                return;
            }
            var out = wide / 4;
            for (var i = 0; i < 4; i++) {
                ring(pen, x + (i % 2 == 0 ? -out : out), i < 2 ? 105 : -115, i == 0 || i == 3 ? 105 : 82);
            }
            if (wide > 750) {
                ring(pen, x, 0, 120);
            }
        });
    }

    private static void ring(PiecePen pen, double x, double y, double r) {
        pen.circle(x, y, r, Role.METAL, Edge.NONE, Detail.PLAIN);
        pen.circle(x, y, r - 14, Role.DARK, Edge.NONE, Detail.PLAIN);
        pen.circle(x, y, r * 0.42, Role.METAL, Edge.NONE, Detail.DRAWN);
        pen.circle(x, y, r * 0.42 - 12, Role.DARK, Edge.NONE, Detail.DRAWN);
    }

    static void oven(PiecePen pen, double x0, double x1, double z0, double z1) {
        pen.frontBox(x0, z0, x1, z1, 6, Role.DARK);
        pen.frontBox(x0 + 50, z1 - 60, x1 - 50, z1 - 45, 6, Role.METAL);
    }

    /** Tall casework bears a cross: it reaches above the cut. */
    static void tall(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 40, pen.w, pen.d, 0, PLINTH, 2, Role.DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, PLINTH, pen.h, 4, Role.BODY);
        pen.inner(-pen.w, -pen.d, pen.w, pen.d, Detail.PLAIN);
        pen.inner(-pen.w, pen.d, pen.w, -pen.d, Detail.PLAIN);
    }
}
