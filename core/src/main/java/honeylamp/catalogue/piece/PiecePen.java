package honeylamp.catalogue.piece;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.piece.FurnishingKind.Size;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.listing.RunLayout.Part;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Run;
import honeylamp.plan.Run.Front;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/**
 * The pen of one piece: it knows the size, and draws what many kinds have in common. {@code w} and {@code d} are halves of
 * width and depth, {@code h} is the height, in mm.
 */
final class PiecePen extends SymbolPen {
    static final double SEAT = 430;

    /** One sits on a chair so wide. */
    static final double CHAIR_WIDE = 450;

    static final double CHAIR_DEEP = 480;

    /** Elbow room of one diner. */
    static final double DINER = 620;

    private static final double HANDLE = 110;

    final Size size;
    final double w;
    final double d;
    final double h;

    /** What makes it up, if it is a run; nothing for other pieces. */
    final List<Part> parts;

    /** How it is closed, if it is a closet. */
    final Front front;

    final Run.Edge edge;

    PiecePen(Size size, Optional<Run> run) {
        this.parts = run.map(r -> RunLayout.of(r, Length.ofMm(size.widthMm())).parts())
                .orElse(List.of());
        this.front = run.map(Run::front).orElse(Front.OPEN);
        this.edge = run.map(Run::edge).orElse(Run.Edge.SQUARE);
        this.size = size;
        this.w = size.widthMm() / 2;
        this.d = size.depthMm() / 2;
        this.h = size.heightMm();
    }

    /** Between 0 and 1 by chance, the same for the same piece. */
    double chance(long a, long b) {
        return Seeds.unit(size.seed(), a, b);
    }

    /** Between -1 and 1 by chance, the same for the same piece. */
    double either(long a, long b) {
        return Seeds.signed(size.seed(), a, b);
    }

    /** How many of a measure there are in a length, at least so many. */
    static int many(double length, double each, int least) {
        return Math.max(least, (int) Math.round(length / each));
    }

    // bodies

    /** All of the piece as one body. */
    void whole(double radius, Role role) {
        body(-w, -d, w, d, 0, h, radius, role);
    }

    /** All of it as one body that is as thick as a top, on four legs. */
    void table(double thick, double radius, double leg, Role role) {
        legs(0, h - thick, leg, 40, role);
        body(-w, -d, w, d, h - thick, h, radius, role);
    }

    /** Four legs at the corners, not seen from above. */
    void legs(double bottom, double top, double leg, double inset, Role role) {
        for (var x : new double[] {-w + inset, w - inset - leg}) {
            for (var y : new double[] {-d + inset, d - inset - leg}) {
                standing(x, y, x + leg, y + leg, bottom, top, 4, role);
            }
        }
    }

    /** All of it as a round top on a foot in the middle. */
    void roundTable(double thick, Role role) {
        var top = Figure.builder().ellipse(Point.ORIGIN, w, d).build();
        standing(-40, -40, 40, 40, 0, h - thick, 4, role);
        standing(-w * 0.45, -d * 0.45, w * 0.45, d * 0.45, 0, 25, 8, role);
        standing(top.flattened(8), h - thick, h, 6, role);
        shape(top, role, Edge.OUTLINE, Detail.PLAIN);
    }

    /** A carcass with a plinth, its front board seen from above. */
    void carcass(Role role) {
        whole(CRISP, role);
        inner(-w, -d + 22, w, -d + 22, Detail.DRAWN);
        front(-d, Figure.line(new Point(-w, 70), new Point(w, 70)), Edge.INNER, Detail.DRAWN);
    }

    // fronts

    /** Doors side by side on the front, handles where they meet. */
    void doors(double x0, double x1, double z0, double z1, int many) {
        for (var i = 0; i < many; i++) {
            var a = x0 + (x1 - x0) * i / many;
            var b = x0 + (x1 - x0) * (i + 1) / many;
            pane(a, b, z0, z1);
            var handle = i % 2 == 0 && many > 1 ? b - 30 : a + 30;
            var middle = z0 + (z1 - z0) * 0.55;
            front(
                    -d,
                    boxPath(handle - 5, middle - HANDLE / 2, handle + 5, middle + HANDLE / 2, 4),
                    Role.METAL,
                    Edge.INNER,
                    Detail.RICH);
        }
    }

