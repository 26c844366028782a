package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnPlace;
import honeylamp.derive.pointing.Apart;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.NewOwn.Effect;
import honeylamp.desktop.gesture.NewOwn.Mode;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.draw.DrawOwn;
import honeylamp.desktop.gesture.pick.StandFrom;
import honeylamp.desktop.gesture.place.LayIsland;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPart;
import honeylamp.plan.Sense;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Own pieces, islands and distances played on pieces that stand aslant, mirrored, in feet and inches. */
class PieceGestureTest {
    private static Hand bench() {
        var hand = new Hand(TestWalls.house(), DrawOwn.begin());
        hand.click(3000, 1000).move(3200, 1200).type("1200", "400");
        assertThat(hand.storey().furnishings()).hasSize(1);
        return hand;
    }

    private static Furnishing piece(Hand hand) {
        return hand.storey().furnishings().getFirst();
    }

    private static OwnPlace place(Hand hand) {
        return new OwnPlace(piece(hand), piece(hand).own().orElseThrow());
    }

    private static OwnPart last(Hand hand) {
        return place(hand).own().parts().getLast();
    }

    private static void mode(Hand hand, Mode mode) {
        hand.choices = hand.choices.withOwn(hand.choices.own().withMode(mode));
    }

    private static void turn(Hand hand, double deg, Sense sense) {
        var storey = hand.storey().id();
        hand.plan = hand.plan.withStorey(
                storey,
                s -> s.change(
                        Furnishing.class,
                        piece(hand).id(),
                        f -> f.withSense(sense).turnedTo(deg)));
    }

    @Test
    void partsOfAPieceThatStandsAslantRunAlongIt() {
        for (var sense : Sense.values()) {
            var hand = bench();
            turn(hand, 30, sense);
            hand.move(3300, 1300).type("100", "50");
            hand.move(3500, 1500);
            var towards = place(hand).toPlan().apply(new Point(900, 300));
            hand.move(towards.x(), towards.y()).type("400", "200");
            var box = OwnLines.bounds(List.of(last(hand)));
            assertThat(box.minX()).isCloseTo(100, within(1e-4));
            assertThat(box.minY()).isCloseTo(50, within(1e-4));
            assertThat(box.width()).isCloseTo(400, within(1e-4));
            assertThat(box.height()).isCloseTo(200, within(1e-4));
            assertThat(hand.choices.own().part()).isEqualTo(1);
        }
    }

    @Test
    void cornersOfThePieceAreCaughtAndShown() {
        var hand = bench();
        turn(hand, 30, Sense.AS_DRAWN);
        var corner = place(hand).toPlan().apply(new Point(1200, 400));
        hand.move(corner.x() + 20, corner.y() + 20);
        assertThat(hand.gesture.readout(hand.scene()).fields()).hasSize(2);
        hand.click(corner.x() + 20, corner.y() + 20);
        assertThat(hand.gesture.underWay()).isTrue();
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        var beyond = place(hand).toPlan().apply(new Point(1400, 600));
        hand.move(beyond.x(), beyond.y()).type("200", "200");
        assertThat(piece(hand).width().mm()).isCloseTo(1400, within(1e-4));
        hand.click(3100, 1100);
        hand.gesture = hand.gesture.dropped();
        assertThat(hand.gesture.underWay()).isFalse();
    }

