package honeylamp.derive.own;

import static honeylamp.TestOwn.box;
import static honeylamp.TestOwn.mm;
import static honeylamp.TestOwn.part;
import static honeylamp.TestOwn.piece;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.edit.OwnPieces;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Stand;
import honeylamp.plan.Stretch;
import honeylamp.plan.Stretch.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OwnSizeTest {
    /** Two sides of 20 and a shelf between, 1,000 wide, 300 deep and 750 high with a top of 30. */
    private static OwnPiece shelf() {
        return piece(
                        "Shelf",
                        part(box(0, 0, 20, 300), 0, 720),
                        part(box(980, 0, 1000, 300), 0, 720),
                        part(box(20, 0, 980, 300), 400, 420),
                        part(box(0, 0, 1000, 300), 720, 750))
                .withAcross(new Stretch(mm(20), mm(980), Zone.GROWS))
                .withUp(new Stretch(mm(0), mm(400), Zone.GROWS));
    }

    private static List<OwnPart> made(OwnPiece piece, double width, double depth, double height) {
        return OwnSize.of(piece, width, depth, height).parts();
    }

    private static Box around(OwnPart part) {
        return OwnLines.bounds(List.of(part));
    }

    @Test
    void whatLiesBesideTheZoneKeepsItsSize() {
        var parts = made(shelf(), 1500, 300, 900);
        assertThat(parts).hasSize(4);
        assertThat(around(parts.get(0))).isEqualTo(new Box(0, 0, 20, 300));
        assertThat(around(parts.get(1))).isEqualTo(new Box(1480, 0, 1500, 300));
        assertThat(around(parts.get(2))).isEqualTo(new Box(20, 0, 1480, 300));
        assertThat(parts.get(2).bottom()).isEqualTo(mm(550));
        assertThat(parts.get(2).top()).isEqualTo(mm(570));
        assertThat(parts.get(3).bottom()).isEqualTo(mm(870));
        assertThat(parts.get(3).top()).isEqualTo(mm(900));
    }

    @Test
    void whatLiesInARepeatingZoneIsThereAsOftenAsItFits() {
        var bench = piece("Bench", part(box(0, 0, 500, 400), 400, 450), part(box(150, 0, 250, 400), 0, 400))
                .withAcross(new Stretch(mm(100), mm(400), Zone.REPEATS));
        var parts = made(bench, 1100, 400, 450); // 100 + 3 x 300 + 100
        assertThat(parts).hasSize(4);
        assertThat(around(parts.get(0))).isEqualTo(new Box(0, 0, 1100, 400));
        for (var i = 0; i < 3; i++) {
            assertThat(around(parts.get(1 + i))).isEqualTo(new Box(150 + 300 * i, 0, 250 + 300 * i, 400));
        }
        // 1,000 - 200 = 800: nearest to three times 300, so each is 266.67 wide
        var narrower = made(bench, 1000, 400, 450);
        assertThat(narrower).hasSize(4);
        assertThat(around(narrower.get(1)).minX()).isCloseTo(100 + 50 * 800.0 / 900, within(1e-3));
        assertThat(around(narrower.get(3)).maxX()).isCloseTo(900 - 150 * 800.0 / 900, within(1e-3));
    }

    @Test
    void shelvesRepeatUpwards() {
        var tall = piece("Tall", part(box(0, 0, 600, 300), 0, 20), part(box(0, 0, 600, 300), 300, 320))
                .withUp(new Stretch(mm(20), mm(320), Zone.REPEATS));
        var parts = made(tall, 600, 300, 1220); // 20 + 4 x 300
        assertThat(parts).extracting(p -> p.bottom().mm()).containsExactly(0.0, 300.0, 600.0, 900.0, 1200.0);
        assertThat(parts).extracting(p -> p.top().mm()).containsExactly(20.0, 320.0, 620.0, 920.0, 1220.0);
    }

    @Test
    void roundPartsAndRoundedCornersKeepTheirRadius() {
        var top = box(0, 0, 1000, 600);
        var soft = top.withCorners(
                top.corners().stream().map(c -> c.withRounded(mm(80))).toList());
        var table =
                piece("Table", part(soft, 0, 750), part(OwnLine.circle(Position.ofMm(500, 300), mm(100)), 750, 900));
        var parts = made(table, 2000, 1200, 900);
        assertThat(parts.get(0).outer().corners())
                .allSatisfy(c -> assertThat(c.rounded()).isEqualTo(mm(80)));
        assertThat(around(parts.get(1))).isEqualTo(new Box(900, 500, 1100, 700));
    }

    @Test
    void whatStaysShrinksOnlyWhereItHasNoRoom() {
        var parts = made(shelf(), 20, 300, 750);
        assertThat(around(parts.get(1)).minX()).isCloseTo(19.6, within(1e-6));
        assertThat(around(parts.get(1)).maxX()).isCloseTo(20, within(1e-6));
    }

    /** Whatever somebody drew, at whatever size: it is drawn, and not without an end. */
    @Test
    void noDrawingAndNoSizeIsTooMuch() {
        var random = new Random(11);
        for (var i = 0; i < 300; i++) {
            var parts = new ArrayList<OwnPart>();
            for (var k = 0; k < 1 + random.nextInt(5); k++) {
                var corners = new ArrayList<OwnLine.Corner>();
                for (var c = 0; c < 2 + random.nextInt(5); c++) {
                    corners.add(new OwnLine.Corner(
                            Position.ofMm(random.nextInt(4) * 50, random.nextInt(4) * 50),
                            mm(random.nextInt(3) * 40),
                            mm((random.nextInt(3) - 1) * 60)));
                }
                var low = random.nextInt(300);
                parts.add(part(new OwnLine(corners, OwnLine.Ends.values()[random.nextInt(2)]), low, low + 20));
            }
            var drawn = OwnPieces.drawn("Any", Stand.FREE, parts).orThrow();
            var zone = new Stretch(mm(0), mm(0.001 + random.nextInt(2) * 60), Zone.values()[random.nextInt(2)]);
            var own = drawn.withAcross(zone).withDeep(zone).withUp(zone);
            for (var size : new double[] {0.000001, 1, 140, 5000, 49_000}) {
                var symbol = Furnishings.of(own).symbol(new FurnishingKind.Size(size, size, size, 1));
                assertThat(symbol.bodies()).hasSizeLessThanOrEqualTo(6000);
                var put = OwnPieces.placed(own, Position.ofMm(0, 0)).sized(mm(size), mm(size), mm(size));
                assertThat(new OwnPlace(put, own).partAt(new Point(20, 20), 5)).isLessThan(parts.size());
                new OwnPlace(put, own).caught(new Point(20, 20), 50);
            }
        }
    }

    @Test
    void aPlaceOnThePieceIsFoundInItsDrawing() {
        var random = new Random(4);
        var shelf = shelf();
        for (var i = 0; i < 200; i++) {
            var drawn = new Point(1000 * random.nextDouble(), 300 * random.nextDouble());
            var one = shelf.withParts(List.of(part(box(drawn.x(), drawn.y(), drawn.x() + 1, drawn.y() + 1), 0, 1)));
            var there = around(OwnSize.of(one, 1400, 500, 750).parts().getFirst());
            var back = OwnSize.of(shelf, 1400, 500, 750).drawn(new Point(there.minX(), there.minY()));
            assertThat(back.distance(drawn)).isLessThan(1e-5);
        }
        var bench = piece("Bench", part(box(0, 0, 500, 400), 0, 450))
                .withAcross(new Stretch(mm(100), mm(400), Zone.REPEATS));
        assertThat(OwnSize.of(bench, 1100, 400, 450).drawn(new Point(850, 20)).x())
                .as("in the third repetition")
                .isCloseTo(250, within(1e-9));
    }
}