    /** Drawers over each other on the front. */
    void drawers(double x0, double x1, double z0, double z1, int columns, int rows) {
        for (var c = 0; c < columns; c++) {
            for (var r = 0; r < rows; r++) {
                var a = x0 + (x1 - x0) * c / columns;
                var b = x0 + (x1 - x0) * (c + 1) / columns;
                var low = z0 + (z1 - z0) * r / rows;
                var high = z0 + (z1 - z0) * (r + 1) / rows;
                pane(a, b, low, high);
                var x = (a + b) / 2;
                var z = high - Math.min(60, (high - low) / 3);
                var wide = Math.min(HANDLE, b - a - 60) / 2;
                front(-d, boxPath(x - wide, z - 5, x + wide, z + 5, 4), Role.METAL, Edge.INNER, Detail.RICH);
            }
        }
    }

    /** A board of the front with a fine gap around. */
    void pane(double x0, double x1, double z0, double z1) {
        front(-d, boxPath(x0 + 4, z0 + 4, x1 - 4, z1 - 4, 3), Edge.INNER, Detail.PLAIN);
    }

    /** Shelves seen on the front, open. */
    void shelves(double x0, double x1, double z0, double z1, int columns, int rows) {
        front(-d, boxPath(x0 + 20, z0 + 20, x1 - 20, z1 - 20, 2), Role.TIMBER_DARK, Edge.INNER, Detail.PLAIN);
        for (var r = 1; r < rows; r++) {
            var z = z0 + (z1 - z0) * r / rows;
            frontLine(x0 + 20, z, x1 - 20, z, Detail.PLAIN);
        }
        for (var c = 1; c < columns; c++) {
            var x = x0 + (x1 - x0) * c / columns;
            frontLine(x, z0 + 20, x, z1 - 20, Detail.PLAIN);
        }
    }

    /** A fine straight line on the front. */
    void frontLine(double x0, double z0, double x1, double z1, Detail detail) {
        front(-d, Figure.line(new Point(x0, z0), new Point(x1, z1)), Edge.INNER, detail);
    }

    /** A filled circle on the front. */
    void frontCircle(double x, double z, double radius, Role role, Detail detail) {
        front(-d, Figure.circle(new Point(x, z), radius), role, Edge.INNER, detail);
    }

    /** A filled board on the front. */
    void frontBox(double x0, double z0, double x1, double z1, double radius, Role role) {
        front(-d, boxPath(x0, z0, x1, z1, radius), role, Edge.INNER, Detail.PLAIN);
    }

    // seen from above

    /** The grain of timber, so far in from the edges. */
    void grain(double inset) {
        grain(w - inset, d - inset);
    }

    /** Long, uneven, bowed lines along x, as of oiled boards, over twice these halves. */
    void grain(double halfWide, double halfDeep) {
        if (halfWide <= 0 || halfDeep <= 0) {
            return;
        }
        var rows = Math.max(2, (int) (2 * halfDeep / 62));
        for (var i = 0; i < rows; i++) {
            var y = -halfDeep + 2 * halfDeep * (i + 0.5 + 0.8 * either(i, 1)) / rows;
            var from = -halfWide + 1.1 * halfWide * chance(i, 2);
            var to = Math.min(halfWide, from + 0.4 * halfWide + 1.2 * halfWide * chance(i, 3));
            var bow = 9 * either(i, 4);
            var line = Figure.builder();
            line.moveTo(from, Math.clamp(y, -halfDeep, halfDeep));
            line.curveTo(
                    from + (to - from) * 0.35,
                    Math.clamp(y + bow, -halfDeep, halfDeep),
                    from + (to - from) * 0.7,
                    Math.clamp(y + bow, -halfDeep, halfDeep),
                    to,
                    Math.clamp(y, -halfDeep, halfDeep));
            line(line.build(), Edge.GRAIN, Detail.RICH);
        }
    }

    /** A circle on top. */
    void dish(double x, double y, double radius, Role role, Detail detail) {
        on(Level.TOP, () -> circle(x, y, radius, role, Edge.INNER, detail));
    }

    /** An oval, filled. */
    void oval(double x, double y, double rx, double ry, Role role, Edge edge, Detail detail) {
        shape(Figure.builder().ellipse(new Point(x, y), rx, ry).build(), role, edge, detail);
    }

