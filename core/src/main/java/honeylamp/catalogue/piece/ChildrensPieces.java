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

/** What children sleep in, sit on and play with. */
final class ChildrensPieces {
    private ChildrensPieces() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.CHILDREN, Stand.AT_WALL);
        var free = new Shelf(Group.CHILDREN, Stand.FREE);
        return List.of(
                wall.kind("cot", "Cot", ChildrensPieces::cot)
                        .called("crib baby bed")
                        .mm(700, 1400, 900)
                        .mm(600, 1200, 900)
                        .in(30, 54, 36),
                free.kind("cradle", "Cradle", ChildrensPieces::cradle)
                        .called("baby bassinet")
                        .mm(500, 900, 700),
                wall.kind("child-bed", "Child's bed", ChildrensPieces::childBed)
                        .called("toddler")
                        .mm(800, 1650, 600),
                wall.kind("changing-table", "Changing table", ChildrensPieces::changing)
                        .called("baby nappy")
                        .mm(900, 550, 950),
                free.kind("child-table", "Children's table with stools", ChildrensPieces::table)
                        .mm(800, 600, 500),
                free.kind("high-chair", "High chair", ChildrensPieces::highChair)
                        .called("baby")
                        .mm(500, 550, 950),
                wall.kind("toy-chest", "Toy chest", ChildrensPieces::toyChest).mm(800, 400, 450),
                wall.kind("play-kitchen", "Play kitchen", ChildrensPieces::playKitchen)
                        .mm(700, 350, 950),
                free.kind("play-tent", "Play tent", ChildrensPieces::tent)
                        .called("tepee teepee")
                        .mm(1200, 1200, 1500),
                free.kind("playpen", "Playpen", ChildrensPieces::playpen).mm(1000, 1000, 700),
                free.kind("rocking-horse", "Rocking horse", ChildrensPieces::horse)
                        .mm(350, 950, 750),
                free.kind("toy-railway", "Toy railway", ChildrensPieces::railway)
                        .called("train")
                        .stands(Stand.UNDERFOOT)
                        .mm(1300, 900, 60));
    }

    private static void bars(PiecePen pen, double bottom, double top) {
        for (var x = -pen.w + 60; x < pen.w - 40; x += 75) {
            pen.front(-pen.d, SymbolPen.boxPath(x, bottom, x + 18, top, 4), Role.TIMBER, Edge.INNER, Detail.DRAWN);
        }
    }

    private static void cot(PiecePen pen) {
        pen.legs(0, pen.h, 40, 0, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 250, 300, 4, Role.TIMBER);
        pen.standing(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 300, 400, 30, Role.LINEN);
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 25, pen.h - 40, pen.h, 6, Role.TIMBER);
        bars(pen, 300, pen.h - 40);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 20, Role.TIMBER);
        pen.innerBox(-pen.w + 35, -pen.d + 35, pen.w - 35, pen.d - 35, 25, Role.LINEN, Detail.PLAIN);
        for (var y = -pen.d + 80; y < pen.d - 60; y += 85) {
            pen.inner(-pen.w, y, -pen.w + 35, y, Detail.DRAWN);
            pen.inner(pen.w - 35, y, pen.w, y, Detail.DRAWN);
        }
        pen.on(Level.TOP, () -> {
            pen.cushion(0, pen.d - 190, 320, 220, 0, Role.LINEN, Detail.PLAIN);
            pen.innerBox(-pen.w + 50, -pen.d + 50, pen.w - 50, pen.d * 0.25, 25, Role.CUSHION_COOL, Detail.PLAIN);
        });
    }

    private static void cradle(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 60, pen.w, -pen.d + 90, 0, 60, 20, Role.TIMBER);
        pen.standing(-pen.w * 0.9, -pen.d, pen.w * 0.9, pen.d, 150, pen.h * 0.75, 60, Role.TIMBER);
        pen.standing(-pen.w * 0.9, pen.d - 40, pen.w * 0.9, pen.d, pen.h * 0.5, pen.h, 40, Role.TIMBER);
        pen.box(-pen.w * 0.85, -pen.d, pen.w * 0.85, pen.d, 60, Role.TIMBER);
        pen.innerBox(-pen.w * 0.7, -pen.d + 45, pen.w * 0.7, pen.d - 45, 50, Role.LINEN, Detail.PLAIN);
        for (var y : new double[] {-pen.d + 120, pen.d - 120}) {
            pen.inner(-pen.w, y, -pen.w * 0.85, y, Detail.PLAIN);
            pen.inner(pen.w * 0.85, y, pen.w, y, Detail.PLAIN);
        }
        pen.on(Level.TOP, () -> {
            pen.cushion(0, pen.d - 150, pen.w * 1.1, 170, 0, Role.LINEN, Detail.PLAIN);
            pen.innerBox(-pen.w * 0.68, -pen.d + 50, pen.w * 0.68, pen.d * 0.2, 40, Role.CUSHION, Detail.PLAIN);
        });
    }

    private static void childBed(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 260, 10, Role.BODY);
        pen.standing(-pen.w, pen.d - 40, pen.w, pen.d, 0, pen.h, 25, Role.BODY);
        pen.standing(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 260, 350, 40, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 25, Role.BODY);
        pen.innerBox(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 30, Role.LINEN, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.cushion(0, pen.d - 230, 480, 280, 0, Role.LINEN, Detail.PLAIN);
            pen.innerBox(-pen.w + 45, -pen.d + 45, pen.w - 45, pen.d * 0.3, 30, Role.CUSHION, Detail.PLAIN);
            for (var i = 0; i < 5; i++) {
                pen.circle(
                        (pen.w - 130) * pen.either(i, 1),
                        -pen.d * 0.35 + pen.d * 0.5 * pen.either(i, 2),
                        45,
                        Role.CUSHION_COOL,
                        Edge.NONE,
                        Detail.DRAWN);
            }
        });
    }

    private static void changing(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.BODY);
        pen.drawers(-pen.w, pen.w, 60, pen.h - 120, 2, 3);
        pen.innerBox(-pen.w + 40, -pen.d + 30, pen.w * 0.4, pen.d - 40, 50, Role.LINEN, Detail.PLAIN);
        pen.cushion(-pen.w * 0.3, pen.d - 130, 260, 130, 0, Role.CUSHION_COOL, Detail.DRAWN);
        pen.inner(pen.w * 0.45, -pen.d, pen.w * 0.45, pen.d, Detail.DRAWN);
        pen.circle(pen.w * 0.7, 40, 60, Role.CUSHION, Edge.INNER, Detail.DRAWN);
    }

    private static void table(PiecePen pen) {
        pen.stool(-pen.w * 0.5, -pen.d - 90, 140, 300);
        pen.stool(pen.w * 0.5, -pen.d - 90, 140, 300);
        pen.stool(-pen.w * 0.5, pen.d + 90, 140, 300);
        pen.stool(pen.w * 0.5, pen.d + 90, 140, 300);
        pen.table(25, 30, 40, Role.TIMBER);
        pen.on(Level.TOP, () -> {
            pen.within(
                    Affine.turn(12).then(Affine.move(-pen.w * 0.35, 0)),
                    () -> pen.innerBox(-120, -85, 120, 85, 2, Role.LINEN, Detail.DRAWN));
            pen.within(
                    Affine.turn(-50).then(Affine.move(pen.w * 0.3, 60)),
                    () -> pen.innerBox(-80, -7, 80, 7, 5, Role.CUSHION, Detail.DRAWN));
            pen.within(
                    Affine.turn(20).then(Affine.move(pen.w * 0.4, -40)),
                    () -> pen.innerBox(-80, -7, 80, 7, 5, Role.LEAF, Detail.DRAWN));
        });
    }

    private static void highChair(PiecePen pen) {
        pen.legs(0, pen.h * 0.55, 35, 0, Role.TIMBER);
        pen.standing(-pen.w * 0.7, -pen.d * 0.3, pen.w * 0.7, pen.d, pen.h * 0.55, pen.h * 0.6, 12, Role.TEXTILE);
        pen.standing(-pen.w * 0.7, pen.d - 50, pen.w * 0.7, pen.d, pen.h * 0.6, pen.h, 30, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d * 0.1, pen.h * 0.72, pen.h * 0.75, 10, Role.BODY);
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.box(x, -pen.d + 60, x + 40, pen.d, 8, Role.TIMBER);
        }
        pen.box(-pen.w * 0.7, -pen.d * 0.3, pen.w * 0.7, pen.d, 50, Role.TEXTILE);
        pen.inner(-pen.w * 0.6, pen.d - 60, pen.w * 0.6, pen.d - 60, Detail.PLAIN);
        pen.box(-pen.w, -pen.d, pen.w, -pen.d * 0.1, 60, Role.BODY);
        pen.circle(pen.w * 0.3, -pen.d * 0.5, 55, Role.CUSHION, Edge.INNER, Detail.DRAWN);
    }

    private static void toyChest(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 25, -pen.d + 25, pen.w - 25, pen.d - 25, 8, Role.TIMBER_DARK, Detail.PLAIN);
        for (var i = 0; i < 7; i++) {
            var x = -pen.w + 110 + (2 * pen.w - 220) * i / 6;
            var role = i % 3 == 0 ? Role.CUSHION : i % 3 == 1 ? Role.CUSHION_COOL : Role.LINEN;
            pen.circle(x, (pen.d - 110) * pen.either(i, 1), 55, role, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void playKitchen(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.58, 8, Role.BODY);
        pen.standing(-pen.w, pen.d - 40, pen.w, pen.d, pen.h * 0.58, pen.h, 8, Role.BODY);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.BODY);
        pen.circle(-pen.w * 0.5, -20, 75, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(pen.w * 0.35, -20, 60, Role.DARK, Edge.INNER, Detail.PLAIN);
        pen.circle(pen.w * 0.75, -20, 45, Role.DARK, Edge.INNER, Detail.PLAIN);
        pen.inner(-pen.w, pen.d - 50, pen.w, pen.d - 50, Detail.PLAIN);
        pen.doors(-pen.w, pen.w, 40, pen.h * 0.55, 2);
    }

    private static void tent(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.55, 30, Role.LINEN);
        pen.standing(-pen.w * 0.5, -pen.d * 0.5, pen.w * 0.5, pen.d * 0.5, pen.h * 0.5, pen.h, 60, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 20, Role.LINEN);
        for (var sx : new double[] {-1, 1}) {
            for (var sy : new double[] {-1, 1}) {
                pen.line(Figure.line(Point.ORIGIN, new Point(sx * pen.w, sy * pen.d)), Edge.OUTLINE, Detail.PLAIN);
            }
        }
        var door = Figure.builder();
        door.moveTo(0, -60);
        door.lineTo(-pen.w * 0.4, -pen.d);
        door.lineTo(pen.w * 0.4, -pen.d);
        door.close();
        pen.shape(door.build(), Role.CUSHION, Edge.INNER, Detail.PLAIN);
    }

    private static void playpen(PiecePen pen) {
        pen.legs(0, pen.h, 40, 0, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 30, pen.h - 50, pen.h, 6, Role.TIMBER);
        bars(pen, 40, pen.h - 50);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 30, Role.TIMBER);
        pen.innerBox(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 20, Role.TEXTILE_WARM, Detail.PLAIN);
        pen.circle(-pen.w * 0.35, pen.d * 0.2, 90, Role.CUSHION, Edge.INNER, Detail.DRAWN);
        pen.within(
                Affine.turn(25).then(Affine.move(pen.w * 0.3, -pen.d * 0.25)),
                () -> pen.innerBox(-55, -55, 55, 55, 4, Role.CUSHION_COOL, Detail.DRAWN));
    }

    private static void horse(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            var x = side * (pen.w - 25);
            pen.standing(x - 20, -pen.d, x + 20, pen.d, 0, 60, 25, Role.TIMBER_DARK);
            pen.box(x - 22, -pen.d, x + 22, pen.d, 15, Role.TIMBER_DARK);
        }
        pen.standing(-pen.w * 0.45, -pen.d * 0.5, pen.w * 0.45, pen.d * 0.6, 250, 520, 60, Role.TIMBER);
        pen.standing(-pen.w * 0.3, -pen.d * 0.85, pen.w * 0.3, -pen.d * 0.35, 420, pen.h, 50, Role.TIMBER);
        pen.oval(0, pen.d * 0.05, pen.w * 0.5, pen.d * 0.6, Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, -pen.d * 0.65, pen.w * 0.32, pen.d * 0.26, Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.innerBox(-pen.w * 0.5, -pen.d * 0.12, pen.w * 0.5, pen.d * 0.25, 20, Role.CUSHION, Detail.PLAIN);
        pen.inner(-pen.w * 0.8, -pen.d * 0.45, pen.w * 0.8, -pen.d * 0.45, Detail.PLAIN);
    }

    private static void railway(PiecePen pen) {
        for (var in : new double[] {0, 55}) {
            pen.line(
                    Figure.builder()
                            .ellipse(Point.ORIGIN, pen.w - in, pen.d - in)
                            .build(),
                    Edge.OUTLINE,
                    Detail.PLAIN);
        }
        for (var i = 0; i < 40; i++) {
            var a = Point.direction(9.0 * i);
            pen.inner(a.x() * (pen.w - 60), a.y() * (pen.d - 60), a.x() * pen.w, a.y() * pen.d, Detail.DRAWN);
        }
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 4, Role.TIMBER);
        for (var i = 0; i < 3; i++) {
            var x = -170 + 150.0 * i;
            pen.innerBox(
                    x, -pen.d - 10, x + 130, -pen.d + 65, 15, i == 0 ? Role.CUSHION : Role.CUSHION_COOL, Detail.PLAIN);
        }
    }
}
