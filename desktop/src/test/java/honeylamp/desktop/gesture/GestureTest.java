package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.DemoDocument;
import honeylamp.desktop.gesture.Choices.Angle;
import honeylamp.desktop.gesture.Gesture.Key;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.draw.DrawArc;
import honeylamp.desktop.gesture.draw.DrawBay;
import honeylamp.desktop.gesture.draw.SetOut;
import honeylamp.desktop.gesture.draw.WalkRoom;
import honeylamp.desktop.gesture.draw.WallChain;
import honeylamp.desktop.gesture.look.Measure;
import honeylamp.desktop.gesture.look.MeasureBetween;
import honeylamp.desktop.gesture.pick.PickAndMove;
import honeylamp.desktop.gesture.pick.PickAndMove.Reach;
import honeylamp.desktop.gesture.pick.PickRoom;
import honeylamp.desktop.gesture.place.LayFinish;
import honeylamp.desktop.gesture.place.PlaceFurnishing;
import honeylamp.desktop.gesture.place.PlaceOpening;
import honeylamp.desktop.gesture.place.WriteNote;
import honeylamp.desktop.gesture.trace.MarkKnownLength;
import honeylamp.edit.DrawnFace;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Gestures without a window: pointer and text in, previews and one edit out. */
class GestureTest {
    private static final Keys CONTROL = new Keys(false, false, true);

    private static Hand drawing() {
        return new Hand(NewPlan.in(UnitSystem.MM), WallChain.begin());
    }

    private static Hand demo(Gesture gesture) {
        return new Hand(SailclothYard.plan(), gesture);
    }

    /** Near the end of a wall its end, its line and its face are all within reach; the key goes from one to the next. */
    @Test
    void aKeyGoesOnToTheNextThingWithinReach() {
        var hand = drawing();
        hand.choices = hand.choices.withAngle(Angle.FREE).withFace(DrawnFace.CENTRE);
        hand.click(0, 0).click(4000, 0);
        hand.take(hand.gesture.dropped() instanceof WallChain chain ? Reply.to(chain) : Reply.to(hand.gesture));
        hand.move(3990, 40);
        assertThat(hand.gesture.readout(hand.scene()).caught()).isEqualTo("end");
        hand.take(hand.gesture.key(hand.scene(), Key.NEXT));
        assertThat(hand.gesture.readout(hand.scene()).caught()).isEqualTo("along");
        hand.move(3985, 42); // still within reach of what was chosen
        assertThat(hand.gesture.readout(hand.scene()).caught()).isEqualTo("along");
        hand.move(1500, 900);
        hand.move(3990, 40);
        assertThat(hand.gesture.readout(hand.scene()).caught()).isEqualTo("end");
    }

    @Test
    void offsetsAcrossAndUpAreTypedAsOne() {
        var hand = drawing();
        hand.click(0, 0).type("600;-900").type("1,5;x");
        assertThat(hand.storey().walls()).hasSize(1);
        assertThat(hand.storey().walls().getFirst().to().point()).isEqualTo(new Point(600, -900));
        assertThat(hand.complaint).isNotEmpty();
    }

    @Test
    void whatIsPickedMovesByTypedLengths() {
        var hand = demo(PickAndMove.of(Reach.WALLS));
        var wall = hand.storey().walls().get(9); // a partition
        hand.picked = Set.of(wall.id());
        hand.type("-250", "");
        assertThat(hand.storey().walls().get(9).from()).isEqualTo(wall.from().moved(Length.ofMm(-250), Length.ZERO));
        assertThat(hand.commits).isEqualTo(1);
    }

    private static Hand house(Gesture gesture) {
        return new Hand(honeylamp.TestWalls.house(), gesture);
    }

