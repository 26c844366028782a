package honeylamp.illustrate.elevation;

import honeylamp.catalogue.Fittings;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.FittingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Fittings as they look from the front, at true size, in mm around the point they are fixed at, y up: plates 80 mm high with
 * 71 mm from one insert to the next, bodies of lamps as they usually are.
 */
final class FittingFronts {
    private static final double SOFT_MM = 6;

    /**
     * A part of a fitting.
     *
     * @param as how it is drawn
     */
    record Part(Figure path, As as) {}

    /** How parts are drawn. */
    enum As {
        /** In the colour of paper, with its outline. */
        BODY,
        /** What shines. */
        SHADE,
        /** A line. */
        LINE
    }

    private final List<Part> parts = new ArrayList<>();

    private FittingFronts() {}

    /**
     * A kind as it looks.
     *
     * @param longMm of what lights along a line
     * @param downMm from the ceiling to where it hangs; 0 at the ceiling
     */
    static List<Part> of(FittingKind kind, double longMm, double downMm) {
        var out = new FittingFronts();
        switch (kind) {
            case DOWNLIGHT -> out.shade(box(-50, -14, 50, 0));
            case CEILING_LIGHT -> out.shade(box(-165, -90, 165, 0));
            case CHANDELIER -> out.chandelier(downMm);
            case PENDANT -> out.pendant(downMm);
            case WALL_WASHER -> out.shade(box(-70, -60, 70, 0));
            case TRACK -> out.track(longMm);
            case WALL_LIGHT -> out.shade(box(-60, -110, 60, 110));
            case PICTURE_LIGHT -> out.picture();
            case MIRROR_LIGHT -> out.shade(box(-300, -30, 300, 30));
            case STRIP -> out.shade(box(-longMm / 2, -10, longMm / 2, 10));
            case UPLIGHT -> out.uplight();
            case STEP_LIGHT -> out.shade(box(-50, -25, 50, 25));
            case TABLE_LAMP, DESK_LAMP -> out.standing(Math.min(downMm, Fittings.TABLE_LAMP_MM), 220);
            case FLOOR_LAMP -> out.standing(downMm, 320);
            case OUTDOOR_WALL_LIGHT -> out.shade(box(-55, -130, 55, 130));
            case PATH_LIGHT -> out.standing(downMm, 120);
            case GROUND_LIGHT -> out.shade(box(-70, 0, 70, 12));
            case ONE_WAY, TWO_WAY, INTERMEDIATE -> out.rocker();
            case DIMMER -> out.round(22);
            case PULL_CORD -> out.cord(downMm);
            case SENSOR -> out.shade(box(-45, -40, 45, 0));
            case BELL_PUSH -> out.round(12);
            case SOCKET_1, OUTDOOR_SOCKET, FLOOR_SOCKET, SHAVER_SOCKET -> out.sockets(1);
            case SOCKET_2, WORKTOP_SOCKET -> out.sockets(2);
            case SOCKET_3 -> out.sockets(3);
            case SOCKET_4 -> out.sockets(4);
            case SWITCHED_SOCKET -> out.switched();
            case APPLIANCE_OUTLET -> out.outlet(30, 30);
            case DATA_OUTLET -> out.outlet(24, 16);
            case AERIAL_OUTLET -> out.outlet(10, 10);
            case CONSUMER_UNIT -> out.unit();
        }
        return List.copyOf(out.parts);
    }

    private static Box box(double left, double bottom, double right, double top) {
        return new Box(left, bottom, right, top);
    }

    private static Figure soft(Box box) {
        return Figure.builder()
                .roundedBox(box, Math.min(SOFT_MM, Math.min(box.width(), box.height()) / 3))
                .build();
    }

    private void body(Box box) {
        parts.add(new Part(soft(box), As.BODY));
    }

    private void shade(Box box) {
        parts.add(new Part(soft(box), As.SHADE));
    }

    private void line(Point... points) {
        parts.add(new Part(Figure.line(points), As.LINE));
    }

