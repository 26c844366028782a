package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No line of a dimension runs along a line of the building: it would only make that heavier. */
class DoubledLinesTest {
    private static final double NEAR_MM = 0.06;
    private static final double LEAST_MM = 0.4;

    static Stream<Plan> demos() throws IOException {
        return Stream.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan());
    }

    @ParameterizedTest
    @MethodSource("demos")
    void noDimensionRunsAlongAWall(Plan plan) {
        for (var page : LaidPlan.of(plan).pages()) {
            var drawing = SheetComposer.compose(page, Lamp.COLOUR, 1).drawing();
            var building = lines(drawing, Set.of(LayerKind.POCHE, LayerKind.OPENINGS));
            var index =
                    new BoxIndex(building.size(), i -> building.get(i).bounds().grown(NEAR_MM));
            for (var line : lines(drawing, Set.of(LayerKind.DIMENSIONS))) {
                assertThat(index.meeting(line.bounds().grown(NEAR_MM)))
                        .as(page.name() + ", " + line)
                        .allSatisfy(
                                i -> assertThat(shared(line, building.get(i))).isLessThan(LEAST_MM));
            }
        }
    }

    /** How far one line runs along another. */
    private static double shared(Segment line, Segment other) {
        if (Math.abs(line.offset(other.a())) > NEAR_MM || Math.abs(line.offset(other.b())) > NEAR_MM) {
            return 0;
        }
        var a = line.along(other.a());
        var b = line.along(other.b());
        return Math.min(line.length(), Math.max(a, b)) - Math.max(0, Math.min(a, b));
    }

    private static List<Segment> lines(Drawing drawing, Set<LayerKind> kinds) {
        var out = new ArrayList<Segment>();
        drawing.only(kinds::contains).layers().forEach(l -> add(out, l.marks()));
        return out;
    }

    private static void add(List<Segment> out, List<Mark> marks) {
        for (var mark : marks) {
            if (mark instanceof Mark.Clip clip) {
                add(out, clip.inside());
            } else if (mark instanceof Mark.Stroke stroke
                    && stroke.pen().dashMm().isEmpty()) {
                stroke.path().walk(new Straight(out));
            }
        }
    }

    /** Gathers the straight parts of a path that are long enough to be seen. */
    private static final class Straight implements Figure.Walker {
        private final List<Segment> out;
        private Point first = Point.ORIGIN;
        private Point last = Point.ORIGIN;

        Straight(List<Segment> out) {
            this.out = out;
        }

        @Override
        public void moveTo(double x, double y) {
            first = new Point(x, y);
            last = first;
        }

        @Override
        public void lineTo(double x, double y) {
            to(new Point(x, y));
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            last = new Point(x, y);
        }

        @Override
        public void close() {
            to(first);
        }

        private void to(Point p) {
            if (last.distance(p) > LEAST_MM) {
                out.add(new Segment(last, p));
            }
            last = p;
        }
    }
}
