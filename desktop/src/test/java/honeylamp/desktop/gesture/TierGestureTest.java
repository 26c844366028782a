package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers.Kind;
import honeylamp.plan.View.MovedSlanted;
import honeylamp.plan.View.MovedTier;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tiers of dimensions are put nearer and farther by hand. */
class TierGestureTest {
    private static final Keys NONE = new Keys(false, false, false);

    /** The outermost tier north lies 20 mm on paper off the building, at 1:50 a metre; 8 mm farther are 400. */
    @Test
    void aTierOfDimensionsIsDraggedOrTyped() {
        var plan = SailclothYard.plan();
        var hand = new Hand(plan, PickCaption.begin());
        var north = hand.scene().geometry().network().poche().stream()
                .mapToDouble(o -> o.bounds().maxY())
                .max()
                .orElseThrow();
        hand.drag(6000, north + 1000, 6000, north + 1400, NONE);
        assertThat(tiers(hand)).containsExactly(new MovedTier(Side.NORTH, 1, 8));
        assertThat(hand.gesture.readout(hand.scene()).fields().getFirst().value())
                .isEqualTo("28");
        hand.type("35");
        assertThat(tiers(hand)).containsExactly(new MovedTier(Side.NORTH, 1, 15));
        hand.type("2 m");
        assertThat(hand.complaint).contains("200 mm");
        hand.drag(6000, north + 1750, 6000, north - 3000, NONE); // onto the building: it stays 3 mm off it
        assertThat(tiers(hand)).containsExactly(new MovedTier(Side.NORTH, 1, -17));
        hand.click(6000, 5000);
        assertThat(hand.gesture.readout(hand.scene()).fields()).isEmpty();
        isDropped(hand);
    }

    /** In a view turned a quarter left, north lies on the left of the page; one drags it where it is drawn. */
    @Test
    void aTierOfATurnedViewIsDraggedWhereItIsDrawn() {
        var turned = ViewEdits.turn(SailclothYard.plan(), new ViewId(1), Reach.ALL, 90);
        var hand = new Hand(turned, PickCaption.begin()) {
            @Override
            Surroundings scene() {
                return seenAs(LaidPlan.of(plan).straight(new ViewId(1)));
            }
        };
        var north = hand.scene().geometry().network().poche().stream()
                .mapToDouble(o -> o.bounds().maxY())
                .max()
                .orElseThrow();
        hand.drag(6000, north + 1000, 6000, north + 1400, NONE);
        assertThat(tiers(hand)).containsExactly(new MovedTier(Side.WEST, 1, 8));
        assertThat(hand.gesture.readout(hand.scene()).fields().getFirst().value())
                .isEqualTo("28");
    }

    private static List<MovedTier> tiers(Hand hand) {
        return hand.plan.presentation().views().getFirst().movedTiers();
    }

    /**
     * A house of 8 by 6 m along the middles of its walls whose corner is cut off from 8, 3 to 5, 6. The tier along that face lies
     * 10 mm off it, at 1:50 half a metre and half a thickness off 6.5, 4.5. Dragged 0.4 m farther out it is 8 mm farther.
     */
    @Test
    void aTierAlongASlantedFaceIsDraggedOrTypedToo() {
        var house = TestWalls.partitions(0, 0, 8000, 0, 8000, 3000, 5000, 6000, 0, 6000, 0, 0);
        var wall = house.storeys().getFirst().walls().get(2);
        var outside = house.wallType(wall.type()).thickness().mm() / 2;
        var plan = ViewEdits.tiers(house, new ViewId(1), Reach.ALL, t -> t.withSlanted(List.of(Kind.OVERALL)));
        var hand = new Hand(plan, PickCaption.begin());
        var off = (500 + outside) * Math.sqrt(0.5);
        var out = 400 * Math.sqrt(0.5);
        hand.drag(6500 + off, 4500 + off, 6500 + off + out, 4500 + off + out, NONE);
        assertThat(slanted(hand)).containsExactly(new MovedSlanted(wall.id(), 0, 8));
        assertThat(hand.gesture.readout(hand.scene()).fields().getFirst().value())
                .isEqualTo("18");
        hand.type("35");
        assertThat(slanted(hand)).containsExactly(new MovedSlanted(wall.id(), 0, 25));
        hand.type("2 m");
        assertThat(hand.complaint).contains("200 mm");
        var put = hand.plan.presentation().views().getFirst();
        assertThat(put.hasMovedTiers()).isTrue();
        assertThat(put.withTiersBack().hasMovedTiers()).isFalse();
        isDropped(hand);
    }

    private static List<MovedSlanted> slanted(Hand hand) {
        return hand.plan.presentation().views().getFirst().movedSlanted();
    }

    private static void isDropped(Hand hand) {
        hand.gesture = hand.gesture.dropped();
        assertThat(hand.gesture.underWay()).isFalse();
    }
}
