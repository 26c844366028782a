package honeylamp.illustrate.ground;

import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Structure.Car;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The shapes of a car from above, in mm about its middle, its nose at +y. */
final class CarArt {
    private static final double MIRROR_MM = 150;

    /** How high the parts of a car end above the ground, in mm; its body begins over the road. */
    static final double BODY_FROM_MM = 220;

    /** The windows begin where the body ends. */
    static final double ROOF_FROM_MM = 860;

    private static final double WHEELS_MM = 330;
    private static final double BODY_MM = ROOF_FROM_MM;
    private static final double ROOF_MM = 1430;

    /** How a shape is outlined. */
    enum Edge {
        OUTLINE,
        INNER
    }

    /**
     * One shape, drawn over those before it.
     *
     * @param role its colour; empty if it is a line only
     * @param lighter than the colour of the role
     * @param topMm how high it lies above the ground
     * @param bulk whether it stands up from what is below it, and so has sides
     */
    record Shape(Figure path, Optional<Role> role, double lighter, Edge edge, double topMm, Bulk bulk) {}

    /** What of a car is seen from its sides. */
    enum Bulk {
        /** The body, over the road. */
        BODY,
        /** The roof, over its windows. */
        ROOF,
        /** What lies on these. */
        FLAT
    }

    private final double w;
    private final double l;
    private final List<Shape> shapes = new ArrayList<>();

    private CarArt(Car car) {
        this.w = car.width().mm() / 2;
        this.l = car.length().mm() / 2;
    }

    static List<Shape> of(Car car) {
        var art = new CarArt(car);
        art.draw(car == Car.LARGE);
        return List.copyOf(art.shapes);
    }

    private void draw(boolean isLong) {
        var screen = l - (isLong ? 0.46 : 0.58) * l; // where the windscreen meets the bonnet
        var tail = -l + (isLong ? 0.10 : 0.30) * l; // where the rear window meets the boot
        wheels();
        mirrors(screen);
        bulk(body(), Role.CAR, Edge.OUTLINE, BODY_MM, Bulk.BODY);
        lamps();
        fill(cabin(screen, tail), Role.CAR_GLASS, 0, Edge.INNER);
        bulk(roof(screen, tail), Role.CAR_ROOF, Edge.INNER, ROOF_MM, Bulk.ROOF);
        line(Figure.builder()
                .line(at(-0.62, screen + 0.10 * w), at(-0.46, l - 0.34 * w))
                .line(at(0.62, screen + 0.10 * w), at(0.46, l - 0.34 * w))
                .line(at(-0.80, tail - 0.08 * w), at(0.80, tail - 0.08 * w))
                .build());
        var middle = 0.5 * (screen + tail) - 0.08 * l;
        line(Figure.builder()
                .line(at(-0.985, middle), at(-0.70, middle))
                .line(at(0.985, middle), at(0.70, middle))
                .line(at(-0.985, screen - 0.1 * w), at(-0.84, screen - 0.22 * w))
                .line(at(0.985, screen - 0.1 * w), at(0.84, screen - 0.22 * w))
                .build());
    }

    /** Of half the width across, and in mm along. */
    private Point at(double share, double y) {
        return new Point(share * w, y);
    }

    private void fill(Figure path, Role role, double lighter, Edge edge) {
        shapes.add(new Shape(path, Optional.of(role), lighter, edge, BODY_MM, Bulk.FLAT));
    }

    private void bulk(Figure path, Role role, Edge edge, double topMm, Bulk bulk) {
        shapes.add(new Shape(path, Optional.of(role), 0, edge, topMm, bulk));
    }

    private void line(Figure path) {
        shapes.add(new Shape(path, Optional.empty(), 0, Edge.INNER, BODY_MM, Bulk.FLAT));
    }

    /** What is seen of them beside the body. */
    private void wheels() {
        var wheels = Figure.builder();
        for (var side : new double[] {-1, 1}) {
            for (var y : new double[] {0.60 * l, -0.58 * l}) {
                wheels.roundedBox(
                        new Box(
                                Math.min(side * 0.86 * w, side * 1.015 * w),
                                y - 320,
                                Math.max(side * 0.86 * w, side * 1.015 * w),
                                y + 320),
                        40);
            }
        }
        bulk(wheels.build(), Role.DARK, Edge.INNER, WHEELS_MM, Bulk.FLAT);
    }

