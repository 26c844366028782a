package honeylamp.catalogue;

import honeylamp.catalogue.FurnishingKind.Size;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;

/** Sanitary pieces. */
final class BathSymbols {
    private BathSymbols() {}

    static void wc(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        var cistern = Math.min(190, s.depthMm() * 0.28);
        pen.solid(-w, d - cistern, w, d, s.heightMm());
        pen.solid(-w * 0.9, -d, w * 0.9, d - cistern, 420);
        pen.shape(bowl(w * 0.94, -d, d - cistern + 40), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(bowl(w * 0.64, -d + 62, d - cistern - 75), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.box(-w, d - cistern, w, d, 28, Role.PORCELAIN);
        pen.innerBox(-45, d - cistern / 2 - 20, 45, d - cistern / 2 + 20, 20, Role.METAL, Detail.DRAWN);
    }

    /** An egg with its round end to the front. */
    private static Figure bowl(double w, double front, double back) {
        var length = back - front;
        var belly = front + length * 0.52;
        var path = Figure.builder();
        path.moveTo(-w * 0.72, back);
        path.curveTo(-w * 0.96, back - length * 0.12, -w, belly + length * 0.14, -w, belly);
        path.curveTo(-w, front + length * 0.16, -w * 0.56, front, 0, front);
        path.curveTo(w * 0.56, front, w, front + length * 0.16, w, belly);
        path.curveTo(w, belly + length * 0.14, w * 0.96, back - length * 0.12, w * 0.72, back);
        path.close();
        return path.build();
    }

    static void basin(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, 30, Role.PORCELAIN);
        var rx = Math.min(w - 45, 290);
        var ry = Math.max(40, d - 75);
        var centre = new Point(0, -25);
        pen.shape(Figure.builder().ellipse(centre, rx, ry).build(), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, centre.y(), 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        KitchenSymbols.tap(pen, 0, d - 42, 100);
    }

    static void bath(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, 35, Role.PORCELAIN);
        var rim = 60;
        var l = -w + rim + 70; // the tap end keeps a ledge
        var r = w - rim;
        var b = -d + rim;
        var t = d - rim;
        var h = (t - b) / 2;
        var path = Figure.builder();
        path.moveTo(l + 70, b);
        path.lineTo(r - h, b + 12);
        path.curveTo(r - h * 0.35, b + 12, r, b + h * 0.45, r, b + h);
        path.curveTo(r, t - h * 0.45, r - h * 0.35, t - 12, r - h, t - 12);
        path.lineTo(l + 70, t);
        path.curveTo(l + 20, t, l, t - 20, l, t - 80);
        path.lineTo(l, b + 80);
        path.curveTo(l, b + 20, l + 20, b, l + 70, b);
        path.close();
        pen.shape(path.build(), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(l + 110, 0, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.circle(-w + 65, 0, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.innerBox(-w + 65, -9, -w + 190, 9, 9, Role.METAL, Detail.DRAWN);
        pen.inner(r - h * 0.5, b + h * 0.55, r - h * 0.5, t - h * 0.55, Detail.RICH);
    }

    static void shower(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, -d + 12, s.heightMm() * 0.3);
        pen.on(SymbolShape.Level.FLOOR, () -> {
            pen.box(-w, -d, w, d, 10, Role.PORCELAIN);
            var drain = new Point(0, 0);
            pen.inner(-w, -d, drain.x(), drain.y(), Detail.DRAWN);
            pen.inner(w, -d, drain.x(), drain.y(), Detail.DRAWN);
            pen.inner(-w, d, drain.x(), drain.y(), Detail.DRAWN);
            pen.inner(w, d, drain.x(), drain.y(), Detail.DRAWN);
            pen.circle(drain.x(), drain.y(), 55, Role.METAL, Edge.INNER, Detail.DRAWN);
        });
        pen.box(-w, -d, w * 0.25, -d + 14, 2, Role.WATER_SHADE);
        pen.circle(w * 0.5, d - 190, 125, Role.WATER_SHADE, Edge.INNER, Detail.DRAWN);
        pen.innerBox(w * 0.5 - 10, d - 190, w * 0.5 + 10, d, 8, Role.METAL, Detail.DRAWN);
    }
}
