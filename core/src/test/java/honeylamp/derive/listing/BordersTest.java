package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.Finish;
import honeylamp.plan.Finish.Begins;
import honeylamp.plan.Finish.Course;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Borders along the edges of floors; sizes by hand, and by adding up. */
class BordersTest {
    private static final Laying STRIP = Laying.of(new Pattern.Stack(), 100, 400, 2);

    private static Finish bordered(Begins begins, double... widths) {
        var courses = new ArrayList<Course>();
        for (var width : widths) {
            courses.add(new Course("slate", STRIP, Optional.empty(), Length.ofMm(width), begins));
        }
        return Finish.of("tile-white").withCourses(courses);
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }

    /** 4,000 × 3,000 with a border of 100 and one of 50 within it: trapezia along four sides, and a field of 3,700 × 2,700. */
    @Test
    void aRectangleHasMitredStripsAlongItsSidesAndAField() {
        var room = List.of(Outline.of(new Box(1000, 500, 5000, 3500).ring()));
        var parts = Borders.of(room, bordered(Begins.LEFT, 100, 50));
        assertThat(parts).hasSize(9);
        assertThat(parts.subList(0, 4))
                .extracting(p -> Math.rint(area(p.outline())))
                .containsExactlyInAnyOrder(390_000.0, 290_000.0, 390_000.0, 290_000.0);
        assertThat(area(parts.getLast().outline())).isCloseTo(3700 * 2700, within(1e-3));
        assertThat(parts.getLast().finish().courses()).isEmpty();
        assertThat(parts.getLast().finish().material()).isEqualTo("tile-white");
        // along the south side it begins in the corner and runs east, along the east side it runs north
        assertThat(parts.subList(0, 4))
                .anySatisfy(p -> {
                    assertThat(p.finish().start().point().distance(new Point(1000, 500)))
                            .isLessThan(1e-6);
                    assertThat(p.finish().directionDeg()).isCloseTo(0, within(1e-9));
                })
                .anySatisfy(p -> {
                    assertThat(p.finish().start().point().distance(new Point(5000, 500)))
                            .isLessThan(1e-6);
                    assertThat(p.finish().directionDeg()).isCloseTo(90, within(1e-9));
                });
    }

    @Test
    void aBorderBeginsWithAPieceInTheMiddleOrAtItsFarEnd() {
        var room = List.of(Outline.of(new Box(0, 0, 4000, 3000).ring()));
        assertThat(Borders.of(room, bordered(Begins.CENTRE, 100)))
                .anySatisfy(p -> assertThat(p.finish().start().point().distance(new Point(1800, 0)))
                        .isLessThan(1e-6));
        assertThat(Borders.of(room, bordered(Begins.RIGHT, 100)))
                .anySatisfy(p -> assertThat(p.finish().start().point().distance(new Point(3600, 0)))
                        .isLessThan(1e-6));
    }

    @Test
    void aBorderWiderThanTheRoomLeavesNoField() {
        var room = List.of(Outline.of(new Box(0, 0, 4000, 3000).ring()));
        var parts = Borders.of(room, bordered(Begins.LEFT, 1600, 200));
        assertThat(parts).hasSize(4);
        assertThat(parts.stream().mapToDouble(p -> area(p.outline())).sum()).isCloseTo(12e6, within(1e-3));
    }

    /** Rooms with slanted sides, a bay and a post in them: parts never lie over each other and cover all. */
    @Test
    void bordersAndFieldMakeUpTheSurfaceWhateverItsShape() {
        var random = new Random(11);
        for (var run = 0; run < 60; run++) {
            var corners = new ArrayList<Point>();
            var many = 4 + random.nextInt(9);
            for (var i = 0; i < many; i++) {
                var far = 1500 + 2500 * random.nextDouble();
                corners.add(Point.direction(360.0 * i / many).times(far));
            }
            var post = new Box(-150, -150, 150, 150).ring();
            var room = Regions.difference(
                    List.of(Outline.of(new Ring(corners).counterClockwise())), List.of(Outline.of(post)));
            var parts = Borders.of(room, bordered(Begins.LEFT, 60 + 200 * random.nextDouble(), 80));
            var sum = parts.stream().mapToDouble(p -> area(p.outline())).sum();
            assertThat(sum).as("run %d", run).isCloseTo(area(room), within(60.0));
            for (var i = 0; i < parts.size(); i++) {
                for (var other : parts.subList(i + 1, parts.size())) {
                    assertThat(area(Regions.intersection(parts.get(i).outline(), other.outline())))
                            .as("run %d", run)
                            .isCloseTo(0, within(1.0));
                }
            }
        }
    }
}