    @Test
    void aBayIsPutInByTypedWidthAndDepthAndItsShapeGoesRound() {
        var hand = house(DrawBay.begin());
        hand.click(6000, 1000).move(6010, 3000);
        hand.take(hand.gesture.key(hand.scene(), Key.FLIP));
        hand.take(hand.gesture.key(hand.scene(), Key.FLIP)); // splayed, half hexagon, square
        hand.type("1800").move(6500, 2000);
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        hand.type("700");
        assertThat(hand.complaint).isEmpty();
        assertThat(hand.storey().walls()).hasSize(9); // the wall in two parts and three of the bay, the door wall stays
        assertThat(hand.storey().walls().subList(6, 9))
                .extracting(w -> Math.round(w.length().mm()))
                .containsExactly(700L, 1800L, 700L);
    }

    @Test
    void aBayWhereThereIsNoWallIsRefusedInWords() {
        var hand = house(DrawBay.begin());
        hand.click(9000, 9000);
        assertThat(hand.complaint).contains("straight wall");
        assertThat(hand.commits).isZero();
    }

    @Test
    void aSettingOutLineRunsSquareToAWallFromItsEnd() {
        var hand = house(SetOut.begin());
        hand.click(0, 0).move(1000, 300).type("1200");
        var line = hand.storey().settingOut().getFirst().line();
        assertThat(line.offset(new Point(0, 0))).isNotZero();
        assertThat(Math.abs(line.offset(new Point(0, 0)))).isCloseTo(1200, within(1e-6));
    }

    @Test
    void measuringTellsLengthAcrossUpAngleAndHalf() {
        var hand = house(Measure.begin());
        hand.click(0, 0).click(6000, 4000);
        assertThat(hand.gesture.readout(hand.scene()).fields())
                .extracting(Readout.Field::value)
                .containsExactly("7211", "6000", "4000", "33.7\u00b0", "3606");
    }

    @Test
    void anArcNeedsARadiusThatReaches() {
        var hand = house(DrawArc.begin());
        hand.click(0, 8000).click(3000, 8000).move(1500, 8600).type("1200");
        assertThat(hand.complaint).contains("does not reach").contains("1500 mm");
        hand.type("1700");
        var arc = hand.storey().walls().getLast();
        assertThat(arc.sagitta().mm()).isCloseTo(1700 - Math.sqrt(1700 * 1700 - 1500 * 1500), within(1e-3));
    }

    @Test
    void aRoomByTypedLengthsIsExactlyAsLarge() {
        var hand = drawing();
        hand.choices = hand.choices.withFace(DrawnFace.INNER);
        hand.click(0, 0)
                .move(900, 40)
                .type("5 m")
                .move(5010, 700)
                .type("4000")
                .move(2000, 4100)
                .type("5000");
        hand.take(hand.gesture.key(hand.scene(), Key.CLOSE));
        assertThat(hand.storey().walls()).hasSize(4);
        assertThat(hand.scene().geometry().rooms())
                .singleElement()
                .satisfies(r -> assertThat(r.areaMm2()).isCloseTo(20_000_000, within(1.0)));
        assertThat(hand.gesture.underWay()).isFalse();
    }

    @Test
    void outerFaceMeansOuterWhicheverWayOneDraws() {
        for (var clockwise : new boolean[] {false, true}) {
            var hand = drawing();
            hand.choices = hand.choices.withFace(DrawnFace.OUTER);
            var corners = clockwise
                    ? List.of(new Point(0, 0), new Point(0, 4000), new Point(5000, 4000), new Point(5000, 0))
                    : List.of(new Point(0, 0), new Point(5000, 0), new Point(5000, 4000), new Point(0, 4000));
            corners.forEach(c -> hand.click(c.x(), c.y()));
            hand.click(0, 0);
            // 300 mm walls lie inside the drawn line
            assertThat(hand.scene().geometry().rooms())
                    .singleElement()
                    .satisfies(r -> assertThat(r.areaMm2()).isCloseTo(4400.0 * 3400, within(1.0)));
        }
    }

