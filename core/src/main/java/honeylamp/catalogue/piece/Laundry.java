package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Figure;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** What washes, dries and irons. */
final class Laundry {
    private Laundry() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.LAUNDRY, Stand.AT_WALL);
        var free = new Shelf(Group.LAUNDRY, Stand.FREE);
        return List.of(
                wall.kind("washing-machine", "Washing machine", Laundry::washer)
                        .called("washer")
                        .mm(600, 600, 850)
                        .mm(600, 450, 850)
                        .in(27, 30, 38),
                wall.kind("tumble-dryer", "Tumble dryer", Laundry::dryer)
                        .mm(600, 600, 850)
                        .in(27, 30, 38),
                wall.kind("washer-dryer", "Washer and dryer, one on the other", Laundry::tower)
                        .called("stacked")
                        .mm(600, 650, 1720)
                        .in(27, 31, 76),
                wall.kind("utility-sink", "Laundry sink", Laundry::sink)
                        .called("utility")
                        .mm(600, 500, 850),
                free.kind("ironing-board", "Ironing board", Laundry::board).mm(1300, 380, 900),
                free.kind("drying-rack", "Drying rack", Laundry::rack)
                        .called("clothes airer horse")
                        .mm(1800, 550, 950),
                wall.kind("broom-cupboard", "Broom cupboard", Laundry::cupboard)
                        .called("utility cabinet cleaning")
                        .mm(600, 400, 2000));
    }

    private static void machine(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.PORCELAIN);
        front(pen, 0, pen.h);
        pen.inner(-pen.w, pen.d - 110, pen.w, pen.d - 110, Detail.PLAIN);
        pen.circle(pen.w - 90, pen.d - 55, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.innerBox(-pen.w + 40, pen.d - 85, -pen.w + 210, pen.d - 30, 6, Role.METAL, Detail.DRAWN);
    }

    private static void front(PiecePen pen, double low, double high) {
        pen.frontLine(-pen.w, high - 130, pen.w, high - 130, Detail.PLAIN);
        pen.frontCircle(pen.w - 90, high - 65, 26, Role.METAL, Detail.DRAWN);
        pen.frontCircle(0, (low + high - 130) / 2, Math.min(200, pen.w * 0.68), Role.METAL, Detail.PLAIN);
        pen.frontCircle(0, (low + high - 130) / 2, Math.min(150, pen.w * 0.52), Role.DARK, Detail.PLAIN);
    }

    private static void washer(PiecePen pen) {
        machine(pen);
        pen.circle(0, -45, Math.min(195, pen.w * 0.68), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, -45, Math.min(150, pen.w * 0.52), Role.PORCELAIN, Edge.INNER, Detail.DRAWN);
    }

    /** Three waves of warm air in the drum. */
    private static void dryer(PiecePen pen) {
        machine(pen);
        var r = Math.min(195, pen.w * 0.68);
        pen.circle(0, -45, r, Role.LINEN, Edge.INNER, Detail.PLAIN);
        for (var x : new double[] {-r * 0.4, 0, r * 0.4}) {
            var wave = Figure.builder();
            wave.moveTo(x, -45 - r * 0.5);
            wave.curveTo(x - 30, -45 - r * 0.15, x + 30, -45 + r * 0.15, x, -45 + r * 0.5);
            pen.line(wave.build(), Edge.INNER, Detail.PLAIN);
        }
    }

    private static void tower(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.PORCELAIN);
        front(pen, 0, pen.h / 2);
        front(pen, pen.h / 2, pen.h);
        pen.frontLine(-pen.w, pen.h / 2, pen.w, pen.h / 2, Detail.PLAIN);
        pen.inner(-pen.w, pen.d - 110, pen.w, pen.d - 110, Detail.PLAIN);
        pen.circle(-30, -30, Math.min(170, pen.w * 0.55), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(30, -70, Math.min(170, pen.w * 0.55), Role.LINEN, Edge.INNER, Detail.PLAIN);
    }

    private static void sink(PiecePen pen) {
        pen.legs(0, pen.h - 300, 40, 30, Role.METAL);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 350, pen.h, 25, Role.PORCELAIN);
        pen.innerBox(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 100, 30, Role.WATER_SHADE, Detail.PLAIN);
        pen.circle(0, -30, 30, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tap(0, pen.d - 45, 130);
        pen.frontTap(0, 0, pen.h, 200);
    }

    private static void board(PiecePen pen) {
        var path = Figure.builder();
        path.moveTo(-pen.w, -pen.d * 0.15);
        path.curveTo(-pen.w, -pen.d * 0.5, -pen.w * 0.5, -pen.d, -pen.w * 0.1, -pen.d);
        path.lineTo(pen.w * 0.75, -pen.d);
        path.lineTo(pen.w * 0.75, pen.d);
        path.lineTo(-pen.w * 0.1, pen.d);
        path.curveTo(-pen.w * 0.5, pen.d, -pen.w, pen.d * 0.5, -pen.w, pen.d * 0.15);
        path.close();
        pen.standing(-pen.w * 0.3, -15, -pen.w * 0.25, 15, 0, pen.h - 40, 4, Role.METAL);
        pen.standing(pen.w * 0.45, -15, pen.w * 0.5, 15, 0, pen.h - 40, 4, Role.METAL);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 40, pen.h, 15, Role.TEXTILE);
        pen.shape(path.build(), Role.TEXTILE, Edge.OUTLINE, Detail.PLAIN);
        pen.box(pen.w * 0.75, -pen.d * 0.8, pen.w, pen.d * 0.8, 8, Role.METAL);
        pen.on(Level.TOP, () -> pen.innerBox(pen.w * 0.8, -55, pen.w * 0.95, 55, 20, Role.CUSHION, Detail.DRAWN));
    }

    private static void rack(PiecePen pen) {
        pen.legs(0, pen.h - 30, 20, 100, Role.METAL);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 30, pen.h, 4, Role.METAL);
        pen.line(SymbolPen.boxPath(-pen.w, -pen.d, pen.w, pen.d, 20), Edge.OUTLINE, Detail.PLAIN);
        for (var y = -pen.d + 60; y < pen.d - 30; y += 70) {
            pen.inner(-pen.w, y, pen.w, y, Detail.PLAIN);
        }
        for (var x : new double[] {-pen.w * 0.33, pen.w * 0.33}) {
            pen.inner(x, -pen.d, x, pen.d, Detail.PLAIN);
        }
        pen.innerBox(-pen.w * 0.85, -pen.d * 0.6, -pen.w * 0.5, pen.d * 0.5, 6, Role.LINEN, Detail.DRAWN);
        pen.innerBox(pen.w * 0.05, -pen.d * 0.2, pen.w * 0.28, pen.d * 0.8, 6, Role.TEXTILE, Detail.DRAWN);
    }

    private static void cupboard(PiecePen pen) {
        pen.carcass(Role.BODY);
        pen.doors(-pen.w, pen.w, 60, pen.h, PiecePen.many(2 * pen.w, 400, 1));
        pen.inner(-pen.w * 0.6, pen.d * 0.5, -pen.w * 0.6, -pen.d * 0.5, Detail.PLAIN);
        pen.innerBox(-pen.w * 0.6 - 70, -pen.d * 0.75, -pen.w * 0.6 + 70, -pen.d * 0.5, 4, Role.TIMBER, Detail.PLAIN);
        pen.circle(pen.w * 0.4, 0, Math.min(110, pen.w * 0.4), Role.METAL, Edge.INNER, Detail.PLAIN);
    }
}
