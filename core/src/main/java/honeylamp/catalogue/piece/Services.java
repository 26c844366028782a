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

/** What heats, airs, meters and feeds a house. */
final class Services {
    private Services() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.SERVICES, Stand.AT_WALL);
        var free = new Shelf(Group.SERVICES, Stand.FREE);
        return List.of(
                free.kind("stove", "Stove", Services::stove)
                        .called("wood burner heating")
                        .mm(480, 480, 1100)
                        .mm(600, 450, 900),
                wall.kind("radiator", "Radiator", Services::radiator)
                        .called("panel heating")
                        .mm(1000, 100, 600)
                        .mm(600, 100, 600)
                        .mm(1400, 100, 600)
                        .hangs(120),
                wall.kind("boiler-wall", "Boiler on the wall", Services::boilerWall)
                        .called("gas combi heating")
                        .hangs(1200)
                        .mm(440, 350, 750),
                free.kind("water-tank", "Hot water tank", Services::tank)
                        .called("cylinder heater")
                        .mm(600, 600, 1600)
                        .mm(550, 550, 1200)
                        .in(22, 22, 60),
                wall.kind("distribution-board", "Distribution board", Services::board)
                        .called("fuse box consumer unit breaker panel")
                        .mm(400, 110, 600)
                        .hangs(1300)
                        .in(15, 4, 30),
                wall.kind("heat-pump", "Heat pump outside", Services::heatPump)
                        .called("air source unit")
                        .mm(1100, 420, 900),
                wall.kind("stove-tiled", "Tiled stove", Services::tiledStove)
                        .called("masonry heater")
                        .mm(900, 700, 2000),
                wall.kind("boiler", "Boiler", Services::boiler)
                        .called("furnace oil heating")
                        .mm(650, 900, 1100),
                wall.kind("meters", "Meter cupboard", Services::meters)
                        .called("gas electric water")
                        .mm(900, 250, 1100)
                        .hangs(700),
                wall.kind("air-unit", "Air unit on the wall", Services::airUnit)
                        .called("conditioner conditioning")
                        .stands(Stand.ABOVE)
                        .hangs(2100)
                        .mm(850, 230, 300),
                wall.kind("light-switch", "Light switch", Services::lightSwitch)
                        .called("rocker dimmer")
                        .hangs(1050)
                        .mm(80, 12, 80)
                        .mm(80, 12, 150),
                wall.kind("ventilation", "Ventilation unit", Services::ventilation)
                        .called("heat recovery mvhr")
                        .mm(700, 500, 900)
                        .hangs(1000),
                wall.kind("radiator-column", "Column radiator", Services::columns)
                        .called("tube heating")
                        .mm(500, 110, 1800)
                        .mm(800, 140, 600)
                        .hangs(120),
                wall.kind("manifold", "Manifold of floor heating", Services::manifold)
                        .called("underfloor")
                        .mm(700, 130, 700)
                        .hangs(300),
                wall.kind("water-softener", "Water softener", Services::softener)
                        .mm(250, 480, 650));
    }

    private static void stove(PiecePen pen) {
        pen.on(Level.FLOOR, () -> pen.box(-pen.w - 220, -pen.d - 420, pen.w + 220, pen.d + 60, 10, Role.METAL));
        var body = Figure.builder().ellipse(Point.ORIGIN, pen.w, pen.d).build();
        pen.standing(body.flattened(4), 0, pen.h, 30, Role.DARK);
        pen.front(
                -pen.d,
                SymbolPen.boxPath(-pen.w * 0.6, pen.h * 0.35, pen.w * 0.6, pen.h * 0.7, 15),
                Role.CUSHION,
                Edge.INNER,
                Detail.PLAIN);
        pen.shape(body, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, pen.d * 0.3, Math.min(75, pen.w * 0.4), Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.inner(-pen.w * 0.5, -pen.d * 0.6, pen.w * 0.5, -pen.d * 0.6, Detail.DRAWN);
    }

    private static void tiledStove(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.45, 8, Role.LEAF);
        pen.standing(-pen.w * 0.85, -pen.d * 0.75, pen.w * 0.85, pen.d, pen.h * 0.45, pen.h, 8, Role.LEAF);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.LEAF);
        pen.innerBox(-pen.w * 0.85, -pen.d * 0.75, pen.w * 0.85, pen.d, 6, Role.LEAF_LIGHT, Detail.PLAIN);
        for (var x = -pen.w * 0.85 + 200; x < pen.w * 0.85 - 20; x += 200) {
            pen.inner(x, -pen.d * 0.75, x, pen.d, Detail.DRAWN);
        }
        pen.circle(0, pen.d * 0.5, 75, Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.frontBox(-170, pen.h * 0.12, 170, pen.h * 0.34, 6, Role.DARK);
        for (var z = pen.h * 0.45 + 200; z < pen.h - 40; z += 200) {
            pen.front(
                    -pen.d * 0.75,
                    Figure.line(new Point(-pen.w * 0.85, z), new Point(pen.w * 0.85, z)),
                    Edge.INNER,
                    Detail.PLAIN);
        }
    }

    private static void flame(PiecePen pen, double x, double y, double r) {
        var path = Figure.builder();
        path.moveTo(x, y - r);
        path.curveTo(x + r, y - r, x + r * 0.7, y + r * 0.1, x, y + r);
        path.curveTo(x - r * 0.7, y + r * 0.1, x - r, y - r, x, y - r);
        path.close();
        pen.shape(path.build(), Role.CUSHION, Edge.INNER, Detail.PLAIN);
    }

    private static void boilerWall(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.PORCELAIN);
        pen.frontBox(-70, pen.h * 0.12, 70, pen.h * 0.24, 6, Role.DARK);
        flame(pen, 0, 0, Math.min(70, pen.d * 0.5));
    }

    private static void boiler(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.METAL);
        pen.frontBox(-pen.w * 0.6, pen.h * 0.7, pen.w * 0.6, pen.h * 0.9, 6, Role.DARK);
        pen.inner(-pen.w, -pen.d + 90, pen.w, -pen.d + 90, Detail.PLAIN);
        flame(pen, 0, -pen.d * 0.2, Math.min(110, pen.w * 0.4));
        pen.circle(0, pen.d * 0.6, 80, Role.METAL, Edge.INNER, Detail.PLAIN);
    }

    private static void heatPump(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.BODY);
        var r = Math.min(pen.w * 0.55, pen.h * 0.4);
        pen.front(-pen.d, Figure.circle(new Point(-pen.w + r + 40, pen.h / 2), r), Role.DARK, Edge.INNER, Detail.PLAIN);
        pen.inner(-pen.w + 30, -pen.d + 45, pen.w - 30, -pen.d + 45, Detail.PLAIN);
        for (var i = 0; i < 4; i++) {
            var a = Point.direction(45 + 90.0 * i).times(Math.min(130, pen.d * 0.6));
            pen.inner(-pen.w * 0.3, 15, -pen.w * 0.3 + a.x(), 15 + a.y(), Detail.PLAIN);
        }
        pen.circle(-pen.w * 0.3, 15, Math.min(150, pen.d * 0.7), Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.circle(-pen.w * 0.3, 15, 30, Role.DARK, Edge.INNER, Detail.PLAIN);
    }

    private static void tank(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(Figure.circle(Point.ORIGIN, r).flattened(4), 60, pen.h, 60, Role.BODY);
        pen.circle(0, 0, r, Role.BODY, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r - 55, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(-r * 0.35, 0, 28, Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.circle(r * 0.35, 0, 28, Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.frontCircle(0, pen.h * 0.7, 45, Role.METAL, Detail.DRAWN);
    }

    private static void meters(PiecePen pen) {
        pen.whole(4, Role.BODY);
        pen.doors(-pen.w, pen.w, 0, pen.h, 2);
        for (var x : new double[] {-pen.w * 0.5, pen.w * 0.5}) {
            pen.circle(x, 0, Math.min(85, pen.d * 0.7), Role.METAL, Edge.INNER, Detail.PLAIN);
            pen.inner(x, 0, x + 45, 45, Detail.PLAIN);
        }
    }

    private static void board(PiecePen pen) {
        pen.whole(4, Role.METAL);
        for (var z : new double[] {0.25, 0.5, 0.75}) {
            pen.frontBox(-pen.w + 40, pen.h * z - 30, pen.w - 40, pen.h * z + 30, 3, Role.DARK);
        }
        var bolt = Figure.builder();
        bolt.line(new Point(-25, pen.d - 10), new Point(10, 5), new Point(-12, -5), new Point(25, -pen.d + 10));
        pen.line(bolt.build(), Edge.OUTLINE, Detail.PLAIN);
    }

    private static void airUnit(PiecePen pen) {
        pen.whole(20, Role.PORCELAIN);
        pen.frontLine(-pen.w + 30, 60, pen.w - 30, 60, Detail.PLAIN);
    }

    private static void ventilation(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.BODY);
        pen.pane(-pen.w + 20, pen.w - 20, 20, pen.h - 20);
        for (var x : new double[] {-pen.w * 0.5, pen.w * 0.5}) {
            for (var y : new double[] {-pen.d * 0.45, pen.d * 0.45}) {
                pen.circle(x, y, Math.min(80, pen.d * 0.35), Role.METAL, Edge.INNER, Detail.PLAIN);
            }
        }
        pen.inner(-pen.w * 0.5, -pen.d * 0.45, pen.w * 0.5, pen.d * 0.45, Detail.PLAIN);
        pen.inner(-pen.w * 0.5, pen.d * 0.45, pen.w * 0.5, -pen.d * 0.45, Detail.PLAIN);
    }

    private static void lightSwitch(PiecePen pen) {
        pen.whole(2, Role.PORCELAIN);
        pen.frontBox(-pen.w + 12, 12, pen.w - 12, pen.h - 12, 3, Role.PORCELAIN);
        pen.frontLine(-pen.w + 12, pen.h / 2, pen.w - 12, pen.h / 2, Detail.DRAWN);
    }

    private static void radiator(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d - 30, 0, pen.h, 8, Role.PORCELAIN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d - 30, 6, Role.PORCELAIN);
        pen.inner(-pen.w, -pen.d + 18, pen.w, -pen.d + 18, Detail.PLAIN);
        for (var x = -pen.w + 40; x < pen.w - 20; x += 40) {
            pen.inner(x, -pen.d + 18, x, pen.d - 30, Detail.DRAWN);
            pen.frontLine(x, 25, x, pen.h - 25, Detail.RICH);
        }
        for (var x : new double[] {-pen.w * 0.7, pen.w * 0.7}) {
            pen.inner(x, pen.d - 30, x, pen.d, Detail.PLAIN);
        }
    }

    private static void columns(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 46, 3);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.standing(x - 15, -pen.d, x + 15, pen.d - 30, 0, pen.h, 14, Role.PORCELAIN);
            pen.innerBox(x - 16, -pen.d, x + 16, pen.d - 30, 15, Role.PORCELAIN, Detail.PLAIN);
        }
        pen.line(SymbolPen.boxPath(-pen.w, -pen.d, pen.w, pen.d - 30, 10), Edge.OUTLINE, Detail.PLAIN);
        for (var x : new double[] {-pen.w * 0.7, pen.w * 0.7}) {
            pen.inner(x, pen.d - 30, x, pen.d, Detail.PLAIN);
        }
    }

    private static void manifold(PiecePen pen) {
        pen.whole(4, Role.METAL);
        pen.frontBox(-pen.w + 20, 20, pen.w - 20, pen.h - 20, 4, Role.BODY);
        for (var x = -pen.w + 70; x < pen.w - 40; x += 60) {
            pen.circle(x, 0, 18, Role.CUSHION, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void softener(PiecePen pen) {
        pen.whole(40, Role.BODY);
        pen.innerBox(-pen.w + 25, -pen.d + 30, pen.w - 25, pen.d * 0.2, 20, Role.METAL, Detail.PLAIN);
        pen.circle(0, pen.d * 0.6, Math.min(60, pen.w * 0.5), Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
    }
}