    @Test
    void squareIsKeptUntilItIsFreed() {
        var hand = drawing().click(0, 0).click(3000, 200);
        assertThat(hand.storey().walls().getFirst().line().b()).isEqualTo(new Point(3000, 0));
        hand.choices = hand.choices.withAngle(Angle.FREE);
        hand.click(5000, 1500);
        assertThat(hand.storey().walls().getLast().line().b()).isEqualTo(new Point(5000, 1500));
    }

    @Test
    void aTypedAngleTurnsTheWall() {
        var hand = drawing().click(0, 0).move(10, 0).type("2000", "30");
        // 2,000 × (cos 30°, sin 30°)
        assertThat(hand.storey().walls().getFirst().line().b().distance(new Point(2000 * Math.sqrt(3) / 2, 1000)))
                .isLessThan(0.001);
        hand.type("1 m", "north");
        assertThat(hand.complaint).contains("no angle");
        hand.type("-200");
        assertThat(hand.complaint).contains("more than zero");
        hand.type("10 km");
        assertThat(hand.complaint).isNotEmpty();
        assertThat(hand.storey().walls()).hasSize(1);
    }

    @Test
    void wallsCloseWhereTheLastCornerMissesTheFirstByLessThanAWallNeeds() {
        var hand = house(WallChain.begin());
        hand.click(0, 7000).move(1000, 7000);
        hand.type("4000;0").type("0;3000").type("-3999.6;0"); // 0.4 mm beside the first corner
        hand.take(hand.gesture.key(hand.scene(), Key.CLOSE));
        assertThat(hand.complaint).isEmpty();
        assertThat(hand.storey().walls().getLast().to())
                .isEqualTo(hand.storey()
                        .walls()
                        .get(hand.storey().walls().size() - 4)
                        .from());
    }

    @Test
    void anOffsetAndAnAngleTogetherAreRefused() {
        for (var begun : List.<Gesture>of(WallChain.begin(), WalkRoom.begin())) {
            var hand = house(begun);
            hand.click(0, 7000).move(1000, 7000);
            var before = hand.plan;
            hand.type("600;-900", "45");
            assertThat(hand.complaint).contains("clear the angle");
            assertThat(hand.plan).isEqualTo(before);
            hand.type("600;-900");
            assertThat(hand.complaint).isEmpty();
            assertThat(hand.storey().walls().getLast().chord().length()).isCloseTo(Math.hypot(600, 900), within(1e-6));
        }
    }

    @Test
    void theReadoutTellsLengthAngleAndCatch() {
        var hand = drawing().click(0, 0).click(3000, 0).click(3000, 2000).move(20, 30);
        var readout = hand.gesture.readout(hand.scene());
        assertThat(readout.caught()).isEqualTo("start");
        hand.move(1000, 2010);
        readout = hand.gesture.readout(hand.scene());
        assertThat(readout.fields()).extracting(Readout.Field::value).containsExactly("2000", "180.0°");
        assertThat(readout.hint()).contains("C closes");
    }

    /**
     * Until the chain turns, the house is towards the middle of what is shown; then where it turns to; with F
     * where the person says. The outer face is drawn, so the body lies on the house's side of the way.
     */
    @Test
    void theFirstWallHasItsBodyWhereTheHouseWillBe() {
        var clockwise = drawing();
        clockwise.choices = clockwise.choices.withFace(DrawnFace.OUTER);
        clockwise.middle = new Point(2000, -1500);
        clockwise.click(0, 0).click(4000, 0);
        assertThat(sides(clockwise)).containsExactly(BodySide.RIGHT);
        clockwise.click(4000, -3000);
        assertThat(sides(clockwise)).containsExactly(BodySide.RIGHT, BodySide.RIGHT);

        var turned = drawing();
        turned.choices = turned.choices.withFace(DrawnFace.OUTER);
        turned.middle = new Point(2000, -1500);
        turned.click(0, 0).click(4000, 0).click(4000, 3000);
        assertThat(sides(turned)).containsExactly(BodySide.LEFT, BodySide.LEFT);

        var said = drawing();
        said.choices = said.choices.withFace(DrawnFace.OUTER);
        said.click(0, 0).move(4000, 0);
        said.take(said.gesture.key(said.scene(), Key.FLIP));
        said.click(4000, 0);
        assertThat(sides(said)).containsExactly(BodySide.RIGHT);
        said.move(4000, 2000);
        said.take(said.gesture.key(said.scene(), Key.FLIP));
        assertThat(sides(said)).containsExactly(BodySide.LEFT);
    }