    @Test
    void whatCannotBeDrawnIsSaidAndNothingIsLost() {
        var hand = new Hand(TestWalls.house(), DrawOwn.begin());
        hand.choices = hand.choices.withOwn(hand.choices.own().withEffect(Effect.CUTS));
        hand.click(3000, 1000).click(3300, 1300);
        assertThat(hand.complaint).contains("Nothing is picked to cut from");
        assertThat(hand.commits).isZero();
        hand.choices = hand.choices.withOwn(NewOwn.first(UnitSystem.MM));
        hand.click(3000, 1000).type("0", "400");
        assertThat(hand.complaint).isNotEmpty();
        hand.gesture = DrawOwn.begin();
        mode(hand, Mode.OUTLINE);
        hand.click(3000, 1000).click(4000, 1000);
        hand.take(hand.gesture.entered(hand.scene(), Typed.read(List.of(), List.of(), UnitSystem.MM)));
        assertThat(hand.complaint).contains("three corners");
        hand.gesture = DrawOwn.begin();
        hand.click(3000, 1000).click(4000, 2000).click(4000, 1000).click(3000, 2000);
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.CLOSE));
        assertThat(hand.complaint).contains("crosses itself");
        hand.gesture = DrawOwn.begin();
        mode(hand, Mode.PART);
        hand.click(3000, 1000);
        assertThat(hand.complaint).contains("Pick an own piece first");
        mode(hand, Mode.ROUND);
        hand.click(3000, 1000);
        assertThat(hand.complaint).contains("Click a corner");
        assertThat(hand.commits).isZero();
    }

    @Test
    void feetAndInchesAreTyped() {
        var plan = TestWalls.house().withUnits(UnitSystem.FEET_INCHES);
        var hand = new Hand(plan, DrawOwn.begin());
        hand.click(3000, 1000).move(3300, 1300).type("4' 6 1/2\"", "18\"");
        assertThat(piece(hand).width()).isEqualTo(Length.ofInches(54.5));
        assertThat(piece(hand).depth()).isEqualTo(Length.ofInches(18));
        assertThat(piece(hand).height()).isEqualTo(Length.ofInches(30));
    }

    @Test
    void aPartIsDraggedAndMovedByNumbers() {
        var hand = bench();
        hand.click(3100, 1100).click(3300, 1300);
        mode(hand, Mode.PART);
        hand.drag(3200, 1200, 3500, 1230, new Keys(false, false, true));
        assertThat(OwnLines.bounds(List.of(last(hand))).minX()).isCloseTo(400, within(1e-6));
        hand.type("-50", "20");
        assertThat(OwnLines.bounds(List.of(last(hand))).minX()).isCloseTo(350, within(1e-6));
        assertThat(OwnLines.bounds(List.of(last(hand))).minY()).isCloseTo(150, within(1e-6));
    }

    @Test
    void anIslandNeedsALengthAndStandsWhereItIsDrawn() {
        var hand = new Hand(TestWalls.house(), LayIsland.begin());
        hand.choices = hand.choices.withRun(hand.choices.run().withStand(NewRun.Stand.FREE));
        hand.click(3500, 1500).click(3500, 1500);
        assertThat(hand.complaint).contains("no length");
        hand.move(4500, 1900).type("1000");
        var piece = piece(hand);
        assertThat(piece.width().mm()).isCloseTo(1000, within(1e-6));
        var back = piece.placing().apply(new Point(500, piece.depth().mm() / 2));
        assertThat(back.distance(new Point(3500, 1500)))
                .as("its back is on the line")
                .isLessThan(1e-3);
        hand.click(3500, 2500).move(3600, 2500).type();
        assertThat(hand.complaint).contains("too short");
        hand.gesture = hand.gesture.dropped();
        assertThat(hand.gesture.underWay()).isFalse();
    }

    @Test
    void aHalvedStripOpensToBothSides() {
        var hand = new Hand(TestWalls.house(), LayIsland.begin());
        hand.choices = hand.choices.withRun(
                hand.choices.run().with(copy -> copy.kind(Runs.CLOSET).stand(NewRun.Stand.HALVES)));
        hand.click(3200, 2000).move(4400, 2010).type("2000");
        var halves = hand.storey().furnishings();
        assertThat(halves).hasSize(2).allSatisfy(f -> assertThat(f.width().mm()).isCloseTo(1000, within(1e-6)));
        var a = Picking.footprint(halves.get(0)).bounds();
        var b = Picking.footprint(halves.get(1)).bounds();
        assertThat(a.maxX()).as("beside each other").isCloseTo(b.minX(), within(1e-3));
        assertThat(a.minY()).as("in one strip").isCloseTo(b.minY(), within(1e-3));
        assertThat(Math.abs(halves.get(0).turnDeg() - halves.get(1).turnDeg())).isCloseTo(180, within(1e-6));
    }

    @Test
    void aDistanceIsMeasuredFromWhateverIsClicked() {
        var hand = bench();
        turn(hand, 30, Sense.AS_DRAWN);
        hand.gesture = StandFrom.begin(LookOn.at("Look."), piece(hand).id());
        hand.type();
        assertThat(hand.gesture).isInstanceOf(StandFrom.class);
        hand.click(5200, 2000);
        assertThat(hand.complaint).contains("Nothing stands there");
        var wall = hand.storey().walls().getLast().id();
        hand.click(2500, 2000);
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        hand.type("300");
        var apart = Apart.of(StoreyGeometry.of(hand.plan, hand.storey()), piece(hand), wall);
        assertThat(apart.orElseThrow().line().length()).isCloseTo(300, within(1e-3));
        assertThat(Picking.footprint(piece(hand)).bounds().minX())
                .isCloseTo(apart.orElseThrow().line().b().x() + 300, within(1e-3));
        hand.type();
        assertThat(hand.gesture).as("Enter alone ends it").isInstanceOf(LookOn.class);
    }
}
