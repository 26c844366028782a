package honeylamp.catalogue;

import honeylamp.catalogue.FurnishingKind.Size;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.plan.Role;

/** Beds and the furniture beside them. */
final class SleepingSymbols {
    private static final double HEADBOARD = 70;
    private static final double PILLOW_DEPTH = 430;

    private SleepingSymbols() {}

    static void bed(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm() * 0.55);
        pen.solid(-w, d - HEADBOARD, w, d, s.heightMm());
        pen.box(-w, d - HEADBOARD, w, d, SymbolPen.CRISP, Role.TIMBER);
        pen.box(-w + 15, -d, w - 15, d - HEADBOARD, SymbolPen.SOFT, Role.LINEN);
        var top = d - HEADBOARD;
        var cover = top - PILLOW_DEPTH - 190;
        var fold = Math.min(300, s.depthMm() * 0.15);
        pen.on(Level.TOP, () -> {
            pillows(pen, w - 15, top - PILLOW_DEPTH / 2 - 50);
            pen.shape(coverPath(w - 2, -d - 18, cover, fold), Role.TEXTILE_WARM, Edge.OUTLINE, Detail.PLAIN);
            pen.innerBox(-w + 2, cover - fold, w - 2, cover, 22, Role.LINEN, Detail.PLAIN);
            pen.innerBox(
                    -w + 2,
                    -d + s.depthMm() * 0.1,
                    w - 2,
                    -d + s.depthMm() * 0.32,
                    10,
                    Role.CUSHION_COOL,
                    Detail.DRAWN);
            seams(pen, w, -d, cover - fold, s.seed());
        });
    }

    /** As many pillows as sleepers, with equal gaps: (width − n·pillow) ÷ (n + 1). */
    private static void pillows(SymbolPen pen, double halfWidth, double y) {
        var n = halfWidth < 575 ? 1 : halfWidth < 1100 ? 2 : 3;
        var pillow = Math.min(700, (2 * halfWidth - (n + 1) * 45) / n);
        var gap = (2 * halfWidth - n * pillow) / (n + 1);
        for (var i = 0; i < n; i++) {
            var x = -halfWidth + gap + pillow / 2 + i * (pillow + gap);
            pen.within(Affine.move(x, y), () -> {
                pen.shape(LivingSymbols.pillow(pillow, PILLOW_DEPTH), Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
                pen.inner(-pillow * 0.28, 22, pillow * 0.2, 34, Detail.RICH);
            });
        }
    }

    private static Figure coverPath(double w, double y0, double y1, double fold) {
        var path = Figure.builder();
        path.moveTo(-w, y1);
        path.lineTo(-w - 10, y0 + 60);
        path.curveTo(-w - 10, y0, -w + 20, y0 - 6, -w + 70, y0);
        path.curveTo(-w * 0.4, y0 + 12, w * 0.4, y0 + 12, w - 70, y0);
        path.curveTo(w - 20, y0 - 6, w + 10, y0, w + 10, y0 + 60);
        path.lineTo(w, y1 - fold * 0.2);
        path.lineTo(w, y1);
        path.close();
        return path.build();
    }

    private static void seams(SymbolPen pen, double w, double y0, double y1, long seed) {
        var lines = (int) Math.max(1, w / 320);
        for (var i = 0; i < lines; i++) {
            var x = -w + 2 * w * (i + 1) / (lines + 1) + 40 * Seeds.signed(seed, i, 1);
            pen.inner(
                    x, y0 + 60 + 160 * Seeds.unit(seed, i, 2), x + 30 * Seeds.signed(seed, i, 3), y1 - 40, Detail.RICH);
        }
    }

    static void bedsideTable(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.TIMBER);
        pen.on(Level.TOP, () -> {
            pen.circle(0, d * 0.1, Math.min(130, w * 0.62), Role.LINEN, Edge.INNER, Detail.DRAWN);
            pen.circle(0, d * 0.1, Math.min(40, w * 0.2), Role.BODY, Edge.INNER, Detail.RICH);
        });
    }

    static void wardrobe(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.BODY);
        pen.line(SymbolPen.boxPath(-w + 25, -d + 25, w - 25, d - 20, 2), Edge.INNER, Detail.DRAWN);
        var doors = Math.max(2, (int) Math.round(s.widthMm() / 500));
        for (var i = 1; i < doors; i++) {
            var x = -w + s.widthMm() * i / doors;
            pen.inner(x, -d, x, -d + 25, Detail.PLAIN);
        }
        pen.inner(-w + 25, 0, w - 25, 0, Detail.PLAIN);
        var hanger = d - 75;
        var n = (int) Math.max(2, (s.widthMm() - 160) / 105);
        for (var i = 0; i < n; i++) {
            var x = -w + 80 + (s.widthMm() - 160) * i / (n - 1.0) + 18 * Seeds.signed(s.seed(), i, 5);
            var lean = 16 * Seeds.signed(s.seed(), i, 6);
            pen.inner(x - lean, -hanger, x + lean, hanger, Detail.DRAWN);
        }
    }
}
