package honeylamp.catalogue;

import honeylamp.catalogue.FurnishingKind.Size;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;

/** Seats, tables and rugs. */
final class LivingSymbols {
    private static final double SEAT_HEIGHT = 430;
    private static final double CHAIR_WIDTH = 450;
    private static final double CHAIR_DEPTH = 480;
    private static final double CHAIR_PITCH = 620; // elbow room of one diner

    private LivingSymbols() {}

    static void sofa(SymbolPen pen, Size s) {
        upholstered(pen, s, Math.min(190, s.widthMm() * 0.12), Math.max(1, (int) Math.round(s.widthMm() / 780)));
        var r = s.widthMm() / 2;
        pen.on(Level.TOP, () -> {
            looseCushion(pen, -r + 420, s.depthMm() / 2 - 330, 12, Role.CUSHION);
            if (s.widthMm() > 1700) {
                looseCushion(pen, r - 430, s.depthMm() / 2 - 335, -14, Role.CUSHION_COOL);
            }
        });
    }

    static void armchair(SymbolPen pen, Size s) {
        upholstered(pen, s, Math.min(150, s.widthMm() * 0.18), 1);
    }

    /** Back, two arms, and seat cushions of equal width between them. */
    private static void upholstered(SymbolPen pen, Size s, double arm, int seats) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        var back = Math.min(220, s.depthMm() * 0.24);
        pen.solid(-w, -d, w, d, SEAT_HEIGHT);
        pen.solid(-w, d - back, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.SOFT, Role.TEXTILE);
        var inside = s.widthMm() - 2 * arm;
        for (var i = 0; i < seats; i++) {
            var x = -w + arm + inside * i / seats;
            pen.innerBox(x, -d - 12, x + inside / seats, d - back, SymbolPen.SOFT * 0.9, Role.TEXTILE, Detail.PLAIN);
            pen.inner(x + 70, d - back - 70, x + inside / seats - 70, d - back - 70, Detail.RICH);
        }
        pen.line(Figure.line(new Point(-w + arm, d - back), new Point(w - arm, d - back)), Edge.INNER, Detail.PLAIN);
        pen.inner(-w + arm, -d + 30, -w + arm, d - back, Detail.PLAIN);
        pen.inner(w - arm, -d + 30, w - arm, d - back, Detail.PLAIN);
    }

    private static void looseCushion(SymbolPen pen, double x, double y, double turnDeg, Role tone) {
        pen.within(
                Affine.turn(turnDeg).then(Affine.move(x, y)),
                () -> pen.shape(pillow(430, 190), tone, Edge.INNER, Detail.DRAWN));
    }

    /** A cushion with pulled-in corners and a slight bulge, about the origin. */
    static Figure pillow(double width, double depth) {
        var w = width / 2;
        var d = depth / 2;
        var bx = width * 0.035;
        var by = depth * 0.07;
        var path = Figure.builder();
        path.moveTo(-w + bx, -d + by);
        path.curveTo(-w * 0.5, -d - by * 0.4, w * 0.5, -d - by * 0.4, w - bx, -d + by);
        path.curveTo(w + bx * 0.4, -d * 0.5, w + bx * 0.4, d * 0.5, w - bx, d - by);
        path.curveTo(w * 0.5, d + by * 0.4, -w * 0.5, d + by * 0.4, -w + bx, d - by);
        path.curveTo(-w - bx * 0.4, d * 0.5, -w - bx * 0.4, -d * 0.5, -w + bx, -d + by);
        path.close();
        return path.build();
    }

    static void lowTable(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.SOFT, Role.TIMBER);
        grain(pen, w - 40, d - 30, s.seed());
        pen.on(Level.TOP, () -> {
            pen.circle(w * 0.35, d * 0.1, Math.min(85, d * 0.5), Role.BODY, Edge.INNER, Detail.RICH);
            pen.within(
                    Affine.turn(14).then(Affine.move(-w * 0.4, -d * 0.1)),
                    () -> pen.innerBox(-95, -130, 95, 130, 4, Role.LINEN, Detail.RICH));
        });
    }

    static void sideboard(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.TIMBER);
        pen.inner(-w, -d + 22, w, -d + 22, Detail.DRAWN);
        grain(pen, w - 60, d - 50, s.seed());
    }

    static void bench(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-w + 25, -d + 25, w - 25, d - 25, 40, Role.TEXTILE_WARM, Detail.DRAWN);
        pen.on(Level.TOP, () -> looseCushion(pen, -w + 300, d - 190, 8, Role.CUSHION_COOL));
    }

    /** The size is that of the table top; chairs stand around it, tucked in by a third. */
    static void diningTable(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        var along = Math.max(1, (int) Math.floor((s.widthMm() - 100) / CHAIR_PITCH));
        var reach = CHAIR_DEPTH * 0.24;
        for (var i = 0; i < along; i++) {
            var x = s.widthMm() * (i + 0.5) / along - w;
            chair(pen, x, -d - reach, 180);
            chair(pen, x, d + reach, 0);
        }
        if (s.depthMm() >= 850 && s.widthMm() >= 1500) {
            chair(pen, -w - reach, 0, 90);
            chair(pen, w + reach, 0, -90);
        }
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.SOFT * 0.6, Role.TIMBER);
        grain(pen, w - 50, d - 40, s.seed());
        pen.on(Level.TOP, () -> pen.circle(0, 0, Math.min(130, d * 0.32), Role.BODY, Edge.INNER, Detail.RICH));
    }

    /** A chair whose back faces {@code turnDeg} counter-clockwise from north. */
    static void chair(SymbolPen pen, double x, double y, double turnDeg) {
        pen.within(Affine.turn(turnDeg).then(Affine.move(x, y)), () -> {
            var w = CHAIR_WIDTH / 2;
            var d = CHAIR_DEPTH / 2;
            pen.solid(-w, -d, w, d, SEAT_HEIGHT);
            pen.box(-w, -d, w, d - 35, 55, Role.TEXTILE_WARM);
            var back = Figure.builder();
            back.moveTo(-w - 8, d - 70);
            back.curveTo(-w * 0.6, d + 12, w * 0.6, d + 12, w + 8, d - 70);
            back.lineTo(w - 26, d - 104);
            back.curveTo(w * 0.5, d - 34, -w * 0.5, d - 34, -w + 26, d - 104);
            back.close();
            pen.shape(back.build(), Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        });
    }

    static void rug(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        var border = Math.min(140, s.depthMm() * 0.1);
        for (var y = -d + 20; y < d; y += 45) {
            pen.inner(-w - 55, y, -w, y, Detail.RICH);
            pen.inner(w, y, w + 55, y, Detail.RICH);
        }
        pen.box(-w, -d, w, d, 8, Role.RUG_BORDER);
        pen.innerBox(-w + border, -d + border, w - border, d - border, 4, Role.RUG, Detail.PLAIN);
        var inset = border + 70;
        pen.line(SymbolPen.boxPath(-w + inset, -d + inset, w - inset, d - inset, 4), Edge.INNER, Detail.DRAWN);
    }

    /** Long, uneven, bowed lines along x, as of oiled boards. */
    static void grain(SymbolPen pen, double w, double d, long seed) {
        if (w <= 0 || d <= 0) {
            return;
        }
        var rows = Math.max(2, (int) (2 * d / 62));
        for (var i = 0; i < rows; i++) {
            var y = -d + 2 * d * (i + 0.5 + 0.8 * Seeds.signed(seed, i, 1)) / rows;
            var from = -w + 1.1 * w * Seeds.unit(seed, i, 2);
            var to = Math.min(w, from + 0.4 * w + 1.2 * w * Seeds.unit(seed, i, 3));
            var bow = 9 * Seeds.signed(seed, i, 4);
            var line = Figure.builder();
            line.moveTo(from, Math.clamp(y, -d, d));
            line.curveTo(
                    from + (to - from) * 0.35,
                    Math.clamp(y + bow, -d, d),
                    from + (to - from) * 0.7,
                    Math.clamp(y + bow, -d, d),
                    to,
                    Math.clamp(y, -d, d));
            pen.line(line.build(), Edge.GRAIN, Detail.RICH);
        }
    }
}
