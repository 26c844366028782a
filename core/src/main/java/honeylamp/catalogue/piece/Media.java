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

/** Screens, sound and instruments. */
final class Media {
    private static final double WHITE_KEY = 23.5;

    private Media() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.MEDIA, Stand.AT_WALL);
        var free = new Shelf(Group.MEDIA, Stand.FREE);
        return List.of(
                wall.kind("screen-unit", "Low unit with screen", Media::screenUnit)
                        .called("television tv media")
                        .mm(1800, 420, 500)
                        .mm(1400, 400, 500)
                        .mm(2400, 450, 500),
                wall.kind("screen-wall", "Screen on the wall", Media::screen)
                        .called("television tv")
                        .mm(1450, 70, 830)
                        .mm(1230, 70, 710)
                        .mm(1000, 70, 580)
                        .hangs(1000),
                wall.kind("loudspeaker", "Loudspeaker", Media::loudspeaker)
                        .called("speaker hi-fi")
                        .mm(220, 320, 1000)
                        .mm(200, 250, 400),
                wall.kind("record-shelf", "Shelf with record player", Media::records)
                        .called("turntable vinyl hi-fi stereo")
                        .mm(900, 420, 800),
                wall.kind("picture-screen", "Roll-down screen", Media::rollDown)
                        .called("projector cinema")
                        .mm(2400, 110, 1500)
                        .hangs(700),
                wall.kind("piano-upright", "Upright piano", Media::upright).mm(1500, 620, 1200),
                free.kind("piano-grand", "Grand piano", Media::grand)
                        .called("baby")
                        .mm(1500, 1700, 1000)
                        .mm(1550, 2300, 1000),
                wall.kind("keyboard", "Electric piano", Media::keyboard).mm(1350, 400, 850),
                free.kind("drum-set", "Drum set", Media::drums).mm(1700, 1500, 1200),
                free.kind("cello", "Cello on a stand", Media::cello)
                        .called("string instrument")
                        .mm(480, 550, 1300),
                free.kind("music-stand", "Music stand", Media::musicStand).mm(500, 400, 1250));
    }

    private static void screenUnit(PiecePen pen) {
        pen.carcass(Role.TIMBER);
        pen.grain(40);
        pen.doors(-pen.w, pen.w, 60, pen.h - 20, PiecePen.many(2 * pen.w, 600, 2));
        var half = Math.min(pen.w - 60, 725);
        pen.standing(-half, pen.d * 0.2, half, pen.d * 0.2 + 50, pen.h + 60, pen.h + 60 + half * 1.125, 8, Role.DARK);
        pen.standing(-150, -10, 150, pen.d * 0.6, pen.h, pen.h + 60, 4, Role.DARK);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-half, pen.d * 0.2, half, pen.d * 0.2 + 50, 6, Role.DARK, Detail.PLAIN);
            pen.innerBox(-170, -10, 170, pen.d * 0.2, 6, Role.DARK, Detail.DRAWN);
        });
    }

    private static void screen(PiecePen pen) {
        pen.whole(6, Role.DARK);
        pen.frontBox(-pen.w + 15, 15, pen.w - 15, pen.h - 15, 4, Role.DARK);
        pen.inner(-pen.w + 12, -pen.d + 14, pen.w - 12, -pen.d + 14, Detail.PLAIN);
    }

    private static void loudspeaker(PiecePen pen) {
        pen.whole(10, Role.TIMBER_DARK);
        pen.inner(-pen.w, -pen.d + 25, pen.w, -pen.d + 25, Detail.PLAIN);
        pen.frontCircle(0, pen.h * 0.42, pen.w * 0.72, Role.DARK, Detail.PLAIN);
        pen.frontCircle(0, pen.h * 0.85, pen.w * 0.35, Role.DARK, Detail.PLAIN);
    }

    private static void records(PiecePen pen) {
        pen.whole(6, Role.TIMBER);
        pen.shelves(-pen.w, pen.w, 0, pen.h - 100, 2, 2);
        pen.on(Level.TOP, () -> {
            var x = -pen.w + 260;
            pen.innerBox(x - 215, -170, x + 215, 170, 8, Role.BODY, Detail.PLAIN);
            pen.circle(x - 40, 0, 145, Role.DARK, Edge.INNER, Detail.PLAIN);
            pen.circle(x - 40, 0, 48, Role.CUSHION, Edge.NONE, Detail.DRAWN);
            pen.inner(x + 165, 110, x + 80, -90, Detail.DRAWN);
            pen.innerBox(pen.w - 330, -120, pen.w - 60, 120, 4, Role.METAL, Detail.DRAWN);
        });
    }

    private static void rollDown(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 110, pen.h, 6, Role.BODY);
        pen.standing(-pen.w + 60, -5, pen.w - 60, 5, 0, pen.h - 110, 2, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 10, Role.BODY);
        pen.inner(-pen.w + 60, 0, pen.w - 60, 0, Detail.PLAIN);
    }

    private static void upright(PiecePen pen) {
        var keys = 300.0;
        pen.stoolBefore();
        pen.standing(-pen.w, pen.d - 330, pen.w, pen.d, 0, pen.h, 8, Role.DARK);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d - 330, 600, 740, 6, Role.DARK);
        for (var x : new double[] {-pen.w, pen.w - 60}) {
            pen.standing(x, -pen.d, x + 60, -pen.d + 80, 0, 600, 4, Role.DARK);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.DARK);
        keys(pen, -pen.d + 40, Math.min(keys, 2 * pen.d * 0.32));
        pen.inner(-pen.w, pen.d - 330, pen.w, pen.d - 330, Detail.PLAIN);
        pen.front(
                -pen.d, SymbolPen.boxPath(-pen.w + 70, 660, pen.w - 70, 690, 2), Role.LINEN, Edge.INNER, Detail.PLAIN);
    }

    /** White keys with the black ones between them in twos and threes. */
    private static void keys(PiecePen pen, double y, double deep) {
        var half = pen.w - 90;
        pen.innerBox(-half, y, half, y + deep, 2, Role.LINEN, Detail.PLAIN);
        var white = (int) (2 * half / WHITE_KEY);
        for (var i = 1; i < white; i++) {
            var x = -half + 2 * half * i / white;
            var step = i % 7;
            if (step != 3 && step != 0) {
                pen.innerBox(x - 7, y + deep * 0.4, x + 7, y + deep, 1, Role.DARK, Detail.DRAWN);
            }
        }
    }

    private static void grand(PiecePen pen) {
        pen.stoolBefore();
        var w = pen.w;
        var d = pen.d;
        pen.legs(0, 650, 90, 100, Role.DARK);
        pen.standing(-w, -d, w, d, 650, pen.h, 12, Role.DARK);
        var path = Figure.builder();
        path.moveTo(-w, -d);
        path.lineTo(w, -d);
        path.lineTo(w, -d * 0.35);
        path.curveTo(w * 0.98, d * 0.15, w * 0.42, d * 0.1, w * 0.2, d * 0.5);
        path.curveTo(w * 0.05, d * 0.85, -w * 0.2, d, -w * 0.55, d);
        path.curveTo(-w * 0.9, d, -w, d * 0.85, -w, d * 0.6);
        path.close();
        pen.shape(path.build(), Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        keys(pen, -d + 50, 150);
        pen.inner(-w + 30, -d + 330, w - 10, -d + 330, Detail.PLAIN);
        pen.inner(-w + 60, -d + 420, w * 0.5, -d + 420, Detail.DRAWN);
    }

    private static void keyboard(PiecePen pen) {
        pen.stoolBefore();
        for (var x : new double[] {-pen.w + 60, pen.w - 100}) {
            pen.standing(x, -pen.d + 40, x + 40, pen.d - 40, 0, pen.h - 130, 4, Role.DARK);
        }
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 130, pen.h, SymbolPen.CRISP, Role.DARK);
        keys(pen, -pen.d + 30, 150);
    }

    private static void drums(PiecePen pen) {
        pen.drum(0, 0.1 * pen.d, 280, 0, 560, Role.CUSHION);
        pen.drum(-0.62 * pen.w, -0.15 * pen.d, 200, 350, 620, Role.BODY);
        pen.drum(0.62 * pen.w, -0.1 * pen.d, 220, 200, 640, Role.CUSHION);
        pen.drum(-0.22 * pen.w, 0.45 * pen.d, 160, 620, 850, Role.CUSHION);
        pen.drum(0.22 * pen.w, 0.45 * pen.d, 170, 620, 850, Role.CUSHION);
        pen.on(Level.TOP, () -> {
            for (var x : new double[] {-0.78, 0.78}) {
                pen.standing(
                        x * pen.w - 10, 0.55 * pen.d - 10, x * pen.w + 10, 0.55 * pen.d + 10, 0, pen.h, 4, Role.METAL);
                pen.circle(x * pen.w, 0.55 * pen.d, 215, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
                pen.circle(x * pen.w, 0.55 * pen.d, 70, Role.METAL, Edge.INNER, Detail.DRAWN);
            }
        });
        pen.stool(0, -pen.d + 190, 170, 480);
    }

    private static void cello(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        pen.standing(-w, -60, w, 60, 80, 830, 130, Role.TIMBER_DARK);
        pen.standing(-25, -20, 25, 20, 830, pen.h, 10, Role.TIMBER_DARK);
        var path = Figure.builder();
        path.moveTo(0, -d * 0.55);
        path.curveTo(w * 0.9, -d * 0.6, w, -d * 0.1, w * 0.55, d * 0.02);
        path.curveTo(w * 0.4, d * 0.1, w * 0.75, d * 0.45, 0, d * 0.5);
        path.curveTo(-w * 0.75, d * 0.45, -w * 0.4, d * 0.1, -w * 0.55, d * 0.02);
        path.curveTo(-w, -d * 0.1, -w * 0.9, -d * 0.6, 0, -d * 0.55);
        path.close();
        pen.shape(path.build(), Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.box(-18, d * 0.1, 18, d, 8, Role.DARK);
        pen.inner(-w * 0.25, -d * 0.2, -w * 0.2, 0, Detail.DRAWN);
        pen.inner(w * 0.25, -d * 0.2, w * 0.2, 0, Detail.DRAWN);
        pen.box(-w * 0.55, -d, w * 0.55, -d + 35, 12, Role.METAL);
        pen.inner(0, -d + 35, 0, -d * 0.5, Detail.PLAIN);
    }

    private static void musicStand(PiecePen pen) {
        for (var i = 0; i < 3; i++) {
            var a = Point.direction(90 + 120.0 * i).times(pen.d);
            pen.inner(0, 0, a.x(), a.y(), Detail.PLAIN);
        }
        pen.standing(-12, -12, 12, 12, 0, pen.h - 250, 4, Role.METAL);
        pen.standing(-pen.w, -30, pen.w, 10, pen.h - 300, pen.h, 6, Role.DARK);
        pen.box(-pen.w, -pen.d * 0.35, pen.w, pen.d * 0.1, 6, Role.DARK);
        pen.innerBox(-pen.w * 0.7, -pen.d * 0.28, pen.w * 0.7, pen.d * 0.05, 2, Role.LINEN, Detail.PLAIN);
        pen.inner(0, -pen.d * 0.28, 0, pen.d * 0.05, Detail.DRAWN);
        pen.inner(0, -pen.d, 0, -pen.d * 0.35, Detail.PLAIN);
    }
}
