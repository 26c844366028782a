package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/**
 * Fittings for people who cannot step or stand; rooms to turn are 1,500 mm wide.
 *
 * @see "ISO 21542:2021, accessibility and usability of the built environment: a wheelchair turns within 1,500 mm"
 */
final class StepFree {
    private static final double TURN = 1500;

    private StepFree() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.STEP_FREE, Stand.AT_WALL);
        var free = new Shelf(Group.STEP_FREE, Stand.FREE);
        return List.of(
                wall.kind("wc-step-free", "WC with grab rails", StepFree::wc)
                        .called("toilet accessible disabled wheelchair")
                        .mm(1000, 700, 850),
                wall.kind("basin-step-free", "Basin to roll under", StepFree::basin)
                        .called("washbasin accessible disabled wheelchair")
                        .mm(600, 550, 850),
                wall.kind("shower-step-free", "Level shower with seat", StepFree::shower)
                        .called("accessible disabled wheelchair wet room")
                        .mm(1500, 1500, 2000)
                        .in(60, 60, 78),
                wall.kind("grab-rail", "Grab rail", StepFree::rail)
                        .called("handrail accessible")
                        .hangs(800)
                        .mm(600, 90, 60),
                wall.kind("handrail-corner", "Grab rail around a corner", StepFree::cornerRail)
                        .called("accessible")
                        .hangs(800)
                        .mm(700, 700, 60),
                free.kind("turning-circle", "Room to turn", StepFree::turning)
                        .called("wheelchair circle accessible")
                        .stands(Stand.UNDERFOOT)
                        .mm(TURN, TURN, 1)
                        .in(60, 60, 0.04),
                free.kind("wheelchair", "Wheelchair", StepFree::wheelchair).mm(700, 1100, 950),
                wall.kind("care-bed", "Care bed", StepFree::careBed)
                        .called("hospital nursing")
                        .mm(1000, 2200, 950),
                free.kind("hoist", "Lifting hoist", StepFree::hoist)
                        .called("lift care")
                        .mm(700, 1200, 1900),
                free.kind("rollator", "Rollator", StepFree::rollator)
                        .called("walker frame")
                        .mm(620, 700, 950));
    }

    private static void wc(PiecePen pen) {
        var half = Math.min(190, pen.w * 0.4);
        var cistern = 190.0;
        pen.standing(-half * 0.6, -pen.d + 120, half * 0.6, pen.d, 0, 420, 50, Role.PORCELAIN);
        pen.standing(-half, -pen.d, half, pen.d - cistern, 420, 480, 30, Role.PORCELAIN);
        pen.standing(-half, pen.d - cistern, half, pen.d, 480, pen.h, 20, Role.PORCELAIN);
        pen.shape(Bath.pan(half * 0.94, -pen.d, pen.d - cistern + 40), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(Bath.pan(half * 0.64, -pen.d + 62, pen.d - cistern - 75), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.box(-half, pen.d - cistern, half, pen.d, 28, Role.PORCELAIN);
        for (var side : new double[] {-1, 1}) {
            var x = side * (pen.w - 25);
            pen.standing(x - 20, -pen.d + 60, x + 20, pen.d, 700, 740, 15, Role.METAL);
            pen.box(x - 22, -pen.d + 60, x + 22, pen.d, 20, Role.METAL);
            pen.innerBox(x - 50, pen.d - 40, x + 50, pen.d, 6, Role.METAL, Detail.DRAWN);
        }
    }

    /** Hollow below, its front bowed towards the one who sits. */
    private static void basin(PiecePen pen) {
        var path = Figure.builder();
        path.moveTo(-pen.w, pen.d);
        path.lineTo(pen.w, pen.d);
        path.lineTo(pen.w, -pen.d * 0.5);
        path.curveTo(pen.w * 0.6, -pen.d * 0.8, pen.w * 0.3, -pen.d * 0.72, 0, -pen.d * 0.72);
        path.curveTo(-pen.w * 0.3, -pen.d * 0.72, -pen.w * 0.6, -pen.d * 0.8, -pen.w, -pen.d * 0.5);
        path.close();
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 130, pen.h, 30, Role.PORCELAIN);
        pen.shape(path.build(), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, 0, pen.w * 0.68, pen.d * 0.5, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.tap(0, pen.d - 45, 130);
        pen.frontTap(0, 0, pen.h, 150);
        pen.line(SymbolPen.boxPath(-pen.w, -pen.d, pen.w, -pen.d + 22, 10), Edge.INNER, Detail.PLAIN);
    }

    private static void shower(PiecePen pen) {
        pen.on(Level.FLOOR, () -> {
            pen.box(-pen.w, -pen.d, pen.w, pen.d, 2, Role.PORCELAIN);
            pen.inner(-pen.w, -pen.d, pen.w, pen.d, Detail.DRAWN);
            pen.inner(-pen.w, pen.d, pen.w, -pen.d, Detail.DRAWN);
            pen.circle(0, 0, 55, Role.METAL, Edge.INNER, Detail.DRAWN);
        });
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 5, 1, Role.PORCELAIN);
        pen.body(pen.w - 420, pen.d - 420, pen.w - 40, pen.d - 20, 450, 490, 40, Role.BODY);
        pen.standing(-pen.w + 60, pen.d - 60, -pen.w + 90, pen.d - 30, 900, pen.h - 20, 6, Role.METAL);
        pen.box(-pen.w + 100, pen.d - 70, pen.w - 460, pen.d - 35, 15, Role.METAL);
        pen.box(pen.w - 70, -pen.d * 0.3, pen.w - 35, pen.d - 460, 15, Role.METAL);
        pen.circle(-pen.w + 220, pen.d - 170, 110, Role.WATER_SHADE, Edge.INNER, Detail.DRAWN);
        pen.line(Figure.circle(Point.ORIGIN, Math.min(TURN / 2, Math.min(pen.w, pen.d)) - 5), Edge.INNER, Detail.PLAIN);
    }

    private static void rail(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 35, 0, pen.h, 15, Role.METAL);
        pen.box(-pen.w, -pen.d, pen.w, -pen.d + 35, 17, Role.METAL);
        for (var x : new double[] {-pen.w + 25, pen.w - 25}) {
            pen.box(x - 15, -pen.d + 30, x + 15, pen.d, 4, Role.METAL);
        }
    }

    private static void cornerRail(PiecePen pen) {
        pen.body(-pen.w, pen.d - 90, pen.w - 55, pen.d - 55, 0, pen.h, 15, Role.METAL);
        pen.body(pen.w - 90, -pen.d, pen.w - 55, pen.d - 55, 0, pen.h, 15, Role.METAL);
        for (var at : new double[] {-0.9, 0.6}) {
            pen.box(at * pen.w - 15, pen.d - 60, at * pen.w + 15, pen.d, 4, Role.METAL);
            pen.box(pen.w - 60, at * pen.d - 15, pen.w, at * pen.d + 15, 4, Role.METAL);
        }
    }

    private static void turning(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 1, Role.METAL);
        pen.line(Figure.builder().ellipse(Point.ORIGIN, pen.w, pen.d).build(), Edge.OUTLINE, Detail.PLAIN);
        var arrow = Figure.builder();
        arrow.arc(Point.ORIGIN, Math.min(pen.w, pen.d) * 0.62, 30, 290);
        pen.line(arrow.build(), Edge.INNER, Detail.PLAIN);
        var tip = Point.direction(320).times(Math.min(pen.w, pen.d) * 0.62);
        pen.inner(tip.x(), tip.y(), tip.x() - 110, tip.y() - 10, Detail.PLAIN);
        pen.inner(tip.x(), tip.y(), tip.x() + 10, tip.y() - 110, Detail.PLAIN);
    }

    private static void wheelchair(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            pen.standing(side * pen.w, -pen.d * 0.1, side * (pen.w - 50), pen.d * 0.95, 0, 610, 200, Role.DARK);
            pen.box(side * pen.w, -pen.d * 0.1, side * (pen.w - 50), pen.d * 0.95, 22, Role.DARK);
            pen.box(side * (pen.w - 90), -pen.d * 0.75, side * (pen.w - 130), -pen.d * 0.45, 15, Role.DARK);
            pen.box(side * 40, -pen.d, side * 190, -pen.d + 160, 12, Role.METAL);
        }
        pen.standing(-pen.w + 90, -pen.d * 0.35, pen.w - 90, pen.d * 0.6, 450, 520, 20, Role.TEXTILE);
        pen.standing(-pen.w + 90, pen.d * 0.55, pen.w - 90, pen.d * 0.68, 520, pen.h, 25, Role.TEXTILE);
        pen.box(-pen.w + 75, -pen.d * 0.38, pen.w - 75, pen.d * 0.6, 30, Role.TEXTILE);
        pen.box(-pen.w + 80, pen.d * 0.55, pen.w - 80, pen.d * 0.68, 15, Role.DARK);
        for (var side : new double[] {-1, 1}) {
            pen.inner(side * (pen.w - 110), pen.d * 0.68, side * (pen.w - 110), pen.d, Detail.PLAIN);
        }
    }

    private static void careBed(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 30, pen.w, pen.d - 30, 250, 400, 10, Role.METAL);
        for (var y : new double[] {-pen.d, pen.d - 45}) {
            pen.body(-pen.w, y, pen.w, y + 45, 150, pen.h, 20, Role.TIMBER);
        }
        pen.standing(-pen.w + 40, -pen.d + 60, pen.w - 40, pen.d - 60, 400, 550, 40, Role.LINEN);
        pen.box(-pen.w + 20, -pen.d + 45, pen.w - 20, pen.d - 45, 10, Role.METAL);
        pen.innerBox(-pen.w + 45, -pen.d + 60, pen.w - 45, pen.d - 60, 45, Role.LINEN, Detail.PLAIN);
        pen.inner(-pen.w + 45, pen.d * 0.25, pen.w - 45, pen.d * 0.25, Detail.PLAIN);
        for (var side : new double[] {-1, 1}) {
            pen.innerBox(side * pen.w, -pen.d * 0.2, side * (pen.w - 25), pen.d * 0.65, 10, Role.METAL, Detail.PLAIN);
        }
        pen.on(Level.TOP, () -> {
            pen.cushion(0, pen.d - 300, 620, 380, 0, Role.LINEN, Detail.PLAIN);
            pen.innerBox(-pen.w + 40, -pen.d + 65, pen.w - 40, pen.d * 0.1, 30, Role.CUSHION_COOL, Detail.PLAIN);
        });
    }

    private static void hoist(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            var leg = Figure.line(new Point(side * 120, pen.d - 100), new Point(side * pen.w, -pen.d));
            pen.line(leg, Edge.OUTLINE, Detail.PLAIN);
            pen.circle(side * (pen.w - 10), -pen.d + 45, 42, Role.DARK, Edge.INNER, Detail.PLAIN);
            pen.standing(side * pen.w, -pen.d, side * (pen.w - 50), pen.d, 30, 110, 10, Role.METAL);
        }
        pen.body(-150, pen.d - 200, 150, pen.d, 30, 250, 15, Role.METAL);
        pen.standing(-45, pen.d - 140, 45, pen.d - 60, 250, pen.h, 10, Role.METAL);
        pen.standing(-30, -pen.d * 0.3, 30, pen.d - 100, pen.h - 100, pen.h - 30, 10, Role.METAL);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-28, -pen.d * 0.3, 28, pen.d - 100, 12, Role.METAL, Detail.PLAIN);
            pen.innerBox(-230, -pen.d * 0.3 - 30, 230, -pen.d * 0.3 + 30, 20, Role.DARK, Detail.PLAIN);
        });
    }

    private static void rollator(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            pen.body(side * pen.w, -pen.d + 60, side * (pen.w - 40), pen.d - 60, 0, pen.h * 0.65, 15, Role.METAL);
            for (var y : new double[] {-pen.d + 90, pen.d - 90}) {
                pen.box(side * pen.w, y - 90, side * (pen.w - 38), y + 90, 18, Role.DARK);
            }
            pen.standing(side * pen.w, pen.d - 160, side * (pen.w - 40), pen.d, pen.h * 0.6, pen.h, 15, Role.DARK);
        }
        pen.standing(-pen.w + 40, -60, pen.w - 40, 160, pen.h * 0.6, pen.h * 0.65, 10, Role.TEXTILE);
        pen.innerBox(-pen.w + 60, -60, pen.w - 60, 160, 25, Role.TEXTILE, Detail.PLAIN);
        pen.innerBox(-pen.w + 60, -pen.d + 70, pen.w - 60, -80, 20, Role.TIMBER, Detail.PLAIN);
        pen.inner(-pen.w + 40, pen.d - 120, pen.w - 40, pen.d - 120, Detail.PLAIN);
    }
}
