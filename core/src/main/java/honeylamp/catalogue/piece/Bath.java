package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Sanitary pieces. */
final class Bath {
    private static final double RIM = 60;
    private static final double PAN = 400;

    private Bath() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.BATH, Stand.AT_WALL);
        var free = new Shelf(Group.BATH, Stand.FREE);
        return List.of(
                wall.kind("wc", "WC", Bath::wc)
                        .called("toilet lavatory")
                        .mm(380, 700, 800)
                        .mm(360, 650, 800)
                        .in(16, 28, 30),
                wall.kind("basin", "Basin", Bath::basin)
                        .called("washbasin sink lavatory")
                        .mm(650, 480, 850)
                        .mm(550, 450, 850)
                        .mm(450, 350, 850)
                        .in(24, 19, 33)
                        .in(18, 15, 33),
                wall.kind("bath", "Bath", Bath::bath)
                        .called("tub bathtub")
                        .mm(1700, 750, 560)
                        .mm(1600, 700, 560)
                        .mm(1800, 800, 560)
                        .in(60, 30, 22)
                        .in(66, 32, 22),
                wall.kind("shower", "Shower", Bath::shower)
                        .mm(1000, 900, 2000)
                        .mm(800, 800, 2000)
                        .mm(900, 900, 2000)
                        .mm(1200, 900, 2000)
                        .in(36, 36, 78)
                        .in(32, 32, 78)
                        .in(48, 36, 78),
                wall.kind("basin-unit", "Basin in a unit", Bath::basinUnit)
                        .called("washbasin vanity sink")
                        .mm(800, 480, 850)
                        .mm(600, 460, 850)
                        .mm(1000, 480, 850)
                        .in(30, 21, 33)
                        .in(24, 21, 33)
                        .in(36, 21, 33),
                free.kind("bath-free", "Free-standing bath", Bath::bathFree)
                        .called("tub oval")
                        .mm(1700, 800, 600)
                        .mm(1800, 850, 600),
                wall.kind("wc-hung", "WC, hung on the wall", Bath::wcHung)
                        .called("toilet wall")
                        .mm(360, 540, 400)
                        .in(15, 21, 16),
                wall.kind("bidet", "Bidet", Bath::bidet).mm(360, 540, 400),
                wall.kind("urinal", "Urinal", Bath::urinal).mm(350, 330, 600).hangs(500),
                wall.kind("basin-double", "Two basins in a unit", Bath::basinDouble)
                        .called("washbasin vanity double sink")
                        .mm(1300, 480, 850)
                        .mm(1500, 500, 850)
                        .in(60, 21, 33),
                wall.kind("basin-bowl", "Bowl on a board", Bath::basinBowl)
                        .called("washbasin vessel countertop")
                        .mm(900, 450, 850),
                wall.kind("basin-corner", "Corner basin", Bath::basinCorner)
                        .called("washbasin cloakroom")
                        .mm(450, 450, 850),
                wall.kind("bath-corner", "Corner bath", Bath::bathCorner)
                        .called("tub")
                        .mm(1400, 1400, 580),
                wall.kind("bath-two", "Bath with the tap in the middle", Bath::bathTwo)
                        .called("tub double ended")
                        .mm(1800, 800, 580),
                wall.kind("bath-shower", "Bath with shower screen", Bath::bathShower)
                        .called("tub")
                        .mm(1700, 750, 1950),
                wall.kind("shower-round", "Shower, round front", Bath::showerRound)
                        .called("quadrant corner")
                        .mm(900, 900, 2000),
                wall.kind("shower-open", "Walk-in shower", Bath::showerOpen)
                        .called("wet room")
                        .mm(1400, 900, 2000)
                        .mm(1600, 900, 2000),
                wall.kind("towel-rail", "Towel radiator", Bath::towelRail)
                        .called("heated warmer")
                        .mm(600, 100, 1200)
                        .hangs(500),
                wall.kind("bath-cabinet", "Mirror cabinet", Bath::mirrorCabinet)
                        .called("medicine")
                        .stands(Stand.ABOVE)
                        .hangs(1250)
                        .mm(800, 150, 700)
                        .mm(600, 150, 700),
                wall.kind("bath-tall", "Tall bathroom cabinet", Bath::tallCabinet)
                        .mm(400, 350, 1700),
                wall.kind("laundry-basket", "Laundry basket", Bath::basket)
                        .called("hamper")
                        .mm(450, 350, 600));
    }

    private static void wc(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var cistern = Math.min(190, 2 * d * 0.28);
        pen.standing(-w * 0.55, -d + 120, w * 0.55, d, 0, PAN - 60, 50, Role.PORCELAIN);
        pen.standing(-w * 0.94, -d, w * 0.94, d - cistern, PAN - 80, PAN + 25, 30, Role.PORCELAIN);
        pen.standing(-w, d - cistern, w, d, PAN, pen.h, 28, Role.PORCELAIN);
        pen.shape(pan(w * 0.94, -d, d - cistern + 40), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(pan(w * 0.64, -d + 62, d - cistern - 75), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.box(-w, d - cistern, w, d, 28, Role.PORCELAIN);
        pen.innerBox(-45, d - cistern / 2 - 20, 45, d - cistern / 2 + 20, 20, Role.METAL, Detail.DRAWN);
    }

    /** An egg with its round end to the front. */
    static Figure pan(double w, double front, double back) {
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

    private static void wcHung(PiecePen pen) {
        hung(pen);
        pen.shape(pan(pen.w * 0.64, -pen.d + 60, pen.d - 120), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.inner(-pen.w * 0.6, pen.d - 80, pen.w * 0.6, pen.d - 80, Detail.PLAIN);
    }

    private static void hung(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 80, pen.h, 60, Role.PORCELAIN);
        pen.shape(pan(pen.w, -pen.d, pen.d), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
    }

    private static void bidet(PiecePen pen) {
        hung(pen);
        pen.shape(pan(pen.w * 0.7, -pen.d + 55, pen.d - 150), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, -pen.d * 0.2, 22, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tap(0, pen.d - 75, 90);
    }

    private static void urinal(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 90, Role.PORCELAIN);
        pen.shape(pan(pen.w, -pen.d, pen.d), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(pan(pen.w * 0.62, -pen.d + 70, pen.d - 90), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.front(
                -pen.d,
                Figure.builder()
                        .ellipse(new Point(0, pen.h * 0.55), pen.w * 0.6, pen.h * 0.32)
                        .build(),
                Role.WATER_SHADE,
                Edge.INNER,
                Detail.PLAIN);
    }

    private static void basin(PiecePen pen) {
        pen.standing(-80, pen.d - 260, 80, pen.d - 60, 0, pen.h - 160, 30, Role.PORCELAIN);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 180, pen.h, 40, Role.PORCELAIN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 30, Role.PORCELAIN);
        water(pen, 0, Math.min(pen.w - 45, 290));
    }

    /** An oval bowl with drain and tap, the tap on a ledge at the back. */
    private static void water(PiecePen pen, double x, double rx) {
        var ry = Math.max(40, pen.d - 75);
        pen.oval(x, -25, rx, ry, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(x, -25, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tap(x, pen.d - 42, 100);
        pen.frontTap(x, 0, pen.h, 130);
    }

    private static void unit(PiecePen pen, double bottom) {
        pen.standing(-pen.w + 10, -pen.d + 15, pen.w - 10, pen.d, bottom, pen.h - 120, 4, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 120, pen.h, 10, Role.PORCELAIN);
        pen.drawers(-pen.w + 10, pen.w - 10, bottom, pen.h - 120, PiecePen.many(2 * pen.w, 700, 1), 2);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.PORCELAIN);
    }

    private static void basinUnit(PiecePen pen) {
        unit(pen, 300);
        water(pen, 0, Math.min(pen.w - 60, 270));
        pen.inner(-pen.w, -pen.d + 18, pen.w, -pen.d + 18, Detail.DRAWN);
    }

    private static void basinDouble(PiecePen pen) {
        unit(pen, 300);
        for (var x : new double[] {-pen.w / 2, pen.w / 2}) {
            water(pen, x, Math.min(pen.w / 2 - 60, 260));
        }
        pen.inner(0, -pen.d, 0, -pen.d + 40, Detail.DRAWN);
    }

    private static void basinBowl(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 180, pen.h - 130, 4, Role.TIMBER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.grain(30);
        var r = Math.min(210, pen.d - 40);
        pen.standing(-r, -r - 10, r, r - 10, pen.h - 130, pen.h, 60, Role.PORCELAIN);
        pen.on(Level.TOP, () -> {
            pen.circle(0, -10, r, Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
            pen.circle(0, -10, r - 28, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
            pen.circle(0, -10, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
            pen.tap(0, pen.d - 25, 120);
        });
        pen.frontTap(0, 0, pen.h, 160);
    }

    private static void basinCorner(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var path = Figure.builder();
        path.moveTo(-w, d);
        path.lineTo(w, d);
        path.lineTo(w, -d);
        path.lineTo(w * 0.4, -d);
        path.curveTo(-w * 0.3, -d, -w, -d * 0.3, -w, d * 0.4);
        path.close();
        pen.standing(-w, -d, w, d, pen.h - 160, pen.h, 40, Role.PORCELAIN);
        pen.shape(path.build(), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(w * 0.12, d * 0.12, Math.min(w, d) * 0.6, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(w * 0.12, d * 0.12, 20, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.within(Affine.turn(-45).then(Affine.move(w * 0.72, d * 0.72)), () -> pen.tap(0, 0, 100));
    }

    /** A tub with a ledge for the tap at its left end and a slope at the right. */
    private static void bath(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        pen.whole(35, Role.PORCELAIN);
        pen.frontLine(-w, pen.h - 40, w, pen.h - 40, Detail.PLAIN);
        pen.frontTap(-w + 65, 0, pen.h, 160);
        tub(pen, -w + RIM + 70, w - RIM, -d + RIM, d - RIM);
        pen.circle(-w + RIM + 180, 0, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tapAtLeft();
    }

    private static void tub(PiecePen pen, double l, double r, double b, double t) {
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
        pen.inner(r - h * 0.5, b + h * 0.55, r - h * 0.5, t - h * 0.55, Detail.RICH);
    }

    private static void bathTwo(PiecePen pen) {
        pen.whole(35, Role.PORCELAIN);
        pen.frontLine(-pen.w, pen.h - 40, pen.w, pen.h - 40, Detail.PLAIN);
        pen.shape(
                SymbolPen.boxPath(-pen.w + RIM, -pen.d + RIM, pen.w - RIM, pen.d - RIM - 60, pen.d * 0.7),
                Role.WATER_SHADE,
                Edge.INNER,
                Detail.PLAIN);
        pen.circle(0, -30, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tap(0, pen.d - 45, 120);
        pen.frontTap(0, 0, pen.h, 160);
    }

    private static void bathCorner(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var path = Figure.builder();
        path.moveTo(-w, d);
        path.lineTo(w, d);
        path.lineTo(w, -d);
        path.lineTo(w * 0.35, -d);
        path.curveTo(-w * 0.4, -d, -w, -d * 0.4, -w, d * 0.35);
        path.close();
        pen.standing(-w, -d, w, d, 0, pen.h, 20, Role.PORCELAIN);
        pen.shape(path.build(), Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.within(Affine.turn(-45).then(Affine.move(w * 0.14, d * 0.14)), () -> {
            pen.oval(0, 0, Math.min(w, d) * 0.95, Math.min(w, d) * 0.55, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
            pen.circle(0, 0, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
            pen.tap(0, Math.min(w, d) * 0.78, 110);
        });
    }

    private static void bathFree(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 170, Role.PORCELAIN);
        pen.oval(0, 0, pen.w, pen.d, Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, 0, pen.w - 55, pen.d - 55, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, 0, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.standing(-18, pen.d + 30, 18, pen.d + 66, 0, 950, 6, Role.METAL);
        pen.circle(0, pen.d + 48, 30, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.on(Level.TOP, () -> pen.innerBox(-9, pen.d - 150, 9, pen.d + 48, 9, Role.METAL, Detail.DRAWN));
    }

    private static void bathShower(PiecePen pen) {
        var high = Math.min(560, pen.h);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, high, 20, Role.PORCELAIN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 35, Role.PORCELAIN);
        tub(pen, -pen.w + RIM + 70, pen.w - RIM, -pen.d + RIM, pen.d - RIM);
        pen.circle(-pen.w + RIM + 180, 0, 26, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.tapAtLeft();
        pen.standing(-pen.w, -pen.d, -pen.w * 0.1, -pen.d + 10, high, pen.h, 2, Role.GLASS);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w, -pen.d + 6, -pen.w * 0.1, -pen.d + 18, 2, Role.GLASS, Detail.PLAIN);
            pen.circle(-pen.w + 290, 0, 110, Role.WATER_SHADE, Edge.INNER, Detail.DRAWN);
            pen.innerBox(-pen.w, -9, -pen.w + 290, 9, 6, Role.METAL, Detail.DRAWN);
        });
    }

    private static void tray(PiecePen pen) {
        pen.on(Level.FLOOR, () -> {
            pen.box(-pen.w, -pen.d, pen.w, pen.d, 10, Role.PORCELAIN);
            pen.inner(-pen.w, -pen.d, 0, 0, Detail.DRAWN);
            pen.inner(pen.w, -pen.d, 0, 0, Detail.DRAWN);
            pen.inner(-pen.w, pen.d, 0, 0, Detail.DRAWN);
            pen.inner(pen.w, pen.d, 0, 0, Detail.DRAWN);
            pen.circle(0, 0, 55, Role.METAL, Edge.INNER, Detail.DRAWN);
        });
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 40, 4, Role.PORCELAIN);
    }

    /** A head on a pipe from the wall behind. */
    private static void head(PiecePen pen, double x) {
        pen.standing(x - 10, pen.d - 30, x + 10, pen.d - 10, 900, pen.h - 20, 4, Role.METAL);
        pen.standing(x - 125, pen.d - 315, x + 125, pen.d - 65, pen.h - 40, pen.h - 20, 6, Role.METAL);
        pen.circle(x, pen.d - 190, 125, Role.WATER_SHADE, Edge.INNER, Detail.DRAWN);
        pen.innerBox(x - 10, pen.d - 190, x + 10, pen.d, 8, Role.METAL, Detail.DRAWN);
    }

    private static void shower(PiecePen pen) {
        tray(pen);
        head(pen, pen.w * 0.5);
        pen.standing(-pen.w, -pen.d, pen.w * 0.25, -pen.d + 14, 40, pen.h, 2, Role.GLASS);
        pen.box(-pen.w, -pen.d, pen.w * 0.25, -pen.d + 14, 2, Role.WATER_SHADE);
    }

    private static void showerRound(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var path = Figure.builder();
        path.moveTo(-w, d);
        path.lineTo(w, d);
        path.lineTo(w, -d);
        path.lineTo(w * 0.1, -d);
        path.curveTo(-w * 0.55, -d, -w, -d * 0.55, -w, -d * -0.1);
        path.close();
        var shape = path.build();
        pen.on(Level.FLOOR, () -> {
            pen.shape(shape, Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
            pen.circle(w * 0.1, d * 0.1, 55, Role.METAL, Edge.INNER, Detail.DRAWN);
        });
        pen.standing(-w, -d, w, d, 0, 40, 4, Role.PORCELAIN);
        pen.standing(-w, -d, w, -d + 14, 40, pen.h, 2, Role.GLASS);
        var glass = Figure.builder();
        glass.moveTo(w * 0.1, -d + 14);
        glass.curveTo(-w * 0.53, -d + 14, -w + 14, -d * 0.53, -w + 14, d * 0.1);
        pen.line(glass.build(), Edge.OUTLINE, Detail.PLAIN);
        pen.within(Affine.turn(-45).then(Affine.move(w * 0.62, d * 0.62)), () -> {
            pen.circle(0, -90, 110, Role.WATER_SHADE, Edge.INNER, Detail.DRAWN);
            pen.innerBox(-10, -90, 10, 120, 8, Role.METAL, Detail.DRAWN);
        });
    }

    private static void showerOpen(PiecePen pen) {
        pen.on(Level.FLOOR, () -> {
            pen.box(-pen.w, -pen.d, pen.w, pen.d, 4, Role.PORCELAIN);
            pen.innerBox(-pen.w + 60, pen.d - 120, pen.w - 60, pen.d - 60, 4, Role.METAL, Detail.DRAWN);
        });
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 20, 4, Role.PORCELAIN);
        pen.standing(-pen.w, -pen.d, pen.w * 0.35, -pen.d + 12, 20, pen.h, 2, Role.GLASS);
        pen.box(-pen.w, -pen.d, pen.w * 0.35, -pen.d + 12, 2, Role.GLASS);
        head(pen, -pen.w * 0.3);
    }

    private static void towelRail(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 35}) {
            pen.standing(x, -25, x + 35, 10, 0, pen.h, 12, Role.METAL);
        }
        var many = PiecePen.many(pen.h, 130, 4);
        for (var i = 0; i < many; i++) {
            var z = pen.h * (i + 0.5) / many;
            pen.standing(-pen.w + 35, -20, pen.w - 35, 5, z - 12, z + 12, 12, Role.METAL);
        }
        pen.box(-pen.w, -pen.d, pen.w, -pen.d + 40, 14, Role.METAL);
        pen.innerBox(-pen.w * 0.45, -pen.d - 16, pen.w * 0.35, -pen.d + 56, 14, Role.LINEN, Detail.PLAIN);
        pen.inner(-pen.w + 20, -pen.d + 40, -pen.w + 20, pen.d, Detail.PLAIN);
        pen.inner(pen.w - 20, -pen.d + 40, pen.w - 20, pen.d, Detail.PLAIN);
        pen.front(
                -pen.d,
                SymbolPen.boxPath(-pen.w * 0.45, pen.h * 0.35, pen.w * 0.35, pen.h * 0.78, 12),
                Role.LINEN,
                Edge.INNER,
                Detail.PLAIN);
    }

    private static void mirrorCabinet(PiecePen pen) {
        pen.whole(4, Role.BODY);
        var many = PiecePen.many(2 * pen.w, 400, 1);
        for (var i = 0; i < many; i++) {
            pen.frontBox(
                    -pen.w + 2 * pen.w * i / many + 6,
                    6,
                    -pen.w + 2 * pen.w * (i + 1) / many - 6,
                    pen.h - 6,
                    3,
                    Role.GLASS);
        }
    }

    private static void tallCabinet(PiecePen pen) {
        pen.carcass(Role.TIMBER);
        pen.doors(-pen.w, pen.w, 70, pen.h * 0.48, 1);
        pen.doors(-pen.w, pen.w, pen.h * 0.52, pen.h, 1);
        pen.inner(-pen.w, -pen.d, pen.w, pen.d, Detail.PLAIN);
    }

    private static void basket(PiecePen pen) {
        pen.whole(60, Role.TIMBER);
        pen.line(SymbolPen.boxPath(-pen.w + 25, -pen.d + 25, pen.w - 25, pen.d - 25, 45), Edge.INNER, Detail.PLAIN);
        for (var z = 60.0; z < pen.h - 30; z += 70) {
            pen.frontLine(-pen.w + 10, z, pen.w - 10, z, Detail.DRAWN);
        }
        for (var y = -pen.d + 55; y < pen.d - 40; y += 45) {
            pen.inner(-pen.w + 35, y, pen.w - 35, y, Detail.RICH);
        }
    }
}
