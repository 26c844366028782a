package honeylamp.catalogue;

import honeylamp.catalogue.FurnishingKind.Size;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;

/** Counters and what is built into them. */
final class KitchenSymbols {
    private static final double HOB = 580;
    private static final double SINK = 860;

    private KitchenSymbols() {}

    static void baseUnits(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        counter(pen, s);
        if (s.widthMm() >= SINK + HOB + 200) {
            sink(pen, s, -w + s.widthMm() * 0.30, SINK);
            hob(pen, s, -w + s.widthMm() * 0.76);
        } else if (s.widthMm() >= 500) {
            sink(pen, s, 0, Math.min(SINK, s.widthMm() - 100));
        }
    }

    static void counterOnly(SymbolPen pen, Size s) {
        counter(pen, s);
    }

    static void island(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        var stools = Math.max(1, (int) (s.widthMm() / 650));
        for (var i = 0; i < stools; i++) {
            var x = -w + s.widthMm() * (i + 0.5) / stools;
            var seat = Figure.circle(new Point(x, -d - 60), 185);
            pen.solid(seat.flattened(4), 650);
            pen.shape(seat, Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        }
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.COUNTER);
    }

    private static void counter(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, 4, Role.COUNTER);
        pen.inner(-w, -d + 20, w, -d + 20, Detail.DRAWN);
    }

    /** One bowl and a drainer, centred in the depth, with a ledge for the tap at the back. */
    private static void sink(SymbolPen pen, Size s, double x, double width) {
        var depth = Math.min(480, s.depthMm() - 90);
        var h = depth / 2;
        var l = x - width / 2;
        pen.on(Level.TOP, () -> {
            pen.innerBox(l, -h, l + width, h, 30, Role.METAL, Detail.PLAIN);
            var bowl = Math.min(400, width * 0.52);
            pen.innerBox(l + 35, -h + 35, l + 35 + bowl, h - 85, 55, Role.WATER_SHADE, Detail.PLAIN);
            var drain = new Point(l + 35 + bowl / 2, -25);
            pen.circle(drain.x(), drain.y(), 38, Role.METAL, Edge.INNER, Detail.DRAWN);
            tap(pen, drain.x(), h - 42, 110);
            for (var gx = l + 35 + bowl + 60; gx < l + width - 40; gx += 62) {
                pen.inner(gx, -h + 60, gx, h - 90, Detail.DRAWN);
            }
        });
    }

    static void tap(SymbolPen pen, double x, double y, double reach) {
        pen.circle(x, y, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.innerBox(x - 9, y - reach, x + 9, y, 9, Role.METAL, Detail.DRAWN);
    }

    private static void hob(SymbolPen pen, Size s, double x) {
        var h = Math.min(510, s.depthMm() - 80) / 2;
        pen.on(Level.TOP, () -> {
            pen.innerBox(x - HOB / 2, -h, x + HOB / 2, h, 10, Role.DARK, Detail.PLAIN);
            for (var i = 0; i < 4; i++) {
                var cx = x + (i % 2 == 0 ? -145 : 145);
                var cy = i < 2 ? 105 : -115;
                var r = i == 0 || i == 3 ? 105 : 82;
                pen.circle(cx, cy, r, Role.METAL, Edge.NONE, Detail.PLAIN);
                pen.circle(cx, cy, r - 14, Role.DARK, Edge.NONE, Detail.PLAIN);
                pen.circle(cx, cy, r * 0.42, Role.METAL, Edge.NONE, Detail.DRAWN);
                pen.circle(cx, cy, r * 0.42 - 12, Role.DARK, Edge.NONE, Detail.DRAWN);
            }
        });
    }

    static void refrigerator(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d + 55, w, d, SymbolPen.CRISP, Role.BODY);
        pen.box(-w, -d, w, -d + 50, 10, Role.METAL);
        pen.innerBox(w - 80, -d - 38, w - 55, -d, 6, Role.METAL, Detail.DRAWN);
        // a snowflake of three bars: cold, without words
        for (var i = 0; i < 3; i++) {
            var u = Point.direction(90 + 60.0 * i).times(Math.min(90, w * 0.35));
            pen.inner(-u.x(), 30 - u.y(), u.x(), 30 + u.y(), Detail.PLAIN);
        }
    }

    static void washingMachine(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.PORCELAIN);
        pen.inner(-w, d - 110, w, d - 110, Detail.PLAIN);
        pen.circle(w - 90, d - 55, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.innerBox(-w + 40, d - 85, -w + 210, d - 30, 6, Role.METAL, Detail.DRAWN);
        pen.circle(0, -45, Math.min(195, w * 0.68), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, -45, Math.min(150, w * 0.52), Role.PORCELAIN, Edge.INNER, Detail.DRAWN);
    }
}
