package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Desks and what belongs to offices. */
final class Office {
    private static final double SEAT = 640;

    private Office() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.WORK, Stand.AT_WALL);
        var free = new Shelf(Group.WORK, Stand.FREE);
        return List.of(
                wall.kind("desk", "Desk with chair", Office::desk)
                        .mm(1400, 700, 740)
                        .mm(1000, 550, 740)
                        .mm(1200, 600, 740)
                        .mm(1600, 800, 740)
                        .in(55, 28, 29)
                        .in(48, 24, 29)
                        .in(60, 30, 29),
                free.kind("office-chair", "Office chair", Office::chair)
                        .called("swivel task")
                        .mm(620, 620, 1000),
                wall.kind("desk-corner", "Corner desk with chair", Office::corner)
                        .called("l-shaped")
                        .mm(1600, 1400, 740),
                wall.kind("filing-cabinet", "Filing cabinet", Office::filing)
                        .mm(460, 620, 1320)
                        .mm(460, 620, 720),
                free.kind("meeting-table", "Meeting table with chairs", Office::meeting)
                        .called("conference board")
                        .mm(2400, 1200, 740)
                        .mm(3600, 1300, 740)
                        .mm(1800, 1000, 740),
                wall.kind("drawer-unit", "Drawer unit", Office::pedestal)
                        .called("pedestal")
                        .mm(420, 550, 600),
                free.kind("desk-standing", "Desk that rises, with chair", Office::rising)
                        .called("standing electric sit")
                        .mm(1600, 800, 740),
                free.kind("desk-double", "Two desks face to face", Office::facing)
                        .called("bench workplace office")
                        .mm(1600, 1600, 740),
                wall.kind("writing-desk", "Writing desk", Office::bureau)
                        .called("secretary bureau")
                        .mm(900, 480, 1050),
                wall.kind("office-shelf", "Shelf for folders", Office::folders).mm(1000, 380, 1900),
                wall.kind("printer", "Printer on a cabinet", Office::printer)
                        .called("copier")
                        .mm(600, 600, 1000),
                wall.kind("whiteboard", "Board to write on", Office::board)
                        .called("whiteboard blackboard")
                        .mm(1800, 60, 1000)
                        .hangs(900),
                wall.kind("drawing-board", "Drawing table", Office::drawingBoard)
                        .called("drafting architect")
                        .mm(1300, 800, 1000));
    }

    private static void computer(PiecePen pen, double x, double y) {
        pen.standing(x - 280, y + 60, x + 280, y + 85, pen.h + 110, pen.h + 450, 6, Role.DARK);
        pen.standing(x - 80, y + 60, x + 80, y + 140, pen.h, pen.h + 110, 4, Role.METAL);
        pen.on(Level.TOP, () -> {
            pen.innerBox(x - 280, y + 60, x + 280, y + 85, 3, Role.DARK, Detail.DRAWN);
            pen.innerBox(x - 110, y + 85, x + 110, y + 150, 8, Role.METAL, Detail.DRAWN);
            pen.innerBox(x - 210, y - 180, x + 150, y - 60, 8, Role.METAL, Detail.DRAWN);
            pen.oval(x + 215, y - 120, 28, 45, Role.METAL, Edge.INNER, Detail.RICH);
        });
    }

    private static void desk(PiecePen pen) {
        swivel(pen, 0, -pen.d - 130, 180);
        pen.table(28, SymbolPen.CRISP, 50, Role.TIMBER);
        pen.grain(pen.w - 50, pen.d - 40);
        pen.standing(pen.w - 440, -pen.d + 60, pen.w - 40, pen.d - 40, 120, pen.h - 28, 6, Role.BODY);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-170, -pen.d + 50, 170, -pen.d + 275, 12, Role.METAL, Detail.DRAWN);
            pen.innerBox(-170, -pen.d + 275, 170, -pen.d + 290, 2, Role.DARK, Detail.DRAWN);
            pen.circle(pen.w - 130, pen.d - 130, 75, Role.LINEN, Edge.INNER, Detail.DRAWN);
            pen.innerBox(-pen.w + 60, pen.d - 300, -pen.w + 270, pen.d - 60, 3, Role.LINEN, Detail.RICH);
        });
    }

    private static void corner(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        var deep = Math.min(700, d);
        swivel(pen, -w + (2 * w - deep) * 0.55, d - deep - 150, 180);
        pen.standing(-w, d - deep, w, d, pen.h - 28, pen.h, 6, Role.TIMBER);
        pen.standing(w - deep, -d, w, d, pen.h - 28, pen.h, 6, Role.TIMBER);
        pen.legs(0, pen.h - 28, 50, 20, Role.METAL);
        var path = Figure.builder();
        path.moveTo(-w, d);
        path.lineTo(w, d);
        path.lineTo(w, -d);
        path.lineTo(w - deep, -d);
        path.lineTo(w - deep, d - deep - 180);
        path.curveTo(w - deep, d - deep - 40, w - deep - 40, d - deep, w - deep - 180, d - deep);
        path.lineTo(-w, d - deep);
        path.close();
        pen.shape(path.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        computer(pen, -w + (2 * w - deep) * 0.55, d - 330);
        pen.on(Level.TOP, () -> {
            pen.innerBox(w - 430, -d + 120, w - 130, -d + 340, 3, Role.LINEN, Detail.DRAWN);
            pen.circle(w - 180, d - 200, 80, Role.LINEN, Edge.INNER, Detail.DRAWN);
        });
    }

    private static void rising(PiecePen pen) {
        swivel(pen, 0, -pen.d - 150, 180);
        for (var x : new double[] {-pen.w + 200, pen.w - 280}) {
            pen.standing(x, -40, x + 80, 40, 0, pen.h - 28, 4, Role.METAL);
            pen.standing(x - 10, -pen.d + 60, x + 90, pen.d - 60, 0, 40, 6, Role.METAL);
        }
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 28, pen.h, SymbolPen.CRISP, Role.BODY);
        pen.innerBox(pen.w - 210, -pen.d + 10, pen.w - 110, -pen.d + 40, 4, Role.DARK, Detail.DRAWN);
        computer(pen, 0, pen.d - 340);
    }

    private static void facing(PiecePen pen) {
        var places = PiecePen.many(2 * pen.w, 1600, 1);
        for (var i = 0; i < places; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / places;
            swivel(pen, x, -pen.d - 140, 180);
            swivel(pen, x, pen.d + 140, 0);
        }
        pen.table(28, SymbolPen.CRISP, 50, Role.BODY);
        pen.inner(-pen.w, 0, pen.w, 0, Detail.PLAIN);
        for (var i = 0; i < places; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / places;
            if (i > 0) {
                pen.inner(x - pen.w / places, -pen.d, x - pen.w / places, pen.d, Detail.PLAIN);
            }
            computer(pen, x, -pen.d * 0.55);
            pen.within(Affine.turn(180), () -> computer(pen, -x, -pen.d * 0.55));
        }
    }

    private static void bureau(PiecePen pen) {
        pen.carcass(Role.TIMBER);
        pen.grain(40);
        pen.inner(-pen.w, 0, pen.w, 0, Detail.PLAIN);
        pen.drawers(-pen.w, pen.w, 70, pen.h * 0.66, 1, 3);
        pen.pane(-pen.w, pen.w, pen.h * 0.66, pen.h - 30);
        pen.frontCircle(0, pen.h * 0.92, 12, Role.METAL, Detail.DRAWN);
    }

    private static void chair(PiecePen pen) {
        pen.within(Affine.scale(pen.w / 312, pen.d / 300), () -> swivel(pen, 0, 0, 0, pen.h));
    }

    static void swivel(PiecePen pen, double x, double y, double turnDeg) {
        swivel(pen, x, y, turnDeg, 980);
    }

    /** A seat on a star of five, its back to {@code turnDeg} counter-clockwise from the back of the piece. */
    private static void swivel(PiecePen pen, double x, double y, double turnDeg, double high) {
        pen.within(Affine.turn(turnDeg).then(Affine.move(x, y)), () -> {
            pen.seen(
                    new Box(-270, -270, 270, 270).ring(), 40, 90, 20, Role.METAL); // a star of thin arms shades nothing
            pen.standing(-25, -25, 25, 25, 90, 420, 4, Role.METAL);
            pen.standing(-240, -230, 240, 200, 420, 490, 30, Role.TEXTILE);
            pen.standing(-220, 180, 220, 240, Math.min(520, high - 100), high, 40, Role.TEXTILE);
            for (var i = 0; i < 5; i++) {
                var a = Point.direction(90 + 72.0 * i).times(300);
                pen.inner(0, 0, a.x(), a.y(), Detail.PLAIN);
                pen.circle(a.x() * 0.96, a.y() * 0.96, 20, Role.DARK, Edge.INNER, Detail.DRAWN);
            }
            pen.box(-240, -230, 240, 210, 90, Role.TEXTILE);
            for (var side : new double[] {-1, 1}) {
                pen.box(side * 290, -120, side * 235, 130, 22, Role.DARK);
            }
            var back = Figure.builder();
            back.moveTo(-220, 200);
            back.curveTo(-120, 290, 120, 290, 220, 200);
            back.lineTo(200, 165);
            back.curveTo(110, 235, -110, 235, -200, 165);
            back.close();
            pen.shape(back.build(), Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        });
    }

    private static void pedestal(PiecePen pen) {
        pen.carcass(Role.BODY);
        pen.drawers(-pen.w, pen.w, 60, pen.h - 10, 1, 3);
        pen.innerBox(-50, -pen.d - 12, 50, -pen.d, 4, Role.METAL, Detail.PLAIN);
    }

    private static void filing(PiecePen pen) {
        pen.carcass(Role.METAL);
        pen.drawers(-pen.w, pen.w, 40, pen.h - 20, 1, PiecePen.many(pen.h - 60, 320, 1));
        pen.innerBox(-60, -pen.d - 14, 60, -pen.d, 4, Role.DARK, Detail.PLAIN);
        pen.inner(-pen.w + 30, pen.d - 40, pen.w - 30, pen.d - 40, Detail.DRAWN);
    }

    private static void meeting(PiecePen pen) {
        var along = PiecePen.many(2 * pen.w - 300, SEAT, 1);
        for (var i = 0; i < along; i++) {
            var x = -pen.w + 150 + (2 * pen.w - 300) * (i + 0.5) / along;
            pen.chair(x, -pen.d - 115, 180);
            pen.chair(x, pen.d + 115, 0);
        }
        pen.chair(-pen.w - 115, 0, 90);
        pen.chair(pen.w + 115, 0, -90);
        pen.standing(-pen.w * 0.6, -120, -pen.w * 0.5, 120, 0, pen.h - 35, 4, Role.METAL);
        pen.standing(pen.w * 0.5, -120, pen.w * 0.6, 120, 0, pen.h - 35, 4, Role.METAL);
        var bow = Math.min(140, pen.d * 0.2);
        var path = Figure.builder();
        path.moveTo(-pen.w, -pen.d + bow);
        path.curveTo(-pen.w * 0.4, -pen.d - bow * 0.3, pen.w * 0.4, -pen.d - bow * 0.3, pen.w, -pen.d + bow);
        path.lineTo(pen.w, pen.d - bow);
        path.curveTo(pen.w * 0.4, pen.d + bow * 0.3, -pen.w * 0.4, pen.d + bow * 0.3, -pen.w, pen.d - bow);
        path.close();
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 35, pen.h, 6, Role.TIMBER);
        pen.shape(path.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.grain(pen.w - 60, pen.d - bow - 40);
        pen.on(Level.TOP, () -> pen.innerBox(-pen.w * 0.25, -45, pen.w * 0.25, 45, 20, Role.DARK, Detail.DRAWN));
    }

    private static void folders(PiecePen pen) {
        pen.whole(4, Role.BODY);
        pen.innerBox(-pen.w + 20, -pen.d + 8, pen.w - 20, pen.d - 18, 2, Role.BODY, Detail.PLAIN);
        var rows = PiecePen.many(pen.h, 370, 2);
        pen.shelves(-pen.w, pen.w, 30, pen.h, 1, rows);
        for (var i = 0; i < (int) ((2 * pen.w - 60) / 80); i++) {
            var x = -pen.w + 30 + 80 * i;
            pen.innerBox(
                    x, -pen.d + 40, x + 72, pen.d - 30, 2, i % 3 == 0 ? Role.CUSHION_COOL : Role.LINEN, Detail.DRAWN);
            for (var r = 0; r < rows; r++) {
                var low = 30 + (pen.h - 30) * r / rows + 22;
                pen.front(
                        -pen.d,
                        SymbolPen.boxPath(x, low, x + 72, low + 300, 2),
                        (i + r) % 3 == 0 ? Role.CUSHION_COOL : Role.LINEN,
                        Edge.INNER,
                        Detail.RICH);
            }
        }
    }

    private static void printer(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.6, 6, Role.BODY);
        pen.standing(-pen.w + 40, -pen.d + 60, pen.w - 40, pen.d - 20, pen.h * 0.6, pen.h, 12, Role.METAL);
        pen.doors(-pen.w, pen.w, 60, pen.h * 0.58, 2);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.BODY);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w + 40, -pen.d + 60, pen.w - 40, pen.d - 20, 20, Role.METAL, Detail.PLAIN);
            pen.innerBox(-pen.w + 100, -pen.d + 100, pen.w - 200, pen.d - 120, 4, Role.GLASS, Detail.PLAIN);
            pen.innerBox(pen.w - 160, -pen.d + 100, pen.w - 70, -pen.d + 260, 4, Role.DARK, Detail.DRAWN);
        });
    }

    private static void board(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 30, pen.w, pen.d, 60, pen.h, 8, Role.LINEN);
        pen.standing(-pen.w * 0.6, -pen.d, pen.w * 0.6, pen.d, 20, 60, 4, Role.METAL);
        pen.box(-pen.w, -pen.d + 30, pen.w, pen.d, 3, Role.METAL);
        pen.box(-pen.w * 0.6, -pen.d, pen.w * 0.6, -pen.d + 30, 3, Role.METAL);
    }

    private static void drawingBoard(PiecePen pen) {
        pen.stool(0, -pen.d - 150, 180, 650);
        pen.legs(0, pen.h - 200, 60, 100, Role.METAL);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 240, pen.h, 6, Role.TIMBER);
        pen.innerBox(-pen.w + 90, -pen.d + 90, pen.w - 200, pen.d - 60, 2, Role.LINEN, Detail.PLAIN);
        pen.inner(-pen.w, -pen.d + 35, pen.w, -pen.d + 35, Detail.PLAIN);
        pen.innerBox(-pen.w, -30, pen.w, 20, 2, Role.METAL, Detail.DRAWN);
    }
}
