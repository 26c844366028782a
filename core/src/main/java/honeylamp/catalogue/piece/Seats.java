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

/** What one sits on. */
final class Seats {
    /** A seat cushion of a sofa is about so wide. */
    private static final double SEAT_WIDE = 780;

    private static final double FOOT = 90;

    private Seats() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.SEATS, Stand.AT_WALL);
        var free = new Shelf(Group.SEATS, Stand.FREE);
        return List.of(
                wall.kind("sofa", "Sofa", Seats::sofa)
                        .called("couch settee")
                        .mm(2200, 950, 800)
                        .mm(1600, 900, 800)
                        .mm(1900, 900, 800)
                        .mm(2500, 1000, 800)
                        .in(84, 38, 32)
                        .in(62, 36, 32)
                        .in(96, 40, 32),
                free.kind("armchair", "Armchair", Seats::armchair)
                        .called("easy chair")
                        .mm(850, 850, 800)
                        .mm(750, 800, 800)
                        .mm(950, 900, 800)
                        .in(34, 34, 32),
                wall.kind("corner-sofa", "Corner sofa", Seats::cornerSofa)
                        .called("l-shaped sectional couch")
                        .mm(2700, 2100, 800)
                        .mm(2400, 1700, 800)
                        .mm(3100, 2400, 800),
                free.kind("chair", "Chair", Seats::chair).called("dining chair").mm(450, 520, 860),
                wall.kind("bench", "Bench", Seats::bench)
                        .mm(1400, 450, 450)
                        .mm(1100, 400, 450)
                        .mm(1800, 450, 450),
                free.kind("footstool", "Footstool", Seats::footstool)
                        .called("ottoman")
                        .mm(650, 450, 420)
                        .mm(900, 600, 420),
                wall.kind("chaise-sofa", "Sofa with long seat", Seats::chaiseSofa)
                        .called("chaise longue couch")
                        .mm(2600, 1600, 800)
                        .mm(2300, 1500, 800),
                wall.kind("sofa-unit", "Sofa unit, without arms", Seats::sofaUnit)
                        .called("modular module sectional")
                        .mm(900, 950, 800)
                        .mm(750, 950, 800),
                wall.kind("sofa-bed", "Sofa bed", Seats::sofaBed)
                        .called("sleeper couch")
                        .mm(2000, 950, 850)
                        .mm(1600, 950, 850)
                        .in(78, 38, 34),
                wall.kind("day-bed", "Day bed", Seats::dayBed)
                        .mm(2050, 900, 700)
                        .mm(1900, 800, 700),
                free.kind("tub-chair", "Tub chair", Seats::tubChair)
                        .called("round armchair")
                        .mm(720, 700, 760),
                free.kind("wing-chair", "Wing chair", Seats::wingChair).mm(780, 850, 1080),
                free.kind("recliner", "Recliner", Seats::recliner)
                        .called("rise tilt chair")
                        .mm(860, 950, 1050),
                free.kind("lounge-chair", "Lounge chair with footstool", Seats::loungeChair)
                        .mm(800, 1500, 900),
                free.kind("rocking-chair", "Rocking chair", Seats::rockingChair).mm(620, 850, 1000),
                free.kind("pouffe", "Pouffe", Seats::pouffe)
                        .called("round footstool")
                        .mm(550, 550, 400)
                        .mm(400, 400, 400),
                free.kind("bean-bag", "Bean bag", Seats::beanBag).mm(900, 950, 700),
                free.kind("carver", "Chair with arms", Seats::carver)
                        .called("dining armchair")
                        .mm(570, 560, 860),
                free.kind("stool", "Stool", Seats::stool).mm(360, 360, 450),
                free.kind("bar-stool", "Bar stool", Seats::barStool)
                        .called("high stool")
                        .mm(380, 380, 700)
                        .mm(380, 380, 780),
                wall.kind("window-seat", "Window seat", Seats::windowSeat).mm(1600, 500, 450),
                wall.kind("corner-bench", "Corner bench", Seats::cornerBench)
                        .called("breakfast nook banquette")
                        .mm(1800, 1400, 850));
    }

    private static void sofa(PiecePen pen) {
        upholstered(pen, Math.min(190, 2 * pen.w * 0.12), PiecePen.many(2 * pen.w, SEAT_WIDE, 1));
        pen.on(Level.TOP, () -> {
            pen.cushion(-pen.w + 420, pen.d - 330, 430, 190, 12, Role.CUSHION, Detail.DRAWN);
            if (pen.w > 850) {
                pen.cushion(pen.w - 430, pen.d - 335, 430, 190, -14, Role.CUSHION_COOL, Detail.DRAWN);
            }
        });
    }

    private static void armchair(PiecePen pen) {
        upholstered(pen, Math.min(150, 2 * pen.w * 0.18), 1);
    }

    private static double backOf(PiecePen pen) {
        return Math.min(220, 2 * pen.d * 0.24);
    }

    /** Back, two arms, and seat cushions of equal width between them. */
    private static void upholstered(PiecePen pen, double arm, int seats) {
        var w = pen.w;
        var d = pen.d;
        var back = backOf(pen);
        pen.standing(-w, -d, w, d, FOOT, PiecePen.SEAT - 20, 30, Role.TEXTILE);
        pen.standing(-w, d - back, w, d, FOOT, pen.h, 40, Role.TEXTILE);
        for (var x : new double[] {-w, w - arm}) {
            pen.standing(x, -d, x + arm, d, FOOT, Math.min(pen.h, 620), 40, Role.TEXTILE);
        }
        feet(pen);
        pen.box(-w, -d, w, d, SymbolPen.SOFT, Role.TEXTILE);
        var inside = 2 * w - 2 * arm;
        for (var i = 0; i < seats; i++) {
            var x = -w + arm + inside * i / seats;
            pen.standing(
                    x, -d - 12, x + inside / seats, d - back, PiecePen.SEAT - 110, PiecePen.SEAT, 35, Role.TEXTILE);
            pen.innerBox(x, -d - 12, x + inside / seats, d - back, SymbolPen.SOFT * 0.9, Role.TEXTILE, Detail.PLAIN);
            pen.inner(x + 70, d - back - 70, x + inside / seats - 70, d - back - 70, Detail.RICH);
        }
        pen.inner(-w + arm, d - back, w - arm, d - back, Detail.PLAIN);
        pen.inner(-w + arm, -d + 30, -w + arm, d - back, Detail.PLAIN);
        pen.inner(w - arm, -d + 30, w - arm, d - back, Detail.PLAIN);
    }

    private static void feet(PiecePen pen) {
        pen.legs(0, FOOT, 40, 60, Role.TIMBER_DARK);
    }

    /** A long seat and a shorter one at its right end, joined in the corner behind. */
    private static void cornerSofa(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var arm = 170.0;
        var deep = Math.min(950, d * 1.4);
        var back = Math.min(220, deep * 0.24);
        pen.standing(-w, d - deep, w, d, FOOT, PiecePen.SEAT, 30, Role.TEXTILE);
        pen.standing(w - deep, -d, w, d, FOOT, PiecePen.SEAT, 30, Role.TEXTILE);
        pen.standing(-w, d - back, w, d, FOOT, pen.h, 40, Role.TEXTILE);
        pen.standing(w - back, -d, w, d, FOOT, pen.h, 40, Role.TEXTILE);
        feet(pen);
        var all = Figure.builder();
        all.moveTo(-w, d);
        all.lineTo(w, d);
        all.lineTo(w, -d);
        all.lineTo(w - deep, -d);
        all.lineTo(w - deep, d - deep);
        all.lineTo(-w, d - deep);
        all.close();
        pen.shape(all.build(), Role.TEXTILE, Edge.OUTLINE, Detail.PLAIN);
        var along = 2 * w - deep - arm;
        var seats = PiecePen.many(along, SEAT_WIDE, 1);
        for (var i = 0; i < seats; i++) {
            var x = -w + arm + along * i / seats;
            pen.innerBox(x, d - deep, x + along / seats, d - back, 40, Role.TEXTILE, Detail.PLAIN);
        }
        pen.innerBox(w - deep, d - deep, w - back, d - back, 40, Role.TEXTILE, Detail.PLAIN);
        var down = 2 * d - deep - arm;
        var fewer = PiecePen.many(down, SEAT_WIDE, 1);
        for (var i = 0; i < fewer; i++) {
            var y = -d + arm + down * i / fewer;
            pen.innerBox(w - deep, y, w - back, y + down / fewer, 40, Role.TEXTILE, Detail.PLAIN);
        }
        pen.inner(-w + arm, d - deep, -w + arm, d, Detail.PLAIN);
        pen.inner(w - deep, -d + arm, w, -d + arm, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.cushion(w - back - 190, d - back - 190, 430, 180, -45, Role.CUSHION, Detail.DRAWN);
            pen.cushion(-w + arm + 260, d - back - 110, 420, 180, 10, Role.CUSHION_COOL, Detail.DRAWN);
        });
    }

    /** A sofa whose right seat reaches to the front. */
    private static void chaiseSofa(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var deep = Math.min(950, 2 * d);
        var wide = Math.min(950, w);
        var arm = 170.0;
        var back = 210.0;
        pen.standing(-w, d - deep, w, d, FOOT, PiecePen.SEAT, 30, Role.TEXTILE);
        pen.standing(w - wide, -d, w, d, FOOT, PiecePen.SEAT, 30, Role.TEXTILE);
        pen.standing(-w, d - back, w, d, FOOT, pen.h, 40, Role.TEXTILE);
        pen.standing(-w, d - deep, -w + arm, d, FOOT, 620, 40, Role.TEXTILE);
        feet(pen);
        pen.box(-w, d - deep, w, d, SymbolPen.SOFT, Role.TEXTILE);
        pen.box(w - wide, -d, w, d, SymbolPen.SOFT, Role.TEXTILE);
        var along = 2 * w - wide - arm;
        var seats = PiecePen.many(along, SEAT_WIDE, 1);
        for (var i = 0; i < seats; i++) {
            var x = -w + arm + along * i / seats;
            pen.innerBox(x, d - deep - 10, x + along / seats, d - back, 40, Role.TEXTILE, Detail.PLAIN);
        }
        pen.innerBox(w - wide, -d, w, d - back, 40, Role.TEXTILE, Detail.PLAIN);
        pen.inner(-w + arm, d - deep + 30, -w + arm, d - back, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.cushion(w - wide / 2, d - back - 120, 460, 190, -8, Role.CUSHION, Detail.DRAWN);
            pen.cushion(-w + arm + 270, d - back - 110, 430, 180, 12, Role.CUSHION_COOL, Detail.DRAWN);
        });
    }

    /** A back and a seat, to stand beside others. */
    private static void sofaUnit(PiecePen pen) {
        var back = backOf(pen);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, FOOT, PiecePen.SEAT, 30, Role.TEXTILE);
        pen.standing(-pen.w, pen.d - back, pen.w, pen.d, FOOT, pen.h, 40, Role.TEXTILE);
        feet(pen);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 25, Role.TEXTILE);
        pen.innerBox(-pen.w + 8, -pen.d - 10, pen.w - 8, pen.d - back, 40, Role.TEXTILE, Detail.PLAIN);
    }

    /** A sofa with the line of the bed that is folded in it. */
    private static void sofaBed(PiecePen pen) {
        upholstered(pen, 110, PiecePen.many(2 * pen.w, 950, 1));
        pen.line(
                SymbolPen.boxPath(-pen.w + 110, -pen.d - 10, pen.w - 110, pen.d - backOf(pen) - 130, 10),
                Edge.INNER,
                Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.cushion(-pen.w / 2, pen.d - 300, 600, 220, 0, Role.LINEN, Detail.DRAWN);
            pen.cushion(pen.w / 2, pen.d - 300, 600, 220, 0, Role.LINEN, Detail.DRAWN);
        });
    }

    /** A mattress within a low rail on three sides. */
    private static void dayBed(PiecePen pen) {
        var rail = 45.0;
        pen.legs(0, 250, 50, 10, Role.TIMBER);
        pen.standing(-pen.w, pen.d - rail, pen.w, pen.d, 200, pen.h, 8, Role.TIMBER);
        for (var x : new double[] {-pen.w, pen.w - rail}) {
            pen.standing(x, -pen.d, x + rail, pen.d, 200, pen.h, 8, Role.TIMBER);
        }
        pen.standing(-pen.w + rail, -pen.d, pen.w - rail, pen.d - rail, 230, PiecePen.SEAT, 40, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + rail, -pen.d + 15, pen.w - rail, pen.d - rail, 40, Role.LINEN, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            var many = PiecePen.many(2 * pen.w - 300, 620, 2);
            for (var i = 0; i < many; i++) {
                var x = -pen.w + rail + (2 * pen.w - 2 * rail) * (i + 0.5) / many;
                pen.cushion(x, pen.d - 150, 520, 190, 0, i % 2 == 0 ? Role.CUSHION : Role.CUSHION_COOL, Detail.DRAWN);
            }
        });
    }

    /** A round back that runs into arms. */
    private static void tubChair(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        pen.standing(-w, -d * 0.6, w, d, 130, PiecePen.SEAT, 60, Role.TEXTILE);
        pen.standing(-w, -d * 0.2, w, d, PiecePen.SEAT, pen.h, 90, Role.TEXTILE);
        pen.legs(0, 130, 30, 90, Role.TIMBER_DARK);
        var shell = Figure.builder();
        shell.moveTo(-w, -d);
        shell.curveTo(-w * 1.0, d * 0.75, -w * 0.62, d, 0, d);
        shell.curveTo(w * 0.62, d, w, d * 0.75, w, -d);
        shell.lineTo(-w, -d);
        shell.close();
        pen.shape(shell.build(), Role.TEXTILE, Edge.OUTLINE, Detail.PLAIN);
        var t = 110.0;
        var seat = Figure.builder();
        seat.moveTo(-w + t, -d + 8);
        seat.curveTo(-w + t, d * 0.5, -w * 0.45, d - t * 1.2, 0, d - t * 1.2);
        seat.curveTo(w * 0.45, d - t * 1.2, w - t, d * 0.5, w - t, -d + 8);
        seat.close();
        pen.shape(seat.build(), Role.TEXTILE_WARM, Edge.INNER, Detail.PLAIN);
    }

    /** An armchair with ears on its back. */
    private static void wingChair(PiecePen pen) {
        upholstered(pen, 120, 1);
        var back = backOf(pen);
        for (var side : new double[] {-1, 1}) {
            var x = side * pen.w;
            pen.standing(x, pen.d - back - 200, x - side * 90, pen.d, 600, pen.h, 40, Role.TEXTILE);
            pen.innerBox(x, pen.d - back - 200, x - side * 85, pen.d, 35, Role.TEXTILE, Detail.PLAIN);
        }
    }

    /** An armchair whose footrest is drawn out a little. */
    private static void recliner(PiecePen pen) {
        upholstered(pen, 160, 1);
        pen.innerBox(-pen.w + 165, -pen.d - 10, pen.w - 165, -pen.d + 230, 30, Role.TEXTILE, Detail.PLAIN);
        pen.inner(-pen.w + 185, pen.d - backOf(pen) + 80, pen.w - 185, pen.d - backOf(pen) + 80, Detail.DRAWN);
    }

    private static void loungeChair(PiecePen pen) {
        var chairDeep = Math.min(850, pen.d * 1.2);
        var y0 = pen.d - chairDeep;
        pen.standing(-pen.w + 60, y0, pen.w - 60, pen.d, 250, 400, 50, Role.TEXTILE);
        pen.standing(-pen.w + 60, pen.d - 260, pen.w - 60, pen.d, 400, pen.h, 60, Role.TEXTILE);
        pen.standing(-60, y0 + 200, 60, pen.d - 200, 0, 250, 8, Role.METAL);
        for (var side : new double[] {-1, 1}) {
            pen.box(side * pen.w, y0 + 160, side * (pen.w - 90), pen.d - 190, 35, Role.TIMBER_DARK);
        }
        pen.box(-pen.w + 70, y0, pen.w - 70, pen.d, 70, Role.TEXTILE);
        pen.innerBox(-pen.w + 110, y0 + 30, pen.w - 110, pen.d - 270, 55, Role.TEXTILE, Detail.PLAIN);
        pen.innerBox(-pen.w + 130, pen.d - 150, pen.w - 130, pen.d - 30, 45, Role.TEXTILE_WARM, Detail.DRAWN);
        var stool = Math.max(200, 2 * pen.d - chairDeep - 120);
        pen.body(-pen.w + 110, -pen.d, pen.w - 110, -pen.d + stool, 200, 400, 60, Role.TEXTILE);
        pen.inner(-pen.w + 150, -pen.d + stool / 2, pen.w - 150, -pen.d + stool / 2, Detail.DRAWN);
    }

    private static void rockingChair(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            var x = side * (pen.w - 30);
            pen.standing(x - 15, -pen.d, x + 15, pen.d, 0, 60, 15, Role.TIMBER);
            pen.box(x - 18, -pen.d, x + 18, pen.d, 15, Role.TIMBER);
        }
        pen.legs(60, 400, 30, 80, Role.TIMBER);
        pen.standing(-pen.w + 60, -pen.d + 120, pen.w - 60, pen.d - 200, 400, 440, 10, Role.TIMBER);
        pen.standing(-pen.w + 60, pen.d - 260, pen.w - 60, pen.d - 190, 440, pen.h, 20, Role.TIMBER);
        pen.box(-pen.w + 60, -pen.d + 120, pen.w - 60, pen.d - 200, 50, Role.TIMBER);
        pen.innerBox(-pen.w + 95, -pen.d + 155, pen.w - 95, pen.d - 270, 40, Role.CUSHION_COOL, Detail.DRAWN);
        pen.box(-pen.w + 50, pen.d - 250, pen.w - 50, pen.d - 190, 20, Role.TIMBER_DARK);
        for (var i = 1; i < 6; i++) {
            var x = -pen.w + 60 + (2 * pen.w - 120) * i / 6;
            pen.inner(x, pen.d - 250, x, pen.d - 190, Detail.DRAWN);
        }
    }

    private static void footstool(PiecePen pen) {
        pen.legs(0, 120, 30, 40, Role.TIMBER_DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 120, pen.h, SymbolPen.SOFT, Role.TEXTILE);
        pen.line(SymbolPen.boxPath(-pen.w + 30, -pen.d + 30, pen.w - 30, pen.d - 30, 30), Edge.INNER, Detail.DRAWN);
    }

    private static void pouffe(PiecePen pen) {
        var round = Figure.builder().ellipse(Point.ORIGIN, pen.w, pen.d).build();
        pen.standing(round.flattened(8), 0, pen.h, 90, Role.TEXTILE_WARM);
        pen.shape(round, Role.TEXTILE_WARM, Edge.OUTLINE, Detail.PLAIN);
        for (var i = 0; i < 8; i++) {
            var a = Point.direction(45.0 * i);
            pen.inner(
                    a.x() * pen.w * 0.12,
                    a.y() * pen.d * 0.12,
                    a.x() * pen.w * 0.96,
                    a.y() * pen.d * 0.96,
                    Detail.DRAWN);
        }
        pen.circle(0, 0, pen.w * 0.09, Role.TEXTILE, Edge.INNER, Detail.DRAWN);
    }

    private static void beanBag(PiecePen pen) {
        var path = Figure.builder();
        path.moveTo(0, -pen.d);
        path.curveTo(pen.w * 0.8, -pen.d, pen.w, -pen.d * 0.5, pen.w * 0.95, 0);
        path.curveTo(pen.w * 0.9, pen.d * 0.6, pen.w * 0.5, pen.d, 0, pen.d);
        path.curveTo(-pen.w * 0.55, pen.d, -pen.w * 0.95, pen.d * 0.55, -pen.w, 0);
        path.curveTo(-pen.w * 1.0, -pen.d * 0.55, -pen.w * 0.75, -pen.d, 0, -pen.d);
        path.close();
        var shape = path.build();
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.6, 150, Role.TEXTILE_WARM);
        pen.standing(-pen.w * 0.7, 0, pen.w * 0.7, pen.d, pen.h * 0.4, pen.h, 150, Role.TEXTILE_WARM);
        pen.shape(shape, Role.TEXTILE_WARM, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, -pen.d * 0.2, pen.w * 0.5, pen.d * 0.42, Role.TEXTILE_WARM, Edge.INNER, Detail.PLAIN);
        pen.inner(0, pen.d * 0.25, pen.w * 0.1, pen.d * 0.9, Detail.DRAWN);
        pen.inner(-pen.w * 0.1, pen.d * 0.25, -pen.w * 0.35, pen.d * 0.82, Detail.RICH);
    }

    private static void chair(PiecePen pen) {
        pen.within(scaled(pen), () -> pen.chair(0, 0, 0, pen.h));
    }

    /** A chair is drawn about its seat, and its back reaches a little farther than it. */
    private static Affine scaled(PiecePen pen) {
        return Affine.scale(2 * pen.w / (PiecePen.CHAIR_WIDE + 16), 2 * pen.d / PiecePen.CHAIR_DEEP);
    }

    private static void carver(PiecePen pen) {
        pen.within(scaled(pen), () -> pen.chair(0, 0, 0, pen.h));
        for (var side : new double[] {-1, 1}) {
            pen.standing(side * pen.w, -pen.d * 0.5, side * (pen.w - 45), pen.d * 0.7, 600, 640, 15, Role.TIMBER_DARK);
            pen.box(side * pen.w, -pen.d * 0.6, side * (pen.w - 45), pen.d * 0.72, 20, Role.TIMBER_DARK);
        }
    }

    private static void stool(PiecePen pen) {
        pen.legs(0, pen.h - 40, 30, 60, Role.TIMBER);
        pen.drum(0, 0, Math.min(pen.w, pen.d), pen.h - 40, pen.h, Role.TIMBER);
        pen.circle(0, 0, Math.min(pen.w, pen.d) * 0.7, Role.TIMBER, Edge.INNER, Detail.DRAWN);
    }

    private static void barStool(PiecePen pen) {
        pen.standing(-pen.w * 0.8, -pen.d * 0.8, pen.w * 0.8, pen.d * 0.8, 0, 20, 6, Role.METAL);
        pen.stool(0, 0, Math.min(pen.w, pen.d), pen.h);
        pen.circle(0, 0, Math.min(pen.w, pen.d) * 0.55, Role.TIMBER_DARK, Edge.INNER, Detail.DRAWN);
        pen.inner(-pen.w * 0.7, pen.d * 0.6, pen.w * 0.7, pen.d * 0.6, Detail.PLAIN);
    }

    private static void bench(PiecePen pen) {
        pen.legs(0, pen.h - 50, 60, 60, Role.TIMBER);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 50, pen.h, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 25, -pen.d + 25, pen.w - 25, pen.d - 25, 40, Role.TEXTILE_WARM, Detail.DRAWN);
        pen.on(Level.TOP, () -> pen.cushion(-pen.w + 300, pen.d - 190, 430, 190, 8, Role.CUSHION_COOL, Detail.DRAWN));
    }

    private static void windowSeat(PiecePen pen) {
        pen.carcass(Role.BODY);
        pen.drawers(-pen.w, pen.w, 70, pen.h - 70, PiecePen.many(2 * pen.w, 700, 1), 1);
        pen.standing(-pen.w + 10, -pen.d + 10, pen.w - 10, pen.d, pen.h - 70, pen.h, 30, Role.TEXTILE_WARM);
        var many = PiecePen.many(2 * pen.w, SEAT_WIDE, 1);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 15 + (2 * pen.w - 30) * i / many;
            pen.innerBox(x, -pen.d + 25, x + (2 * pen.w - 30) / many, pen.d - 15, 35, Role.TEXTILE_WARM, Detail.PLAIN);
        }
        pen.on(Level.TOP, () -> {
            pen.cushion(-pen.w + 170, 0, 300, 360, 10, Role.CUSHION, Detail.DRAWN);
            pen.cushion(pen.w - 170, 0, 300, 360, -12, Role.CUSHION_COOL, Detail.DRAWN);
        });
    }

    private static void cornerBench(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var deep = Math.min(520, d);
        var back = 70.0;
        pen.standing(-w, d - deep, w, d, 0, PiecePen.SEAT, 10, Role.TIMBER);
        pen.standing(w - deep, -d, w, d, 0, PiecePen.SEAT, 10, Role.TIMBER);
        pen.standing(-w, d - back, w, d, PiecePen.SEAT, pen.h, 10, Role.TIMBER);
        pen.standing(w - back, -d, w, d, PiecePen.SEAT, pen.h, 10, Role.TIMBER);
        var all = Figure.builder();
        all.moveTo(-w, d);
        all.lineTo(w, d);
        all.lineTo(w, -d);
        all.lineTo(w - deep, -d);
        all.lineTo(w - deep, d - deep);
        all.lineTo(-w, d - deep);
        all.close();
        pen.shape(all.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.innerBox(-w + 15, d - deep + 15, w - deep - 8, d - back, 30, Role.TEXTILE_WARM, Detail.PLAIN);
        pen.innerBox(w - deep + 8, d - deep + 15, w - back, d - back, 30, Role.TEXTILE_WARM, Detail.PLAIN);
        pen.innerBox(w - deep + 15, -d + 15, w - back, d - deep, 30, Role.TEXTILE_WARM, Detail.PLAIN);
    }
}
