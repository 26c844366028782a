package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Counters, units, appliances and sinks. */
final class Kitchen {
    private static final double HOB = 580;
    private static final double SINK = 860;

    private Kitchen() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.KITCHEN, Stand.AT_WALL);
        var free = new Shelf(Group.KITCHEN, Stand.FREE);
        var above = new Shelf(Group.KITCHEN, Stand.ABOVE);
        return List.of(
                wall.kind("base-units", "Base units, sink and hob", Kitchen::baseUnits)
                        .called("kitchen run counter")
                        .mm(2800, 600, 900)
                        .mm(2000, 600, 900)
                        .mm(3600, 600, 900)
                        .in(108, 24, 36)
                        .in(84, 24, 36),
                wall.kind("refrigerator", "Refrigerator", Kitchen::refrigerator)
                        .called("fridge freezer")
                        .mm(600, 650, 1800)
                        .mm(550, 600, 850)
                        .mm(700, 700, 1900)
                        .in(30, 32, 66)
                        .in(24, 26, 60),
                wall.kind("cooker", "Cooker with oven", Kitchen::cooker)
                        .called("range stove")
                        .mm(600, 600, 900)
                        .mm(500, 600, 900)
                        .mm(900, 600, 900)
                        .in(30, 26, 36)
                        .in(36, 26, 36),
                wall.kind("dishwasher", "Dishwasher", Kitchen::dishwasher)
                        .mm(600, 600, 850)
                        .mm(450, 600, 850)
                        .in(24, 24, 34),
                wall.kind("sink-unit", "Sink, one bowl and drainer", Kitchen::sinkUnit)
                        .mm(900, 600, 900)
                        .mm(800, 600, 900)
                        .mm(1000, 600, 900)
                        .in(33, 24, 36)
                        .in(30, 24, 36),
                above.kind("wall-unit", "Wall unit", Kitchen::wallUnit)
                        .called("upper cabinet cupboard")
                        .hangs(1450)
                        .mm(600, 350, 700)
                        .mm(400, 350, 700)
                        .mm(800, 350, 700)
                        .mm(1200, 350, 700)
                        .in(24, 13, 30)
                        .in(30, 13, 30)
                        .in(36, 13, 30),
                wall.kind("counter", "Counter", Kitchen::counterOnly)
                        .called("worktop base unit")
                        .mm(1200, 600, 900)
                        .mm(600, 600, 900)
                        .mm(1800, 600, 900)
                        .in(48, 24, 36)
                        .in(24, 24, 36),
                wall.kind("base-unit", "Base unit with doors", Kitchen::baseUnit)
                        .called("cabinet cupboard")
                        .mm(600, 600, 900)
                        .mm(300, 600, 900)
                        .mm(400, 600, 900)
                        .mm(450, 600, 900)
                        .mm(500, 600, 900)
                        .mm(800, 600, 900)
                        .mm(900, 600, 900)
                        .mm(1000, 600, 900)
                        .in(24, 24, 36)
                        .in(12, 24, 36)
                        .in(18, 24, 36)
                        .in(30, 24, 36)
                        .in(36, 24, 36),
                wall.kind("base-drawers", "Base unit with drawers", Kitchen::baseDrawers)
                        .called("cabinet")
                        .mm(600, 600, 900)
                        .mm(400, 600, 900)
                        .mm(800, 600, 900)
                        .in(24, 24, 36)
                        .in(18, 24, 36)
                        .in(30, 24, 36),
                wall.kind("corner-unit", "Corner base unit", Kitchen::cornerUnit)
                        .called("cabinet l-shaped")
                        .mm(900, 900, 900)
                        .mm(1000, 1000, 900)
                        .in(36, 36, 36),
                wall.kind("corner-diagonal", "Corner base unit, slanted", Kitchen::cornerDiagonal)
                        .called("cabinet diagonal")
                        .mm(900, 900, 900)
                        .mm(1000, 1000, 900)
                        .in(36, 36, 36),
                wall.kind("sink-double", "Sink, two bowls", Kitchen::sinkDouble)
                        .mm(900, 600, 900)
                        .mm(1000, 600, 900)
                        .in(36, 24, 36),
                wall.kind("hob-unit", "Hob in a base unit", Kitchen::hobUnit)
                        .called("cooktop induction gas rings")
                        .mm(600, 600, 900)
                        .mm(800, 600, 900)
                        .mm(900, 600, 900)
                        .mm(300, 600, 900)
                        .in(30, 24, 36)
                        .in(36, 24, 36),
                wall.kind("oven-tall", "Tall unit with oven", Kitchen::ovenTall)
                        .called("microwave")
                        .mm(600, 600, 2100),
                wall.kind("tall-unit", "Tall unit", Kitchen::tallUnit)
                        .called("larder pantry cabinet")
                        .mm(600, 600, 2100)
                        .mm(400, 600, 2100)
                        .in(24, 24, 84)
                        .in(18, 24, 84),
                wall.kind("refrigerator-double", "Refrigerator, two doors", Kitchen::fridgeDouble)
                        .called("fridge freezer side by side american")
                        .mm(910, 730, 1780)
                        .in(36, 30, 70),
                wall.kind("wine-cooler", "Cooler for bottles", Kitchen::bottles)
                        .called("wine fridge")
                        .mm(300, 600, 850)
                        .mm(600, 600, 850),
                above.kind("hood", "Cooker hood", Kitchen::hood)
                        .called("extractor")
                        .hangs(1550)
                        .mm(600, 480, 700)
                        .mm(900, 480, 700)
                        .in(30, 19, 28)
                        .in(36, 19, 28),
                free.kind("island", "Island with stools", Kitchen::island)
                        .mm(1600, 700, 900)
                        .mm(2000, 900, 900)
                        .mm(2600, 1000, 900)
                        .in(72, 36, 36)
                        .in(96, 40, 36),
                free.kind("island-hob", "Island with hob and stools", Kitchen::islandHob)
                        .mm(2200, 1000, 900)
                        .in(84, 40, 36),
                wall.kind("breakfast-bar", "Breakfast bar with stools", Kitchen::breakfastBar)
                        .mm(1500, 450, 1050),
                free.kind("kitchen-trolley", "Trolley", Kitchen::trolley)
                        .called("cart butcher block")
                        .mm(700, 450, 880),
                wall.kind("waste-sorting", "Waste bins", Kitchen::bins)
                        .called("recycling trash")
                        .mm(600, 400, 600),
                free.kind("microwave", "Microwave oven", Kitchen::microwave)
                        .stands(Stand.ON_TOP)
                        .hangs(900)
                        .mm(500, 380, 290),
                free.kind("coffee-machine", "Coffee machine", Kitchen::coffee)
                        .stands(Stand.ON_TOP)
                        .hangs(900)
                        .mm(280, 380, 360));
    }

    private static void baseUnits(PiecePen pen) {
        CounterArt.counter(pen);
        var wide = 2 * pen.w;
        if (wide >= SINK + HOB + 200) {
            CounterArt.sink(pen, -pen.w + wide * 0.30, SINK, CounterArt.sinkDeep(pen));
            CounterArt.hob(pen, -pen.w + wide * 0.76, HOB, CounterArt.hobDeep(pen));
        } else if (wide >= 500) {
            CounterArt.sink(pen, 0, Math.min(SINK, wide - 100), CounterArt.sinkDeep(pen));
        }
        pen.doors(-pen.w, pen.w, CounterArt.PLINTH, pen.h - CounterArt.TOP, PiecePen.many(wide, 600, 1));
    }

    private static void counterOnly(PiecePen pen) {
        CounterArt.counter(pen);
        pen.doors(-pen.w, pen.w, CounterArt.PLINTH, pen.h - CounterArt.TOP, PiecePen.many(2 * pen.w, 600, 1));
    }

    private static void baseUnit(PiecePen pen) {
        CounterArt.counter(pen);
        var doors = 2 * pen.w > 650 ? 2 : 1;
        pen.doors(-pen.w, pen.w, CounterArt.PLINTH, pen.h - CounterArt.TOP, doors);
        for (var i = 1; i < doors; i++) {
            pen.inner(0, -pen.d, 0, -pen.d + 20, Detail.DRAWN);
        }
    }

    private static void baseDrawers(PiecePen pen) {
        CounterArt.counter(pen);
        pen.drawers(-pen.w, pen.w, CounterArt.PLINTH, pen.h - CounterArt.TOP, 1, 3);
        pen.innerBox(-pen.w * 0.4, -pen.d - 14, pen.w * 0.4, -pen.d - 2, 4, Role.METAL, Detail.DRAWN);
    }

    /** Two faces with the corner cut in between. */
    private static void cornerUnit(PiecePen pen) {
        var deep = Math.min(600, 1.4 * Math.min(pen.w, pen.d));
        pen.standing(-pen.w + 60, -pen.d + 60, pen.w, pen.d, 0, CounterArt.PLINTH, 2, Role.DARK);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, CounterArt.PLINTH, pen.h - CounterArt.TOP, 2, Role.BODY);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - CounterArt.TOP, pen.h, 4, Role.COUNTER);
        pen.doors(-pen.w, pen.w - deep, CounterArt.PLINTH, pen.h - CounterArt.TOP, 1);
        var path = Figure.builder();
        path.moveTo(-pen.w, pen.d);
        path.lineTo(pen.w, pen.d);
        path.lineTo(pen.w, -pen.d);
        path.lineTo(pen.w - deep, -pen.d);
        path.lineTo(pen.w - deep, pen.d - deep);
        path.lineTo(-pen.w, pen.d - deep);
        path.close();
        pen.shape(path.build(), Role.COUNTER, Edge.OUTLINE, Detail.PLAIN);
        pen.inner(pen.w - deep, pen.d - deep, pen.w, pen.d, Detail.DRAWN);
    }

    /** Two sides as deep as their neighbours, and a slanted front between them. */
    private static void cornerDiagonal(PiecePen pen) {
        var deep = Math.min(600, 1.4 * Math.min(pen.w, pen.d));
        var front = new Ring(List.of(
                new Point(-pen.w, pen.d - deep),
                new Point(pen.w - deep, -pen.d),
                new Point(pen.w, -pen.d),
                new Point(pen.w, pen.d),
                new Point(-pen.w, pen.d)));
        pen.standing(front, 0, pen.h - CounterArt.TOP, 2, Role.BODY);
        pen.standing(front, pen.h - CounterArt.TOP, pen.h, 4, Role.COUNTER);
        pen.doors(-pen.w, pen.w - deep, CounterArt.PLINTH, pen.h - CounterArt.TOP, 1);
        pen.shape(Figure.ring(front), Role.COUNTER, Edge.OUTLINE, Detail.PLAIN);
        pen.inner(-pen.w + 30, pen.d - deep + 8, pen.w - deep + 8, -pen.d + 30, Detail.DRAWN);
    }

    private static void sinkUnit(PiecePen pen) {
        baseUnit(pen);
        CounterArt.sink(pen, 0, Math.min(SINK, 2 * pen.w - 40), CounterArt.sinkDeep(pen));
    }

    private static void sinkDouble(PiecePen pen) {
        baseUnit(pen);
        CounterArt.sinkTwo(pen, 0, Math.min(SINK, 2 * pen.w - 40), CounterArt.sinkDeep(pen));
    }

    private static void hobUnit(PiecePen pen) {
        CounterArt.counter(pen);
        pen.drawers(-pen.w, pen.w, CounterArt.PLINTH, pen.h - CounterArt.TOP, 1, 3);
        CounterArt.hob(pen, 0, Math.min(2 * pen.w - 20, 880), CounterArt.hobDeep(pen));
    }

    private static void cooker(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 6, Role.METAL);
        CounterArt.oven(pen, -pen.w + 20, pen.w - 20, 180, pen.h - 140);
        for (var i = 0; i < 5; i++) {
            pen.frontCircle(-pen.w + 2 * pen.w * (i + 0.5) / 5, pen.h - 70, 20, Role.DARK, Detail.DRAWN);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.METAL);
        pen.inner(-pen.w, -pen.d + 45, pen.w, -pen.d + 45, Detail.DRAWN);
        CounterArt.hob(pen, 0, Math.min(2 * pen.w - 30, 860), CounterArt.hobDeep(pen));
    }

    private static void ovenTall(PiecePen pen) {
        CounterArt.tall(pen);
        CounterArt.oven(pen, -pen.w + 10, pen.w - 10, 800, 1390);
        CounterArt.oven(pen, -pen.w + 10, pen.w - 10, 1400, 1780);
        pen.pane(-pen.w, pen.w, CounterArt.PLINTH, 790);
        pen.pane(-pen.w, pen.w, 1790, pen.h);
        pen.innerBox(-pen.w + 40, -pen.d - 25, pen.w - 40, -pen.d - 8, 6, Role.METAL, Detail.PLAIN);
    }

    private static void tallUnit(PiecePen pen) {
        CounterArt.tall(pen);
        pen.doors(-pen.w, pen.w, CounterArt.PLINTH, pen.h * 0.62, 1);
        pen.doors(-pen.w, pen.w, pen.h * 0.62, pen.h, 1);
    }

    private static void dishwasher(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 40, pen.w, pen.d, 0, CounterArt.PLINTH, 2, Role.DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, CounterArt.PLINTH, pen.h, 6, Role.METAL);
        pen.pane(-pen.w, pen.w, CounterArt.PLINTH, pen.h - 120);
        pen.frontBox(-pen.w + 60, pen.h - 165, pen.w - 60, pen.h - 150, 6, Role.METAL);
        pen.inner(-pen.w, -pen.d + 30, pen.w, -pen.d + 30, Detail.PLAIN);
        for (var x = -pen.w + 70; x < pen.w - 50; x += 55) { // plates in a rack
            pen.oval(x, 10, 10, Math.min(115, pen.d * 0.5), Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void refrigerator(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 55, pen.w, pen.d, 20, pen.h, 12, Role.BODY);
        pen.box(-pen.w, -pen.d + 55, pen.w, pen.d, SymbolPen.CRISP, Role.BODY);
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 50, 20, pen.h, 10, Role.METAL);
        pen.box(-pen.w, -pen.d, pen.w, -pen.d + 50, 10, Role.METAL);
        if (pen.h > 1200) {
            pen.frontLine(-pen.w, pen.h * 0.38, pen.w, pen.h * 0.38, Detail.PLAIN);
        }
        pen.frontBox(pen.w - 70, pen.h * 0.45, pen.w - 52, pen.h * 0.68, 6, Role.DARK);
        pen.innerBox(pen.w - 80, -pen.d - 38, pen.w - 55, -pen.d, 6, Role.METAL, Detail.DRAWN);
        cold(pen);
    }

    /** A snowflake of three bars: cold, without words. */
    private static void cold(PiecePen pen) {
        for (var i = 0; i < 3; i++) {
            var u = Point.direction(90 + 60.0 * i).times(Math.min(90, pen.w * 0.35));
            pen.inner(-u.x(), 30 - u.y(), u.x(), 30 + u.y(), Detail.PLAIN);
        }
    }

    private static void fridgeDouble(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 55, pen.w, pen.d, 20, pen.h, 12, Role.METAL);
        pen.box(-pen.w, -pen.d + 55, pen.w, pen.d, SymbolPen.CRISP, Role.METAL);
        for (var side : new double[] {-1, 1}) {
            pen.standing(side * pen.w, -pen.d, side * 4, -pen.d + 50, 20, pen.h, 10, Role.METAL);
            pen.box(side * pen.w, -pen.d, side * 4, -pen.d + 50, 10, Role.METAL);
            pen.frontBox(side * 50, pen.h * 0.35, side * 34, pen.h * 0.7, 6, Role.DARK);
            pen.innerBox(side * 60, -pen.d - 38, side * 38, -pen.d, 6, Role.METAL, Detail.DRAWN);
        }
        cold(pen);
    }

    private static void bottles(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 6, Role.DARK);
        pen.frontBox(-pen.w + 40, 110, pen.w - 40, pen.h - 40, 4, Role.GLASS);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.METAL);
        var many = PiecePen.many(2 * pen.w - 60, 110, 2);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 30 + (2 * pen.w - 60) * (i + 0.5) / many;
            pen.innerBox(x - 38, -pen.d * 0.1, x + 38, pen.d - 60, 20, Role.LEAF_DEEP, Detail.PLAIN);
            pen.innerBox(x - 14, -pen.d * 0.5, x + 14, -pen.d * 0.1, 8, Role.LEAF_DEEP, Detail.PLAIN);
        }
    }

    private static void wallUnit(PiecePen pen) {
        pen.whole(4, Role.BODY);
        pen.doors(-pen.w, pen.w, 0, pen.h, PiecePen.many(2 * pen.w, 450, 1));
    }

    private static void hood(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 120, 4, Role.METAL);
        pen.standing(-150, pen.d - 300, 150, pen.d, 120, pen.h, 4, Role.METAL);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.METAL);
        pen.box(-150, pen.d - 300, 150, pen.d, 4, Role.METAL);
    }

    private static void stools(PiecePen pen) {
        var stools = Math.max(1, (int) (2 * pen.w / 650));
        for (var i = 0; i < stools; i++) {
            pen.stool(-pen.w + 2 * pen.w * (i + 0.5) / stools, -pen.d - 60, 185, Math.min(650, pen.h));
        }
    }

    private static void island(PiecePen pen) {
        stools(pen);
        pen.standing(-pen.w + 20, -pen.d + 250, pen.w - 20, pen.d - 20, 0, pen.h - CounterArt.TOP, 4, Role.BODY);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - CounterArt.TOP, pen.h, SymbolPen.CRISP, Role.COUNTER);
    }

    private static void islandHob(PiecePen pen) {
        island(pen);
        pen.within(
                Affine.move(0, pen.d - 330),
                () -> CounterArt.hob(pen, -pen.w * 0.45, Math.min(780, pen.w * 0.8), CounterArt.hobDeep(pen)));
        pen.dish(pen.w * 0.5, 0, 140, Role.TIMBER, Detail.DRAWN);
    }

    private static void breakfastBar(PiecePen pen) {
        stools(pen);
        pen.standing(pen.w - 60, -pen.d, pen.w, pen.d, 0, pen.h - CounterArt.TOP, 4, Role.TIMBER);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - CounterArt.TOP, pen.h, 20, Role.TIMBER);
        pen.grain(30);
    }

    private static void trolley(PiecePen pen) {
        pen.table(50, SymbolPen.CRISP, 45, Role.TIMBER);
        pen.standing(-pen.w + 30, -pen.d + 30, pen.w - 30, pen.d - 30, 250, 275, 4, Role.METAL);
        pen.grain(30);
        pen.innerBox(-pen.w - 60, -pen.d + 60, -pen.w - 40, pen.d - 60, 8, Role.METAL, Detail.PLAIN);
        pen.dish(pen.w * 0.45, 0, 110, Role.BODY, Detail.DRAWN);
    }

    private static void bins(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 300, 1);
        for (var i = 0; i < many; i++) {
            var a = -pen.w + 2 * pen.w * i / many + 6;
            var b = -pen.w + 2 * pen.w * (i + 1) / many - 6;
            pen.body(a, -pen.d, b, pen.d, 0, pen.h, 35, i % 2 == 0 ? Role.METAL : Role.LEAF);
            pen.innerBox(a + 25, -pen.d + 25, b - 25, pen.d - 25, 25, Role.METAL, Detail.DRAWN);
            pen.inner(a + 25, pen.d - 60, b - 25, pen.d - 60, Detail.PLAIN);
        }
    }

    private static void microwave(PiecePen pen) {
        pen.whole(10, Role.METAL);
        pen.inner(-pen.w, -pen.d + 25, pen.w, -pen.d + 25, Detail.PLAIN);
        pen.frontBox(-pen.w + 25, 30, pen.w - 130, pen.h - 30, 6, Role.DARK);
        pen.frontBox(pen.w - 105, 30, pen.w - 25, pen.h - 30, 6, Role.DARK);
    }

    private static void coffee(PiecePen pen) {
        pen.whole(15, Role.DARK);
        pen.innerBox(-pen.w + 25, -pen.d + 20, pen.w - 25, -pen.d + 130, 6, Role.METAL, Detail.PLAIN);
        pen.circle(0, pen.d * 0.35, pen.w * 0.45, Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.frontBox(-pen.w + 30, 40, pen.w - 30, pen.h * 0.55, 6, Role.METAL);
    }
}
