package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.View.MovedName;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Names of rooms are taken up where they are known to lie: a press does not place the words of a view anew. */
class NameGestureTest {
    private static final Keys NONE = new Keys(false, false, false);

    @Test
    void aNameIsTakenWhereItIsKnownToLie() {
        var hand = new Hand(SailclothYard.plan(), PickCaption.begin());
        var real = RoomNames.of(hand.scene().view(), hand.scene().frame()).names();
        var name = real.getFirst();
        var elsewhere = hand.scene().frame().paper(new Point(-9000, -9000));
        var box = new Box(elsewhere.x() - 10, elsewhere.y() - 5, elsewhere.x() + 10, elsewhere.y() + 5);
        hand.names = Optional.of(new RoomNames(List.of(new RoomNames.Name(name.room(), box))));
        var middle = name.middle(hand.scene().frame());
        hand.drag(middle.x(), middle.y(), middle.x() + 500, middle.y(), NONE);
        assertThat(moved(hand)).isEmpty();
        hand.drag(-9000, -9000, -8000, -9500, NONE);
        assertThat(moved(hand)).containsExactly(name.room());
    }

    @Test
    void aNameIsTakenBeforeItIsKnownToo() {
        var hand = new Hand(SailclothYard.plan(), PickCaption.begin());
        var name =
                RoomNames.of(hand.scene().view(), hand.scene().frame()).names().get(2);
        var middle = name.middle(hand.scene().frame());
        hand.drag(middle.x(), middle.y(), middle.x() + 500, middle.y() + 300, NONE);
        assertThat(moved(hand)).containsExactly(name.room());
        var at = hand.plan
                .presentation()
                .views()
                .getFirst()
                .movedName(name.room())
                .orElseThrow();
        assertThat(at.point().distance(middle.plus(new Point(500, 300)))).isLessThan(1);
    }

    private static List<RoomId> moved(Hand hand) {
        return hand.plan.presentation().views().getFirst().moved().stream()
                .map(MovedName::of)
                .toList();
    }
}