    /** A cushion with pulled-in corners and a slight bulge, about a point. */
    void cushion(double x, double y, double wide, double deep, double turnDeg, Role role, Detail detail) {
        within(Affine.turn(turnDeg).then(Affine.move(x, y)), () -> shape(pillow(wide, deep), role, Edge.INNER, detail));
    }

    /** The outline of a cushion about the origin. */
    static Figure pillow(double width, double depth) {
        var w = width / 2;
        var d = depth / 2;
        var bx = width * 0.035;
        var by = depth * 0.07;
        var path = Figure.builder();
        path.moveTo(-w + bx, -d + by);
        path.curveTo(-w * 0.5, -d - by * 0.4, w * 0.5, -d - by * 0.4, w - bx, -d + by);
        path.curveTo(w + bx * 0.4, -d * 0.5, w + bx * 0.4, d * 0.5, w - bx, d - by);
        path.curveTo(w * 0.5, d + by * 0.4, -w * 0.5, d + by * 0.4, -w + bx, d - by);
        path.curveTo(-w - bx * 0.4, d * 0.5, -w - bx * 0.4, -d * 0.5, -w + bx, -d + by);
        path.close();
        return path.build();
    }

    /** A chair of the usual height. */
    void chair(double x, double y, double turnDeg) {
        chair(x, y, turnDeg, 2 * SEAT);
    }

