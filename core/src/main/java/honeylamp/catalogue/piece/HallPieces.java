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

/** Where one comes in and takes off coat and shoes. */
final class HallPieces {
    private HallPieces() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.HALL, Stand.AT_WALL);
        var free = new Shelf(Group.HALL, Stand.FREE);
        return List.of(
                wall.kind("coat-hooks", "Row of coat hooks", HallPieces::hooks)
                        .called("coat rack pegs")
                        .mm(900, 330, 350)
                        .hangs(1500),
                free.kind("coat-stand", "Coat stand", HallPieces::stand).mm(500, 500, 1800),
                wall.kind("hall-stand", "Hall stand with bench", HallPieces::hallStand)
                        .called("coat bench")
                        .mm(1000, 420, 1900),
                wall.kind("shoe-cabinet", "Shoe cabinet", HallPieces::shoes)
                        .mm(800, 200, 1000)
                        .mm(1000, 350, 1100),
                wall.kind("shoe-bench", "Shoe bench", HallPieces::shoeBench).mm(900, 380, 450),
                wall.kind("umbrella-stand", "Umbrella stand", HallPieces::umbrellas)
                        .mm(250, 250, 550),
                wall.kind("mirror-standing", "Standing mirror", HallPieces::mirror)
                        .called("cheval dressing")
                        .mm(600, 350, 1700),
                wall.kind("key-shelf", "Shelf for keys and post", HallPieces::keyShelf)
                        .mm(600, 220, 200)
                        .hangs(1000));
    }

    private static void hooks(PiecePen pen) {
        pen.standing(-pen.w, pen.d - 25, pen.w, pen.d, pen.h - 120, pen.h, 4, Role.TIMBER);
        pen.box(-pen.w, pen.d - 25, pen.w, pen.d, 4, Role.TIMBER);
        var many = PiecePen.many(2 * pen.w, 150, 2);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.inner(x, pen.d - 25, x, pen.d - 90, Detail.PLAIN);
            pen.circle(x, pen.d - 95, 14, Role.METAL, Edge.INNER, Detail.PLAIN);
            if (pen.chance(i, 1) > 0.45) {
                pen.cushion(x, -pen.d + 130, 130, 250, 0, i % 2 == 0 ? Role.TEXTILE : Role.TEXTILE_WARM, Detail.DRAWN);
            }
            pen.front(-pen.d, Figure.circle(new Point(x, pen.h - 70), 16), Role.METAL, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void stand(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-r * 0.7, -r * 0.7, r * 0.7, r * 0.7, 0, 40, 10, Role.TIMBER_DARK);
        pen.standing(-20, -20, 20, 20, 40, pen.h, 10, Role.TIMBER_DARK);
        pen.standing(-r, -20, r, 20, pen.h - 150, pen.h - 110, 15, Role.TIMBER_DARK);
        pen.circle(0, 0, r * 0.7, Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        for (var i = 0; i < 6; i++) {
            var a = Point.direction(60.0 * i);
            pen.inner(0, 0, a.x() * r, a.y() * r, Detail.PLAIN);
            pen.circle(a.x() * (r - 18), a.y() * (r - 18), 18, Role.TIMBER, Edge.INNER, Detail.PLAIN);
        }
        pen.circle(0, 0, 32, Role.TIMBER, Edge.INNER, Detail.PLAIN);
    }

    private static void hallStand(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 450, 6, Role.TIMBER);
        pen.standing(-pen.w, pen.d - 30, pen.w, pen.d, 450, pen.h, 6, Role.TIMBER);
        pen.standing(-pen.w, pen.d - 260, pen.w, pen.d, pen.h - 30, pen.h, 4, Role.TIMBER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 50, 30, Role.TEXTILE_WARM, Detail.DRAWN);
        var many = PiecePen.many(2 * pen.w, 200, 2);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.circle(x, pen.d - 55, 14, Role.METAL, Edge.INNER, Detail.PLAIN);
            pen.front(pen.d - 30, Figure.circle(new Point(x, pen.h - 250), 16), Role.METAL, Edge.INNER, Detail.PLAIN);
        }
        pen.shelves(-pen.w, pen.w, 0, 400, PiecePen.many(2 * pen.w, 450, 1), 2);
    }

    private static void shoes(PiecePen pen) {
        pen.carcass(Role.BODY);
        pen.drawers(-pen.w, pen.w, 60, pen.h - 20, 1, PiecePen.many(pen.h - 80, 320, 1));
        pen.dish(-pen.w * 0.5, 0, Math.min(70, pen.d * 0.6), Role.CUSHION_COOL, Detail.DRAWN);
    }

    private static void shoeBench(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.TIMBER);
        pen.shelves(-pen.w, pen.w, 0, pen.h - 60, 2, 2);
        pen.innerBox(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 20, 35, Role.TEXTILE, Detail.PLAIN);
        pen.inner(0, -pen.d + 20, 0, pen.d - 20, Detail.DRAWN);
    }

    private static void umbrellas(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.drum(0, 0, r, 0, pen.h, Role.METAL);
        pen.circle(0, 0, r - 18, Role.DARK, Edge.INNER, Detail.PLAIN);
        pen.inner(-r * 0.4, r * 0.1, r * 0.5, r * 0.35, Detail.PLAIN);
        pen.inner(-r * 0.2, -r * 0.5, r * 0.3, r * 0.4, Detail.PLAIN);
    }

    private static void mirror(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 60, 0, 60, 8, Role.TIMBER);
        pen.standing(-pen.w, -40, pen.w, 20, 60, pen.h, 20, Role.TIMBER);
        pen.front(
                -60,
                SymbolPen.boxPath(-pen.w + 45, 110, pen.w - 45, pen.h - 45, 16),
                Role.GLASS,
                Edge.INNER,
                Detail.PLAIN);
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.box(x, -pen.d, x + 40, pen.d, 8, Role.TIMBER);
        }
        pen.box(-pen.w, -35, pen.w, 15, 6, Role.TIMBER);
        pen.innerBox(-pen.w + 45, -35, pen.w - 45, -10, 4, Role.GLASS, Detail.PLAIN);
    }

    private static void keyShelf(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 40, pen.h, 4, Role.TIMBER);
        pen.standing(-pen.w, pen.d - 20, pen.w, pen.d, 0, pen.h, 4, Role.TIMBER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.TIMBER);
        pen.on(Level.TOP, () -> {
            pen.circle(-pen.w * 0.6, 0, Math.min(60, pen.d * 0.7), Role.BODY, Edge.INNER, Detail.PLAIN);
            pen.within(
                    Affine.turn(8).then(Affine.move(pen.w * 0.4, 0)),
                    () -> pen.innerBox(-90, -55, 90, 55, 3, Role.LINEN, Detail.PLAIN));
        });
    }
}