    private static List<BodySide> sides(Hand hand) {
        return hand.storey().walls().stream().map(Wall::body).toList();
    }

    @Test
    void escapeLeavesNothingHalfDone() {
        var hand = drawing().click(0, 0).move(2000, 0);
        assertThat(hand.gesture.underWay()).isTrue();
        assertThat(hand.gesture.dropped()).isEqualTo(WallChain.begin());
        assertThat(hand.commits).isZero();
    }

    @Test
    void anOpeningCentresItselfInItsStretch() {
        var hand = demo(PlaceOpening.begin());
        hand.put(OpeningKind.CASEMENT_WINDOW, 6000);
        // in the corridor wall between bath and laundry doors there is no room: it is refused with a sentence
        hand.click(8800, 7000);
        assertThat(hand.complaint).contains("no room for it in this wall");
        hand.put(OpeningKind.CASEMENT_WINDOW, 600);
        // the partition between bath and laundry runs clear from 5,937 to 8,500: middle 7,218.5
        hand.move(8800, 7200);
        assertThat(hand.gesture.readout(hand.scene()).caught()).isEqualTo("centre");
        hand.click(8800, 7200);
        var window = hand.storey().openings().getLast();
        assertThat(5887 + window.offset().mm() + 300).isCloseTo(7218.5, within(0.01));
        assertThat(hand.picked).containsExactly(window.id());
    }

    @Test
    void theLeafOpensToThePointersSideUntilTurned() {
        var hand = demo(PlaceOpening.begin());
        hand.put(OpeningKind.DOOR, 700);
        hand.click(8770, 7000);
        assertThat(hand.storey().openings().getLast().swing()).isEqualTo(Swing.LEFT);
        // right after, the key is for the door just put in
        hand.take(hand.gesture.key(hand.scene(), Key.FLIP));
        assertThat(hand.storey().openings().getLast().swing()).isEqualTo(Swing.RIGHT);
        // with a ghost in a wall it is for the next
        hand.move(8770, 7900);
        hand.take(hand.gesture.key(hand.scene(), Key.FLIP));
        hand.click(8770, 7900);
        assertThat(hand.storey().openings().getLast().swing()).isEqualTo(Swing.RIGHT);
    }

    @Test
    void aPieceIsRemadeWhileItHangsAtThePointer() {
        var hand = demo(PlaceFurnishing.begin(Furnishings.of("wardrobe").orElseThrow(), Optional.empty()))
                .move(11_400, 6600);
        hand.type("2 m", "", "1.8 m");
        hand.click(11_400, 6600);
        var piece = hand.storey().furnishings().getLast();
        assertThat(piece.width()).isEqualTo(Length.ofMm(2000));
        assertThat(piece.depth()).isEqualTo(Length.ofMm(600));
        assertThat(piece.height()).isEqualTo(Length.ofMm(1800));
        hand.type("nonsense");
        assertThat(hand.complaint).isNotEmpty();
    }

