package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.draw.DrawBoundary;
import honeylamp.desktop.gesture.look.DrawSection;
import honeylamp.desktop.gesture.look.MoveSection;
import honeylamp.desktop.gesture.look.StandHere;
import honeylamp.desktop.gesture.pick.MoveRaised;
import honeylamp.desktop.gesture.pick.PickInFront;
import honeylamp.desktop.gesture.pick.TurnRaised;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.units.Length;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** One test of each gesture in raised views, and of those by which the plan says where one stands and looks. */
class RaisedGesturesTest {
    /** Across turns a raised view and down tilts it; the plan changes once, and Esc leaves it. */
    @Test
    void turnRaised() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst().id();
        var eye = new Raised.Eye(Raised.Rays.PARALLEL, 30, 36);
        var subject = new Raised.WholeStorey(storey, Length.ofMm(1200), eye);
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Raised");
        var hand = new Hand(added.plan(), DrawBoundary.begin());
        var rests = hand.gesture;
        var id = added.plan().presentation().views().getLast().id();
        var scene = hand.seenAs(LaidPlan.of(added.plan()).view(id));
        var px = scene.frame().scale() * scene.penMm();
        hand.gesture = new TurnRaised(rests, subject, Point.ORIGIN, Optional.empty());
        hand.take(hand.gesture.dragged(scene, Pointer.at(new Point(px, 0))));
        hand.take(hand.gesture.released(scene, Pointer.at(new Point(px, 0))));
        assertThat(hand.commits).as("a press is no drag").isZero();
        hand.gesture = new TurnRaised(rests, subject, Point.ORIGIN, Optional.empty());
        hand.take(hand.gesture.dragged(scene, Pointer.at(new Point(100 * px, -40 * px))));
        assertThat(hand.gesture.readout(scene).caught()).isEqualTo("turned 65°, looking down 46°");
        assertThat(hand.gesture.sketch(hand.seenAs(scene.view()))).isNotEmpty();
        hand.take(hand.gesture.released(scene, Pointer.at(new Point(100 * px, -40 * px))));
        assertThat(hand.commits).isEqualTo(1);
        var now = (Raised) hand.plan.presentation().views().getLast().subject();
        assertThat(now.eye()).isEqualTo(new Raised.Eye(Raised.Rays.PARALLEL, 65, 46));
        hand.gesture = new TurnRaised(rests, subject, Point.ORIGIN, Optional.empty());
        assertThat(hand.gesture.dropped()).isEqualTo(rests);
    }

    /** A press and a drag put who looks there; pressing the mark again moves it, and outside of rooms nobody stands. */
    @Test
    void standHere() {
        var plan = SailclothYard.plan();
        var hand = new Hand(plan, StandHere.begin());
        var before = plan.presentation().views().size();
        hand.drag(2000, 2000, 2000, 4000, Keys.NONE);
        var inside = (Raised.Inside) hand.plan.presentation().views().getLast().subject();
        assertThat(inside.at()).isEqualTo(Position.ofMm(2000, 2000));
        assertThat(inside.towardsDeg()).isCloseTo(90, within(1e-9));
        hand.drag(2000, 2000, 2500, 2200, Keys.NONE);
        assertThat(hand.plan.presentation().views()).hasSize(before + 1);
        var moved = (Raised.Inside) hand.plan.presentation().views().getLast().subject();
        assertThat(moved.at()).isEqualTo(Position.ofMm(2500, 2200));
        assertThat(moved.towardsDeg()).isEqualTo(inside.towardsDeg());
        hand.drag(-5000, -5000, -5000, -4000, Keys.NONE);
        assertThat(hand.complaint).contains("no room");
        assertThat(hand.gesture.dropped()).isEqualTo(StandHere.begin());
        assertThat(hand.gesture.readout(hand.scene()).hint()).contains("drag");
    }

    /** Two clicks make a section with its number; two on one spot make none. */
    @Test
    void drawSection() {
        var hand = new Hand(SailclothYard.plan(), DrawSection.begin());
        hand.click(-1000, 2000);
        assertThat(hand.gesture.underWay()).isTrue();
        assertThat(hand.gesture.readout(hand.scene()).hint()).contains("arrow");
        hand.click(-1000, 2000);
        assertThat(hand.complaint).contains("same spot");
        hand.move(14_000, 2000);
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        hand.click(14_000, 2000);
        assertThat(hand.commits).isEqualTo(1);
        var made = hand.plan.presentation().views().getLast();
        assertThat(made.name()).isEqualTo("Section 1");
        assertThat(((Raised.Section) made.subject()).towardsDeg()).isEqualTo(90);
        assertThat(hand.gesture.dropped()).isEqualTo(DrawSection.begin());
    }

    @Test
    void moveSection() {
        var hand = new Hand(SailclothYard.plan(), DrawSection.begin());
        hand.click(-1000, 2000);
        hand.click(14_000, 2000);
        var pages = hand.plan.presentation().pages().size();
        var id = hand.plan.presentation().views().getLast().id();
        // as a whole it goes across itself
        hand.drag(6000, 2000, 6500, 3000, Keys.NONE);
        assertThat(hand.gesture).isInstanceOf(MoveSection.class);
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        var section =
                (Raised.Section) hand.plan.presentation().view(id).orElseThrow().subject();
        assertThat(section.from()).isEqualTo(Position.ofMm(-1000, 3000));
        assertThat(section.to()).isEqualTo(Position.ofMm(14_000, 3000));
        // by one end
        hand.drag(14_000, 3000, 14_000, 5000, Keys.NONE);
        section =
                (Raised.Section) hand.plan.presentation().view(id).orElseThrow().subject();
        assertThat(section.from()).isEqualTo(Position.ofMm(-1000, 3000));
        assertThat(section.to()).isEqualTo(Position.ofMm(14_000, 5000));
        assertThat(section.depth()).isEqualTo(Raised.Section.USUAL_DEPTH);
        // an end on the other is none
        hand.drag(14_000, 5000, -1000, 3000, Keys.NONE);
        assertThat(hand.complaint).contains("same spot");
        assertThat(hand.gesture.readout(hand.scene()).hint()).contains("Delete");
        assertThat(hand.gesture.takesAway()).as("the key for that comes here").isTrue();
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.AWAY));
        assertThat(hand.plan.presentation().view(id)).isEmpty();
        assertThat(hand.plan.presentation().pages()).hasSize(pages - 1);
        assertThat(hand.gesture).isEqualTo(DrawSection.begin());
    }

    /** The low table of the living room, cut away, is dragged over its floor: what was grabbed stays below the pointer. */
    @Test
    void moveRaised() {
        var drawn = SailclothYard.plan();
        var view = drawn.presentation().views().getFirst().id();
        var room = drawn.storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        for (var rays : Raised.Rays.values()) {
            var subject = new Raised.Cutaway(drawn.storeys().getFirst().id(), room.id(), new Raised.Eye(rays, 30, 36));
            var added = ViewEdits.raised(drawn, view, subject, "Raised");
            var hand = new Hand(added.plan(), DrawBoundary.begin());
            var rests = hand.gesture;
            var id = added.plan().presentation().views().getLast().id();
            var scene = hand.seenAs(LaidPlan.of(hand.plan).view(id));
            var things = scene.things().orElseThrow();
            var table = lowTable(hand);
            var high = hand.storey().level().mm() + table.height().mm();
            var middle = table.at().point();
            var from = things.seenAt(middle, high).orElseThrow();
            var to = things.seenAt(middle.plus(new Point(-150, 220)), high).orElseThrow();

            hand.picked = Set.of();
            hand.take(PickInFront.pressed(rests, hand.seenAs(scene.view()), Pointer.at(from)));
            assertThat(hand.gesture).as("what is not picked yet is not dragged").isInstanceOf(TurnRaised.class);
            assertThat(hand.picked).containsExactly(table.id());
            hand.take(hand.gesture.released(hand.seenAs(scene.view()), Pointer.at(from)));

            hand.take(PickInFront.pressed(rests, hand.seenAs(scene.view()), Pointer.at(from)));
            assertThat(hand.gesture).isInstanceOf(MoveRaised.class);
            hand.take(hand.gesture.dragged(scene, Pointer.at(to)));
            assertThat(hand.gesture.sketch(scene))
                    .as("it is seen where it will stand")
                    .hasSizeGreaterThan(2);
            assertThat(hand.gesture.readout(scene).hint()).contains("Esc");
            hand.take(hand.gesture.released(scene, Pointer.at(to)));
            assertThat(hand.commits).isEqualTo(1);
            var shift = lowTable(hand).at().point().minus(table.at().point());
            assertThat(shift.distance(new Point(-150, 220))).as("%s", rays).isLessThan(1e-3);
            assertThat(hand.gesture).isEqualTo(rests);
        }
    }

    private static Furnishing lowTable(Hand hand) {
        return hand.storey().furnishings().stream()
                .filter(f -> f.kind().equals("low-table"))
                .findFirst()
                .orElseThrow();
    }
}
