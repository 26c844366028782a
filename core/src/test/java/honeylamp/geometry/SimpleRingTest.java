package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class SimpleRingTest {
    /** Law: a ring is simple exactly if JTS calls the polygon it bounds valid. */
    @Property(tries = 4000, seed = "20261125")
    void agreesWithJts(@ForAll long seed, @ForAll @IntRange(min = 3, max = 9) int corners) {
        var random = new Random(seed);
        var points = new ArrayList<Point>();
        for (var i = 0; i < corners; i++) {
            points.add(new Point(random.nextInt(100), random.nextInt(100)));
        }
        var ring = new Ring(points);
        var coordinates = new ArrayList<Coordinate>();
        points.forEach(p -> coordinates.add(new Coordinate(p.x(), p.y())));
        coordinates.add(new Coordinate(points.getFirst().x(), points.getFirst().y()));
        var polygon = new GeometryFactory().createPolygon(coordinates.toArray(Coordinate[]::new));
        assertThat(ring.isSimple()).isEqualTo(polygon.isValid());
    }

    @Test
    void bowTiesSpikesAndTouchingCornersAreNot() {
        var bow = Ring.of(new Point(0, 0), new Point(4, 4), new Point(4, 0), new Point(0, 4));
        assertThat(bow.isSimple()).isFalse();
        var spike = Ring.of(new Point(0, 0), new Point(4, 0), new Point(2, 0), new Point(2, 4));
        assertThat(spike.isSimple()).isFalse();
        var touching = Ring.of(new Point(0, 0), new Point(8, 0), new Point(8, 4), new Point(4, 0), new Point(0, 4));
        assertThat(touching.isSimple()).isFalse();
        assertThat(new Box(0, 0, 1, 1).ring().isSimple()).isTrue();
    }

    @Test
    void segmentsTouchAtEndsAndOverEachOther() {
        var s = new Segment(new Point(0, 0), new Point(10, 0));
        assertThat(s.touches(new Segment(new Point(10, 0), new Point(12, 5)))).isTrue();
        assertThat(s.touches(new Segment(new Point(4, 0), new Point(14, 0)))).isTrue();
        assertThat(s.touches(new Segment(new Point(11, 0), new Point(14, 0)))).isFalse();
        assertThat(s.touches(new Segment(new Point(4, 1), new Point(14, 1)))).isFalse();
    }
}