    @Test
    void aPieceDraggedToAWallLeansOnItUnlessControlIsHeldOrItStandsFreely() {
        var hand = demo(PickAndMove.of(Reach.FURNISHINGS));
        var table = piece(hand, "dining-table");
        hand.drag(9280, 1900, 9280, 850, CONTROL);
        assertThat(find(hand, table.id()).at().y().mm()).isCloseTo(850, within(0.01));
        assertThat(find(hand, table.id()).turnDeg()).isEqualTo(table.turnDeg());
        // a table has no back: near the wall it stays as it stands
        hand.drag(9280, 850, 9280, 790, Keys.NONE);
        assertThat(find(hand, table.id()).at().y().mm()).isCloseTo(790, within(0.01));
        assertThat(find(hand, table.id()).turnDeg()).isEqualTo(table.turnDeg());
        // a sofa has one: taken 60 mm off its wall it leans on it again
        var sofa = piece(hand, "sofa");
        var at = sofa.at().point();
        var back = Point.direction(sofa.turnDeg() + 90);
        var off = at.minus(back.times(60));
        hand.drag(at.x(), at.y(), off.x(), off.y(), CONTROL);
        assertThat(find(hand, sofa.id()).at().point().distance(off)).isLessThan(0.01);
        hand.drag(off.x(), off.y(), off.x(), off.y() + 5, Keys.NONE);
        assertThat(find(hand, sofa.id()).at().point().distance(at)).isLessThan(20); // it stood 17.5 off it
    }

