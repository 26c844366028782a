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

/** Work, shelves, warmth and plants. */
final class OtherSymbols {
    private OtherSymbols() {}

    static void desk(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        LivingSymbols.chair(pen, 0, -d - 120, 180);
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, SymbolPen.CRISP, Role.TIMBER);
        LivingSymbols.grain(pen, w - 50, d - 40, s.seed());
        pen.on(Level.TOP, () -> {
            pen.innerBox(-170, -d + 50, 170, -d + 275, 12, Role.METAL, Detail.DRAWN);
            pen.innerBox(-170, -d + 275, 170, -d + 290, 2, Role.DARK, Detail.DRAWN);
            pen.circle(w - 130, d - 130, 75, Role.LINEN, Edge.INNER, Detail.DRAWN);
            pen.innerBox(-w + 60, d - 300, -w + 270, d - 60, 3, Role.LINEN, Detail.RICH);
        });
    }

    static void bookcase(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.solid(-w, -d, w, d, s.heightMm());
        pen.box(-w, -d, w, d, 4, Role.TIMBER);
        pen.innerBox(-w + 22, -d + 8, w - 22, d - 18, 2, Role.BODY, Detail.PLAIN);
        var x = -w + 30;
        for (var i = 0; x < w - 60; i++) {
            var thick = 26 + 34 * Seeds.unit(s.seed(), i, 1);
            var deep = (s.depthMm() - 40) * (0.58 + 0.32 * Seeds.unit(s.seed(), i, 2));
            var tone = switch ((int) (5 * Seeds.unit(s.seed(), i, 3))) {
                case 0 -> Role.CUSHION;
                case 1 -> Role.CUSHION_COOL;
                case 2 -> Role.TEXTILE;
                default -> Role.LINEN;
            };
            if (Seeds.unit(s.seed(), i, 4) > 0.12) {
                pen.innerBox(x, d - 20 - deep, x + thick, d - 20, 1, tone, Detail.RICH);
            }
            x += thick + 1;
        }
    }

    static void stove(SymbolPen pen, Size s) {
        var w = s.widthMm() / 2;
        var d = s.depthMm() / 2;
        pen.on(Level.FLOOR, () -> pen.box(-w - 220, -d - 420, w + 220, d + 60, 10, Role.METAL));
        var body = Figure.builder().ellipse(Point.ORIGIN, w, d).build();
        pen.solid(body.flattened(4), s.heightMm());
        pen.shape(body, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, d * 0.3, Math.min(75, w * 0.4), Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.inner(-w * 0.5, -d * 0.6, w * 0.5, -d * 0.6, Detail.DRAWN);
    }

    /** A pot and three rings of seeded leaves, the lowest first. */
    static void plant(SymbolPen pen, Size s) {
        var r = Math.min(s.widthMm(), s.depthMm()) / 2;
        var pot = Math.min(r * 0.52, 200);
        pen.solid(Figure.circle(Point.ORIGIN, r * 0.78).flattened(3), s.heightMm());
        pen.circle(0, 0, pot, Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, pot * 0.82, Role.EARTH, Edge.INNER, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            leaves(pen, s.seed(), 0, 9, r, r * 0.34, Role.LEAF_DEEP, Detail.PLAIN);
            leaves(pen, s.seed(), 1, 8, r * 0.80, r * 0.34, Role.LEAF, Detail.PLAIN);
            leaves(pen, s.seed(), 2, 6, r * 0.52, r * 0.28, Role.LEAF_LIGHT, Detail.DRAWN);
        });
    }

    private static void leaves(
            SymbolPen pen, long seed, int ring, int count, double reach, double width, Role tone, Detail detail) {
        for (var i = 0; i < count; i++) {
            var turn = 360.0 * (i + 0.5 * ring) / count + 16 * Seeds.signed(seed, 10L + ring, i);
            var length = reach * (0.82 + 0.18 * Seeds.unit(seed, 20L + ring, i));
            var leaf = Figure.builder();
            var bend = width * 0.25 * Seeds.signed(seed, 30L + ring, i);
            leaf.moveTo(reach * 0.06, 0);
            leaf.curveTo(length * 0.35, width * 0.62, length * 0.75, width * 0.42, length, bend);
            leaf.curveTo(length * 0.72, -width * 0.40, length * 0.35, -width * 0.55, reach * 0.06, 0);
            leaf.close();
            var path = leaf.build();
            pen.within(Affine.turn(turn), () -> {
                pen.shape(path, tone, Edge.INNER, detail);
                pen.line(
                        Figure.line(new Point(reach * 0.1, 0), new Point(length * 0.8, bend * 0.6)),
                        Edge.INNER,
                        Detail.RICH);
            });
        }
    }
}
