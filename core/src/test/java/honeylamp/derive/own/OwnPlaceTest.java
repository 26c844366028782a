package honeylamp.derive.own;

import static honeylamp.TestOwn.box;
import static honeylamp.TestOwn.mm;
import static honeylamp.TestOwn.part;
import static honeylamp.TestOwn.piece;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.own.OwnPlace.Kind;
import honeylamp.edit.OwnPieces;
import honeylamp.geometry.Point;
import honeylamp.plan.OwnLine;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A board of 1,000 x 400 with a round hole about its middle, turned by 30 degrees. */
class OwnPlaceTest {
    private static OwnPlace place(Sense sense) {
        var own = piece(
                "Board",
                part(box(0, 0, 1000, 400), 0, 40),
                part(OwnLine.circle(Position.ofMm(500, 200), mm(80)), 0, 40));
        var put = OwnPieces.placed(own, Position.ofMm(3000, 2000)).turnedTo(30).withSense(sense);
        return new OwnPlace(put, own);
    }

    @ParameterizedTest
    @EnumSource(Sense.class)
    void cornersMiddlesAndCentresAreCaught(Sense sense) {
        var place = place(sense);
        assertCaught(place, new Point(1000, 400), Kind.CORNER);
        assertCaught(place, new Point(500, 0), Kind.MIDDLE);
        assertCaught(place, new Point(500, 200), Kind.CENTRE);
        assertThat(place.caught(place.toPlan().apply(new Point(250, 20)), 30)
                        .orElseThrow()
                        .kind())
                .isEqualTo(Kind.ALONG);
        assertThat(place.caught(place.toPlan().apply(new Point(200, 200)), 30)).isEmpty();
    }

    private static void assertCaught(OwnPlace place, Point local, Kind kind) {
        var there = place.toPlan().apply(local);
        var caught = place.caught(there.plus(new Point(12, -9)), 30).orElseThrow();
        assertThat(caught.kind()).isEqualTo(kind);
        assertThat(caught.at().distance(there)).isLessThan(1e-3);
    }

    @Test
    void theUppermostPartIsTakenUp() {
        var place = place(Sense.AS_DRAWN);
        assertThat(place.partAt(place.toPlan().apply(new Point(500, 210)), 5)).isEqualTo(1);
        assertThat(place.partAt(place.toPlan().apply(new Point(100, 100)), 5)).isZero();
        assertThat(place.partAt(place.toPlan().apply(new Point(-100, 100)), 5)).isEqualTo(-1);
        assertThat(place.drawn(place.toPlan().apply(new Point(333, 44))).distance(new Point(333, 44)))
                .isLessThan(1e-6);
    }
}