    private void mirrors(double screen) {
        fill(
                Figure.builder()
                        .roundedBox(new Box(-w - MIRROR_MM, screen - 300, -w + 60, screen - 170), 50)
                        .roundedBox(new Box(w - 60, screen - 300, w + MIRROR_MM, screen - 170), 50)
                        .build(),
                Role.CAR,
                0,
                Edge.INNER);
    }

    /** Narrower at its nose and tail, with round shoulders over the wheels. */
    private Figure body() {
        var path = Figure.builder();
        path.moveTo(0, l);
        path.curveTo(0.62 * w, l, 0.86 * w, l - 0.10 * w, 0.92 * w, l - 0.48 * w);
        path.curveTo(1.0 * w, 0.62 * l, 1.0 * w, 0.46 * l, 0.965 * w, 0.28 * l);
        path.curveTo(0.95 * w, 0, 0.955 * w, -0.30 * l, 0.985 * w, -0.46 * l);
        path.curveTo(1.0 * w, -0.66 * l, 0.96 * w, -l + 0.42 * w, 0.88 * w, -l + 0.20 * w);
        path.curveTo(0.76 * w, -l, 0.5 * w, -l, 0, -l);
        path.curveTo(-0.5 * w, -l, -0.76 * w, -l, -0.88 * w, -l + 0.20 * w);
        path.curveTo(-0.96 * w, -l + 0.42 * w, -1.0 * w, -0.66 * l, -0.985 * w, -0.46 * l);
        path.curveTo(-0.955 * w, -0.30 * l, -0.95 * w, 0, -0.965 * w, 0.28 * l);
        path.curveTo(-1.0 * w, 0.46 * l, -1.0 * w, 0.62 * l, -0.92 * w, l - 0.48 * w);
        path.curveTo(-0.86 * w, l - 0.10 * w, -0.62 * w, l, 0, l);
        path.close();
        return path.build();
    }

    private void lamps() {
        fill(lamp(l - 0.14 * w, l - 0.42 * w), Role.LINEN, 0.02, Edge.INNER);
        fill(lamp(-l + 0.10 * w, -l + 0.26 * w), Role.CUSHION, -0.06, Edge.INNER);
    }

    /** A pair of lamps that follow the corners. */
    private Figure lamp(double end, double back) {
        var path = Figure.builder();
        for (var side : new double[] {-1, 1}) {
            path.moveTo(side * 0.44 * w, end);
            path.curveTo(side * 0.66 * w, end, side * 0.80 * w, 0.5 * (end + back), side * 0.86 * w, back);
            path.curveTo(
                    side * 0.72 * w,
                    0.4 * end + 0.6 * back,
                    side * 0.6 * w,
                    0.6 * end + 0.4 * back,
                    side * 0.44 * w,
                    end);
            path.close();
        }
        return path.build();
    }

    private Figure cabin(double screen, double tail) {
        var path = Figure.builder();
        path.moveTo(-0.74 * w, screen - 0.05 * w);
        path.curveTo(-0.36 * w, screen + 0.13 * w, 0.36 * w, screen + 0.13 * w, 0.74 * w, screen - 0.05 * w);
        path.curveTo(0.86 * w, screen - 0.5 * w, 0.87 * w, tail + 0.6 * w, 0.76 * w, tail + 0.03 * w);
        path.curveTo(0.36 * w, tail - 0.07 * w, -0.36 * w, tail - 0.07 * w, -0.76 * w, tail + 0.03 * w);
        path.curveTo(-0.87 * w, tail + 0.6 * w, -0.86 * w, screen - 0.5 * w, -0.74 * w, screen - 0.05 * w);
        path.close();
        return path.build();
    }

    private Figure roof(double screen, double tail) {
        var from = tail + 0.34 * w;
        var to = screen - 0.56 * w;
        var path = Figure.builder();
        path.moveTo(-0.62 * w, to);
        path.curveTo(-0.3 * w, to + 0.10 * w, 0.3 * w, to + 0.10 * w, 0.62 * w, to);
        path.curveTo(0.72 * w, to - 0.4 * w, 0.72 * w, from + 0.4 * w, 0.64 * w, from);
        path.curveTo(0.3 * w, from - 0.05 * w, -0.3 * w, from - 0.05 * w, -0.64 * w, from);
        path.curveTo(-0.72 * w, from + 0.4 * w, -0.72 * w, to - 0.4 * w, -0.62 * w, to);
        path.close();
        return path.build();
    }
}