    private static honeylamp.plan.Furnishing piece(Hand hand, String kind) {
        return hand.storey().furnishings().stream()
                .filter(f -> f.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private static honeylamp.plan.Furnishing find(Hand hand, ElementId id) {
        return hand.storey().furnishings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPieceTurnsAndGrowsByItsHandles() {
        var hand = demo(PickAndMove.of(Reach.FURNISHINGS)).click(2950, 2750);
        var table = find(hand, hand.picked.iterator().next());
        assertThat(table.kind()).isEqualTo("low-table");
        // the turn handle hangs 260 mm before the front; drawn due east it turns the front east
        hand.drag(2950, 2750 - 325 - 260, 4000, 2750, Keys.NONE);
        assertThat(find(hand, table.id()).turnDeg()).isCloseTo(90, within(0.01));
        hand.take(hand.gesture.key(hand.scene(), Key.TURN));
        assertThat(find(hand, table.id()).turnDeg()).isCloseTo(180, within(0.01));
        hand.take(hand.gesture.key(hand.scene(), Key.TURN));
        hand.take(hand.gesture.key(hand.scene(), Key.TURN));
        // the size handle is the front right corner: at (600, -325) of its frame
        hand.drag(3550, 2425, 3850, 2225, Keys.NONE);
        var grown = find(hand, table.id());
        assertThat(grown.width()).isEqualTo(Length.ofMm(1500));
        assertThat(grown.depth()).isEqualTo(Length.ofMm(850));
    }

    @Test
    void wallsAndCornersAreDraggedAndRoomsFollow() {
        var hand = drawing();
        List.of(new Point(0, 0), new Point(5000, 0), new Point(5000, 4000), new Point(0, 4000), new Point(0, 0))
                .forEach(c -> hand.click(c.x(), c.y()));
        var before = hand.scene().geometry().netAreaMm2();
        hand.gesture = PickAndMove.of(Reach.WALLS);
        hand.drag(2500, 4100, 2700, 4600, Keys.NONE);
        // the wall moves square to itself: 5,000 × 500 more
        assertThat(hand.scene().geometry().netAreaMm2()).isCloseTo(before + 2_500_000, within(1.0));
        hand.drag(5000, 4500, 6000, 4500, CONTROL);
        assertThat(hand.scene().geometry().netAreaMm2()).isCloseTo(before + 2_500_000 + 2_250_000, within(1.0));
        assertThat(hand.commits).isEqualTo(6);
    }

    @Test
    void openingsAreDraggedAlongTheirWall() {
        var hand = demo(PickAndMove.of(Reach.OPENINGS));
        var id = hand.storey().openings().get(4).id();
        // the south window of 1,000 mm from 6,050 to 7,050
        hand.drag(6550, 150, 6650, 600, CONTROL);
        var moved = hand.storey().opening(id).orElseThrow();
        assertThat(moved.offset().mm()).isCloseTo(550, within(0.01));
        assertThat(hand.picked).containsExactly(id);
    }

    @Test
    void shiftAddsToWhatIsPicked() {
        var hand = demo(PickAndMove.of(Reach.FURNISHINGS)).click(2950, 2750);
        var p = new Pointer(new Point(9280, 1900), 1, new Keys(true, false, false));
        hand.take(hand.gesture.pressed(hand.scene(), p));
        assertThat(hand.picked).hasSize(2);
        hand.click(8900, 3400);
        assertThat(hand.picked).isEmpty();
    }

    @Test
    void roomsAreNamedByWordsAndFinishedByAClick() {
        var hand = demo(PickRoom.begin()).click(12_000, 1200).type("Quiet corner");
        assertThat(hand.storey().rooms()).anySatisfy(r -> assertThat(r.name()).isEqualTo("Quiet corner"));
        hand.gesture = LayFinish.begin();
        hand.choices = hand.choices.withMaterial("screed");
        hand.click(12_000, 1200);
        assertThat(hand.storey().rooms())
                .filteredOn(r -> r.name().equals("Quiet corner"))
                .singleElement()
                .satisfies(r -> assertThat(r.floor().material()).isEqualTo("screed"));
        hand.click(-5000, -5000);
        assertThat(hand.complaint).contains("no closed room");
    }

    @Test
    void dimensionsAndNotesAreSetDown() {
        var hand = demo(MeasureBetween.begin()).click(0, 0).click(13_000, 0);
        assertThat(hand.gesture.readout(hand.scene()).fields())
                .extracting(Readout.Field::value)
                .containsExactly("13000", "13000", "0", "6500");
        hand.click(6000, -2500);
        assertThat(hand.storey().dimensions())
                .singleElement()
                .satisfies(d -> assertThat(d.offset().mm()).isCloseTo(-2500, within(0.01)));
        hand.gesture = WriteNote.begin();
        hand.click(9300, -400).type("Water below");
        assertThat(hand.storey().notes()).hasSize(2);
    }

    @Test
    void aKnownLengthNeedsAPictureAndTwoMarks() {
        var hand = demo(MarkKnownLength.begin()).click(0, 0);
        assertThat(hand.complaint).contains("no underlay");
        hand.type("5 m");
        assertThat(hand.complaint).contains("Click both ends");
    }

    @Test
    void aLockedPictureStaysAFreeOneIsMoved() throws Exception {
        var document = DemoDocument.made();
        var hand = new Hand(document.plan(), PickAndMove.of(Reach.UNDERLAYS));
        var before = hand.storey().underlays().getFirst();
        hand.drag(-500, 4000, 500, 4200, Keys.NONE);
        assertThat(hand.storey().underlays().getFirst()).isEqualTo(before);
        assertThat(hand.picked).containsExactly(before.id());
        hand.plan = honeylamp.edit.UnderlayEdits.lock(
                hand.plan, hand.storey().id(), before.id(), honeylamp.plan.Underlay.Lock.FREE);
        hand.drag(-500, 4000, 500, 4200, Keys.NONE);
        var after = hand.storey().underlays().getFirst();
        assertThat(after.placing()
                        .at()
                        .point()
                        .minus(before.placing().at().point())
                        .distance(new Point(1000, 200)))
                .isLessThan(0.01);
    }

    @Test
    void postsAreDraggedToo() {
        var hand = demo(PickAndMove.of(Reach.PARTS));
        hand.drag(2560, 560, 2700, 700, Keys.NONE);
        assertThat(hand.storey().structures().getFirst().at().point().distance(new Point(2700, 700)))
                .isLessThan(0.01);
    }
}
