package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class GeometryTest {
    private static final Ring SQUARE = new Box(0, 0, 10, 10).ring();

    @Test
    void directionsAreExactOnTheAxes() {
        assertThat(Point.direction(90)).isEqualTo(new Point(0, 1));
        assertThat(Point.direction(-90)).isEqualTo(new Point(0, -1));
        assertThat(Point.direction(540)).isEqualTo(new Point(-1, 0));
        assertThat(new Point(0, -3).angleDeg()).isEqualTo(270);
    }

    @Test
    void aShiftWithoutLengthHasNoDirection() {
        assertThatThrownBy(() -> Point.ORIGIN.unit()).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void linesCrossWhereTheyShould() {
        var level = new Segment(new Point(0, 2), new Point(10, 2));
        var plumb = new Segment(new Point(4, -5), new Point(4, 9));
        assertThat(level.crossing(plumb)).contains(new Point(4, 2));
        assertThat(level.crossing(new Segment(new Point(12, 0), new Point(12, 9))))
                .isEmpty();
        assertThat(level.lineCrossing(new Segment(new Point(0, 3), new Point(10, 3))))
                .isEmpty();
    }

    @Test
    void offsetIsPositiveOnTheLeft() {
        var east = new Segment(Point.ORIGIN, new Point(10, 0));
        assertThat(east.offset(new Point(3, 2))).isEqualTo(2);
        assertThat(east.along(new Point(3, 2))).isEqualTo(3);
        assertThat(east.nearest(new Point(14, 3))).isEqualTo(new Point(10, 0));
        assertThat(east.shiftedLeft(2).a()).isEqualTo(new Point(0, 2));
    }

    @Test
    void ringsKnowAreaAndSense() {
        assertThat(SQUARE.signedArea()).isEqualTo(100);
        assertThat(SQUARE.reversed().signedArea()).isEqualTo(-100);
        assertThat(SQUARE.perimeter()).isEqualTo(40);
        assertThat(SQUARE.contains(new Point(5, 5))).isTrue();
        assertThat(SQUARE.contains(new Point(15, 5))).isFalse();
        assertThat(SQUARE.edgeDistance(new Point(5, 9))).isEqualTo(1);
    }

    @Test
    void farOffPlansLoseNoArea() {
        var far = new Box(1e9, 1e9, 1e9 + 5000, 1e9 + 4000).ring();
        assertThat(far.area()).isEqualTo(20_000_000);
    }

    @Test
    void simplifyingDropsWhatLiesOnALine() {
        var ring = Ring.of(
                new Point(0, 0),
                new Point(5, 0),
                new Point(10, 0),
                new Point(10, 0),
                new Point(10, 10),
                new Point(0, 10));
        assertThat(ring.simplified(1e-6).corners()).hasSize(4);
    }

    @Test
    void outlinesSubtractTheirHoles() {
        var outline = new Outline(SQUARE.reversed(), List.of(new Box(2, 2, 4, 5).ring()));
        assertThat(outline.area()).isEqualTo(94);
        assertThat(outline.perimeter()).isEqualTo(50);
        assertThat(outline.contains(new Point(3, 3))).isFalse();
        assertThat(outline.contains(new Point(1, 1))).isTrue();
        assertThat(outline.shell().signedArea()).isPositive();
        assertThat(outline.holes().getFirst().signedArea()).isNegative();
    }

    @Test
    void setOperationsAgreeWithHand() {
        var a = Outline.of(SQUARE);
        var b = Outline.of(new Box(5, 5, 15, 15).ring());
        assertThat(area(Regions.union(List.of(a, b)))).isEqualTo(175, within(1e-9));
        assertThat(area(Regions.difference(List.of(a), List.of(b)))).isEqualTo(75, within(1e-9));
        assertThat(area(Regions.intersection(List.of(a), List.of(b)))).isEqualTo(25, within(1e-9));
        assertThat(Regions.difference(List.of(), List.of(a))).isEmpty();
    }

    @Test
    void freestPointOfASquareIsItsMiddle() {
        var spot = Regions.freestPoint(Outline.of(new Box(0, 0, 4000, 4000).ring()), 10);
        assertThat(spot.centre().distance(new Point(2000, 2000))).isLessThan(15);
        assertThat(spot.radiusMm()).isCloseTo(2000, within(10.0));
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    /** Law: a transform and its inverse leave points where they were. */
    @Property(seed = "20261125")
    void inverseLeadsBack(
            @ForAll @DoubleRange(min = -360, max = 360) double turn,
            @ForAll @DoubleRange(min = 0.01, max = 50) double scale,
            @ForAll @DoubleRange(min = -9e4, max = 9e4) double x) {
        var t = Affine.scale(scale, -scale).then(Affine.turn(turn)).then(Affine.move(x, 17));
        var p = new Point(123.4, -x);
        assertThat(t.inverse().apply(t.apply(p)).distance(p)).isLessThan(1e-6);
        assertThat(t.lengthScale()).isCloseTo(scale, within(1e-9));
    }

    /** Law: clipping by a convex window agrees with the general overlay. */
    @Property(tries = 200, seed = "20261125")
    void convexClipAgreesWithOverlay(
            @ForAll @DoubleRange(min = -8, max = 8) double x,
            @ForAll @DoubleRange(min = -8, max = 8) double y,
            @ForAll @DoubleRange(min = 0, max = 90) double turn) {
        var window = new Box(-3, -2, 3, 2).ring().through(Affine.turn(turn).then(Affine.move(x, y)));
        var subject = Ring.of(
                new Point(-5, -5),
                new Point(5, -5),
                new Point(5, 0),
                new Point(0, 0),
                new Point(0, 5),
                new Point(-5, 5));
        var clipped = ConvexClip.clip(subject.corners(), window.corners());
        var expected = area(Regions.intersection(List.of(Outline.of(subject)), List.of(Outline.of(window))));
        var actual = clipped.size() < 3 ? 0 : new Ring(clipped).area();
        assertThat(actual).isCloseTo(expected, within(1e-2));
    }

    @Test
    void circlesAreRoundToAFewHundredths() {
        var ring = Figure.circle(Point.ORIGIN, 100).flattened(32);
        assertThat(ring.area()).isCloseTo(Math.PI * 10_000, within(40.0));
        for (var p : ring.corners()) {
            assertThat(p.length()).isCloseTo(100, within(0.03));
        }
    }

    @Test
    void arcsBeginAndEndWhereTheyShould() {
        var path = Figure.builder().arc(new Point(10, 0), 5, 0, 90).build();
        var box = path.bounds();
        assertThat(box.maxX()).isCloseTo(15, within(1e-9));
        assertThat(box.maxY()).isCloseTo(5, within(1e-9));
    }

    @Test
    void pathsAreValues() {
        var a = Figure.builder().ring(SQUARE).build();
        var b = Figure.ring(new Box(0, 0, 10, 10).ring());
        assertThat(a).isEqualTo(b).hasSameHashCodeAs(b);
        assertThat(a.through(Affine.move(1, 0))).isNotEqualTo(b);
        assertThat(Figure.builder().build().isEmpty()).isTrue();
    }

    @Test
    void badShapesAreRefused() {
        assertThatThrownBy(() -> Ring.of(Point.ORIGIN, new Point(1, 1))).hasMessageContaining("needs 3");
        assertThatThrownBy(() -> new Box(1, 0, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Affine.scale(0, 1).inverse()).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Regions.freestPoint(Outline.of(SQUARE), Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void enclosedFacesComeFromSharedEnds() {
        var lines = new ArrayList<>(SQUARE.edges());
        lines.add(new Segment(new Point(0, 0), new Point(10, 10)));
        assertThat(Regions.enclosed(lines))
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.area()).isEqualTo(50));
    }
}