    private void circle(double x, double y, double r) {
        parts.add(new Part(Figure.circle(new Point(x, y), r), As.LINE));
    }

    private void plate(int inserts) {
        var half = (Fittings.PLATE_MM + (inserts - 1) * Fittings.INSERT_MM) / 2;
        body(box(-half, -Fittings.PLATE_MM / 2, half, Fittings.PLATE_MM / 2));
    }

    private void rocker() {
        plate(1);
        line(new Point(-27, -27), new Point(27, -27), new Point(27, 27), new Point(-27, 27), new Point(-27, -27));
    }

    private void round(double r) {
        plate(1);
        circle(0, 0, r);
    }

    private void sockets(int inserts) {
        plate(inserts);
        IntStream.range(0, inserts).forEach(i -> circle((i - (inserts - 1) / 2.0) * Fittings.INSERT_MM, 0, 22));
    }

    private void switched() {
        plate(2);
        circle(-Fittings.INSERT_MM / 2, 0, 22);
        var x = Fittings.INSERT_MM / 2;
        line(
                new Point(x - 24, -24),
                new Point(x + 24, -24),
                new Point(x + 24, 24),
                new Point(x - 24, 24),
                new Point(x - 24, -24));
    }

    private void outlet(double wide, double high) {
        plate(1);
        line(
                new Point(-wide / 2, -high / 2),
                new Point(wide / 2, -high / 2),
                new Point(wide / 2, high / 2),
                new Point(-wide / 2, high / 2),
                new Point(-wide / 2, -high / 2));
    }

    private void unit() {
        body(box(-180, -230, 180, 230));
        line(new Point(-150, 0), new Point(150, 0));
    }

    private void cord(double downMm) {
        line(new Point(0, downMm), new Point(0, 0));
        body(box(-9, -30, 9, 0));
    }

    private void pendant(double downMm) {
        line(new Point(0, downMm), new Point(0, 150));
        parts.add(new Part(
                Figure.builder()
                        .line(
                                new Point(-150, 0),
                                new Point(150, 0),
                                new Point(50, 150),
                                new Point(-50, 150),
                                new Point(-150, 0))
                        .build(),
                As.SHADE));
    }

    private void chandelier(double downMm) {
        line(new Point(0, downMm), new Point(0, 0));
        for (var x : List.of(-260.0, -90.0, 90.0, 260.0)) {
            line(new Point(0, 0), new Point(x, 40), new Point(x, 70));
            shade(box(x - 45, 70, x + 45, 150));
        }
    }

    private void track(double longMm) {
        body(box(-longMm / 2, -25, longMm / 2, 0));
        var heads = Math.max(1, (int) Math.round(longMm / 500));
        for (var i = 0; i < heads; i++) {
            var x = (i + 0.5) * longMm / heads - longMm / 2;
            shade(box(x - 35, -125, x + 35, -25));
        }
    }

    private void picture() {
        line(new Point(0, 0), new Point(0, -60));
        shade(box(-150, -85, 150, -60));
    }

    private void uplight() {
        parts.add(new Part(
                Figure.builder()
                        .line(
                                new Point(-90, 60),
                                new Point(90, 60),
                                new Point(45, -60),
                                new Point(-45, -60),
                                new Point(-90, 60))
                        .build(),
                As.SHADE));
    }

    /** A foot, a pole, and a shade around the point that shines. */
    private void standing(double highMm, double shadeMm) {
        var half = Math.min(shadeMm / 2, highMm / 3);
        line(new Point(0, -half), new Point(0, -highMm));
        body(box(-0.6 * shadeMm / 2, -highMm, 0.6 * shadeMm / 2, -highMm + 18));
        parts.add(new Part(
                Figure.builder()
                        .line(
                                new Point(-shadeMm / 2, -half),
                                new Point(shadeMm / 2, -half),
                                new Point(0.36 * shadeMm, half),
                                new Point(-0.36 * shadeMm, half),
                                new Point(-shadeMm / 2, -half))
                        .build(),
                As.SHADE));
    }
}
