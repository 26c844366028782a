package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.OuterFaces;
import honeylamp.derive.listing.Surfaces;
import honeylamp.desktop.gesture.Gesture.Key;
import honeylamp.desktop.gesture.place.LayFinish;
import honeylamp.desktop.gesture.place.StartFinish;
import honeylamp.edit.Coverings;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Pattern;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Finishes laid by a click on whatever can be covered. */
class FinishGestureTest {
    private static Hand laying(String material) {
        var hand = new Hand(SailclothYard.plan(), LayFinish.begin());
        hand.choices = hand.choices.withMaterial(material);
        return hand;
    }

    private static RoomMark room(Hand hand, String name) {
        return hand.storey().rooms().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static String hint(Hand hand) {
        return hand.gesture.readout(hand.scene()).hint();
    }

    @Test
    void theFinishIsSeenInPlaceBeforeTheClickAndNothingHasChanged() {
        var hand = laying("tile-sea").move(7600, 6900);
        assertThat(hand.gesture.sketch(hand.scene())).hasSizeGreaterThan(1);
        assertThat(hint(hand))
                .contains("Glazed tile, sea")
                .contains("the floor")
                .contains("N: another surface");
        assertThat(hand.commits).isZero();
        var once = ((LayFinish) hand.gesture).seen().orElseThrow();
        hand.move(7610, 6905);
        assertThat(((LayFinish) hand.gesture).seen().orElseThrow()).isSameAs(once); // not made anew at every move
    }

    @Test
    void nGoesOnToTheWallsAndOneClickCoversThemAll() {
        var hand = laying("tile-sea").move(7600, 6900);
        for (var i = 0; i < 4 && !hint(hand).contains("all walls"); i++) {
            hand.take(hand.gesture.key(hand.scene(), Key.NEXT));
        }
        assertThat(hint(hand)).contains("all walls");
        hand.click(7600, 6900);
        assertThat(Surfaces.finish(
                                hand.storey(),
                                new Surface.Walls(room(hand, "Bathroom").id()))
                        .map(Finish::material))
                .contains("tile-sea");
        assertThat(room(hand, "Bathroom").floor().material()).isEqualTo("hexagon-tile");
    }

    @Test
    void paintGoesOnTheWallPointedAtAndNeverOnTheFloorByItself() {
        var hand = laying("paint-sage").click(4000, 3500);
        assertThat(hand.storey().coverings()).anyMatch(c -> c.surface() instanceof Surface.WallSide);
        assertThat(room(hand, "Living room").floor().material()).isEqualTo("herringbone-oak");
    }

    @Test
    void anOuterFaceIsCoveredByAClickFromOutside() {
        var hand = laying("paint-brick");
        var laid = hand.scene().view().storey();
        var wall = hand.storey().walls().stream()
                .filter(w -> OuterFaces.looksOut(laid, w.id(), Swing.RIGHT))
                .findFirst()
                .orElseThrow();
        var line = OuterFaces.lines(laid, wall.id(), Swing.RIGHT).getFirst();
        var at = line.middle().minus(line.unit().left().times(20));
        hand.move(at.x(), at.y());
        assertThat(hint(hand)).contains("Paint, brick on the outer face to the ");
        hand.click(at.x(), at.y());
        assertThat(hand.storey().coverings())
                .anyMatch(c -> c.surface().equals(new Surface.OuterSide(wall.id(), Swing.RIGHT))
                        && c.finish().material().equals("paint-brick"));
    }

    @Test
    void thePlinthIsTheNextThingAtAWall() {
        var hand = laying("panel-white");
        var west = hand.scene()
                .laid()
                .roomAt(new Point(9400, 7000))
                .orElseThrow()
                .outline()
                .bounds();
        hand.move(west.minX() + 20, 7000);
        for (var i = 0; i < 4 && !hint(hand).contains("the plinth"); i++) {
            hand.take(hand.gesture.key(hand.scene(), Key.NEXT));
        }
        hand.click(west.minX() + 20, 7000);
        assertThat(hand.storey().coverings()).anyMatch(c -> c.surface() instanceof Surface.Plinth);
    }

    @Test
    void whatLiesSomewhereIsTakenUpAndLaidElsewhereAsItLiesThere() {
        var hand = laying("screed").move(4000, 3500);
        hand.take(hand.gesture.key(hand.scene(), Key.CLOSE));
        hand.click(11_500, 8200);
        assertThat(room(hand, "Second bedroom").floor())
                .isEqualTo(room(hand, "Living room").floor());
        hand.gesture = hand.gesture.dropped();
        hand.click(9400, 7000);
        assertThat(room(hand, "Laundry").floor().material()).isEqualTo("screed");
    }

    @Test
    void coursesOfAWallAreNotTakenAlongToAFloor() {
        var hand = laying("tile-sea");
        var storey = hand.storey();
        var ink = Finish.of("tile-ink")
                .withCourses(List.of(new Finish.Course(
                        "tile-sea",
                        Laying.of(new Pattern.Stack(), 100, 100, 2),
                        Optional.empty(),
                        Length.ofMm(400),
                        Finish.Begins.LEFT)));
        hand.plan = Coverings.cover(
                hand.plan, storey.id(), new Surface.Walls(room(hand, "Laundry").id()), Optional.of(ink));
        var wall = hand.scene().laid().roomAt(new Point(9400, 7000)).orElseThrow();
        var west = wall.outline().bounds();
        hand.move(west.minX() + 20, 7000);
        hand.take(hand.gesture.key(hand.scene(), Key.CLOSE));
        assertThat(((LayFinish) hand.gesture).taken().orElseThrow().finish().courses())
                .hasSize(1);
        hand.click(7600, 6900);
        assertThat(room(hand, "Bathroom").floor().material()).isEqualTo("tile-ink");
        assertThat(room(hand, "Bathroom").floor().courses()).isEmpty();
    }

    @Test
    void rTurnsWhatIsAboutToBeLaid() {
        var hand = laying("wide-plank-ash").move(9400, 7000);
        var before = room(hand, "Laundry").floor().directionDeg();
        hand.take(hand.gesture.key(hand.scene(), Key.TURN));
        hand.click(9400, 7000);
        assertThat(room(hand, "Laundry").floor().directionDeg()).isEqualTo((before + 45) % 180);
    }

    @Test
    void allPickedRoomsAreLaidAtOnce() {
        var hand = laying("wide-plank-ash");
        hand.picked = Set.of(
                room(hand, "Laundry").id(), room(hand, "Kitchen and dining").id());
        hand.click(9400, 7000);
        assertThat(room(hand, "Laundry").floor().material()).isEqualTo("wide-plank-ash");
        assertThat(room(hand, "Kitchen and dining").floor().material()).isEqualTo("wide-plank-ash");
        assertThat(room(hand, "Bathroom").floor().material()).isEqualTo("hexagon-tile");
        assertThat(hand.picked).hasSize(2);
    }

    @Test
    void aStairIsCoveredOnItsTreadsAndWhatIsLaidOutOfDoorsIsRefusedInWords() {
        var tea = new Hand(QuillbackLane.plan(), LayFinish.begin());
        tea.choices = tea.choices.withMaterial("strip-walnut");
        var stair = tea.scene().view().storey().fixedParts().stairs().getFirst();
        var tread = stair.steps().treads().get(3).outline().bounds().centre();
        tea.click(tread.x(), tread.y());
        assertThat(tea.storey().coverings().stream().filter(c -> c.surface() instanceof Surface.Tread))
                .hasSize(stair.steps().treads().size());
        var hand = laying("gravel").click(4000, 3500);
        assertThat(hand.complaint).contains("Gravel is laid out of doors");
        assertThat(hand.commits).isZero();
    }

    @Test
    void theFirstClickPutsTheCornerOfAPieceAndTheSecondTheDirection() {
        var hand = new Hand(SailclothYard.plan(), StartFinish.begin());
        var room = hand.scene().laid().roomAt(new Point(4000, 3500)).orElseThrow();
        var corner = room.outline().shell().corners().getFirst();
        var inside = corner.towards(room.outline().bounds().centre(), 0.005);
        hand.click(inside.x(), inside.y());
        assertThat(room(hand, "Living room").floor().start().point().distance(corner))
                .isLessThan(1);
        hand.move(4000, 3000);
        assertThat(hand.gesture.sketch(hand.scene())).hasSizeGreaterThan(2);
        assertThat(hint(hand)).contains("courses run at");
        var at = room(hand, "Living room").floor().start().point();
        hand.take(hand.gesture.pressed(
                hand.scene(),
                new Pointer(new Point(at.x() + 2000, at.y() + 2000), 1, new Pointer.Keys(false, false, true))));
        assertThat(room(hand, "Living room").floor().directionDeg()).isCloseTo(45, within(0.02));
        assertThat(hand.gesture.underWay()).isFalse();
        hand.click(-3000, -3000);
        assertThat(hand.complaint).contains("No floor is laid in pieces here");
    }

    @Test
    void onAnEdgeOfTheFloorCoursesRunAlongIt() {
        var hand = new Hand(SailclothYard.plan(), StartFinish.begin());
        var room = hand.scene().laid().roomAt(new Point(4000, 3500)).orElseThrow();
        var slanted = room.outline().shell().edges().stream()
                .filter(e -> e.length() > 600)
                .filter(e -> Math.abs(e.unit().x()) > 0.1 && Math.abs(e.unit().y()) > 0.1)
                .findFirst()
                .orElseThrow();
        hand.click(4000, 3500).click(slanted.middle().x(), slanted.middle().y());
        var deg = slanted.unit().angleDeg();
        assertThat(room(hand, "Living room").floor().directionDeg()).isCloseTo(((deg % 180) + 180) % 180, within(0.01));
    }
}