    /** A chair about a point whose back faces {@code turnDeg} counter-clockwise from the back of the piece. */
    void chair(double x, double y, double turnDeg, double high) {
        within(Affine.turn(turnDeg).then(Affine.move(x, y)), () -> {
            var cw = CHAIR_WIDE / 2;
            var cd = CHAIR_DEEP / 2;
            for (var lx : new double[] {-cw + 10, cw - 45}) {
                for (var ly : new double[] {-cd + 10, cd - 60}) {
                    standing(lx, ly, lx + 35, ly + 35, 0, SEAT - 45, 4, Role.TIMBER_DARK);
                }
            }
            standing(-cw, -cd, cw, cd - 35, SEAT - 45, SEAT, 14, Role.TEXTILE_WARM);
            standing(-cw + 15, cd - 45, cw - 15, cd, Math.min(SEAT, high), high, 30, Role.TIMBER_DARK);
            shape(chairSeat(cw, cd), Role.TEXTILE_WARM, Edge.OUTLINE, Detail.PLAIN);
            within(
                    Affine.scale(0.8, 0.76).then(Affine.move(0, -8)),
                    () -> line(chairSeat(cw, cd), Edge.INNER, Detail.DRAWN));
            shape(chairBack(cw, cd), Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
        });
    }

    /** Wider before than behind, and rounded more there. */
    private static Figure chairSeat(double w, double d) {
        var seat = Figure.builder();
        seat.moveTo(-w + 60, -d);
        seat.curveTo(-w * 0.4, -d - 6, w * 0.4, -d - 6, w - 60, -d);
        seat.curveTo(w - 15, -d + 2, w + 3, -d + 22, w, -d + 70);
        seat.lineTo(w - 22, d - 60);
        seat.curveTo(w - 26, d - 42, w - 40, d - 35, w - 60, d - 35);
        seat.lineTo(-w + 60, d - 35);
        seat.curveTo(-w + 40, d - 35, -w + 26, d - 42, -w + 22, d - 60);
        seat.lineTo(-w, -d + 70);
        seat.curveTo(-w - 3, -d + 22, -w + 15, -d + 2, -w + 60, -d);
        seat.close();
        return seat.build();
    }

    private static Figure chairBack(double w, double d) {
        var back = Figure.builder();
        back.moveTo(-w - 8, d - 70);
        back.curveTo(-w * 0.6, d + 12, w * 0.6, d + 12, w + 8, d - 70);
        back.lineTo(w - 26, d - 104);
        back.curveTo(w * 0.5, d - 34, -w * 0.5, d - 34, -w + 26, d - 104);
        back.close();
        return back.build();
    }

    /** A round stool about a point. */
    void stool(double x, double y, double radius, double high) {
        var seat = Figure.circle(new Point(x, y), radius);
        standing(x - 25, y - 25, x + 25, y + 25, 0, high - 40, 4, Role.METAL);
        standing(seat.flattened(4), high - 40, high, 12, Role.TIMBER_DARK);
        shape(seat, Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
    }

    /** A stool before the middle of the front. */
    void stoolBefore() {
        stool(0, -d - 190, 180, 480);
    }

    /** Two lines across a circle about the origin, the sign of a lamp that hangs. */
    void cross(double radius) {
        var reach = radius * Math.sqrt(0.5);
        line(Figure.line(new Point(-reach, -reach), new Point(reach, reach)), Edge.OUTLINE, Detail.PLAIN);
        line(Figure.line(new Point(-reach, reach), new Point(reach, -reach)), Edge.OUTLINE, Detail.PLAIN);
    }

    /** Chairs along both long sides of the piece, and at its ends if there is room. */
    void chairsAround() {
        chairs(SeatsAround.box(w, d));
    }

    /** As many chairs as there is elbow room around an oval of the piece's size. */
    void chairsAroundOval() {
        chairs(SeatsAround.oval(w, d));
    }

    /** A chair at each of some places. */
    void chairs(List<SeatsAround.Seat> seats) {
        seats.forEach(seat -> chair(seat.x(), seat.y(), seat.turnDeg()));
    }

    /** A mixer tap whose spout reaches to the front. */
    void tap(double x, double y, double reach) {
        circle(x, y, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        innerBox(x - 9, y - reach, x + 9, y, 9, Role.METAL, Detail.DRAWN);
    }

    /** A tap on the ledge at the left end of a bath. */
    void tapAtLeft() {
        circle(-w + 65, 0, 24, Role.METAL, Edge.INNER, Detail.DRAWN);
        innerBox(-w + 65, -9, -w + 190, 9, 9, Role.METAL, Detail.DRAWN);
    }

    /** A tap seen from the front, so high above its foot. */
    void frontTap(double x, double y, double foot, double high) {
        front(y, boxPath(x - 9, foot, x + 9, foot + high, 9), Role.METAL, Edge.INNER, Detail.DRAWN);
        front(y, boxPath(x - 9, foot + high - 18, x + 9, foot + high, 9), Role.METAL, Edge.INNER, Detail.DRAWN);
    }

    /** Seeded leaves in rings about a point, the lowest first. */
    void leaves(double x, double y, double reach, int ring, int count, double wide, Role tone, Detail detail) {
        for (var i = 0; i < count; i++) {
            var turn = 360.0 * (i + 0.5 * ring) / count + 16 * either(10L + ring, i);
            var length = reach * (0.82 + 0.18 * chance(20L + ring, i));
            var bend = wide * 0.25 * either(30L + ring, i);
            var leaf = Figure.builder();
            leaf.moveTo(reach * 0.06, 0);
            leaf.curveTo(length * 0.35, wide * 0.62, length * 0.75, wide * 0.42, length, bend);
            leaf.curveTo(length * 0.72, -wide * 0.40, length * 0.35, -wide * 0.55, reach * 0.06, 0);
            leaf.close();
            var path = leaf.build();
            within(Affine.turn(turn).then(Affine.move(x, y)), () -> {
                shape(path, tone, Edge.INNER, detail);
                line(
                        Figure.line(new Point(reach * 0.1, 0), new Point(length * 0.8, bend * 0.6)),
                        Edge.INNER,
                        Detail.RICH);
            });
        }
    }

    /** Leaves seen from any side: an uneven crown between two heights. */
    void crown(double x, double wide, double bottom, double top, Role role) {
        var middle = (bottom + top) / 2;
        for (var i = 0; i < 9; i++) {
            var a = Math.toRadians(40 * i);
            var rx = wide * (0.26 + 0.06 * chance(50, i));
            var rz = (top - bottom) * (0.2 + 0.05 * chance(51, i));
            var cx = wide * 0.26 * Math.cos(a);
            var cz = middle + (top - bottom) * 0.29 * Math.sin(a);
            round(
                    x,
                    0,
                    Figure.builder().ellipse(new Point(cx, cz), rx, rz).build(),
                    i % 3 == 0 ? Role.LEAF_LIGHT : role);
        }
    }

    /** The box of all of the piece seen from above, so far in from its edges. */
    Box inside(double inset) {
        return new Box(-w + inset, -d + inset, w - inset, d - inset);
    }
}
