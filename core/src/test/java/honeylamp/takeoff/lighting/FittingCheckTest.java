package honeylamp.takeoff.lighting;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snag.Kind;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.Mending;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A room of 4,000 x 3,000 with a door 900 wide in its south wall, 1,000 from its corner: hinged at 1,035, its leaf 830 wide
 * opens into the room, its handle is at 1,865. Where one puts switches and sockets, and what is said of it, by hand.
 */
class FittingCheckTest {
    private static Plan room(double doorAt, Hand hand, Swing swing) {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 4000, 0, 4000, 3000, 0, 3000)
                .plan();
        var marked = RoomEdits.mark(walls, storey(walls), Position.ofMm(2000, 1500), "Study", Finish.of("wide-oak"))
                .plan();
        return OpeningEdits.add(
                        marked,
                        storey(marked),
                        OpeningKind.DOOR,
                        TestPlans.wallId(marked, 0),
                        Length.ofMm(doorAt),
                        Length.ofMm(900),
                        hand,
                        swing)
                .plan();
    }

    private static Plan with(Plan plan, FittingKind kind, Fitting.On on) {
        return TestPlans.fitted(plan, kind, on);
    }

    private static Fitting.On on(Plan plan, int wall, Swing side, double along, double height) {
        return new Fitting.WallSide(TestPlans.wallId(plan, wall), side, Length.ofMm(along), Length.ofMm(height));
    }

    private static Plan lit(Plan plan, FittingKind button, Fitting.On at) {
        var both = with(
                with(plan, FittingKind.CEILING_LIGHT, new Fitting.Ceiling(Position.ofMm(2000, 1500), Optional.empty())),
                button,
                at);
        return FittingEdits.link(
                        both,
                        storey(both),
                        both.storeys().getFirst().fittings().stream()
                                .<ElementId>map(Fitting::id)
                                .collect(Collectors.toSet()))
                .result()
                .orElseThrow();
    }

    private static List<Snag> snags(Plan plan) {
        return FittingCheck.of(LaidPlan.of(plan).all().getFirst());
    }

    private static Set<Kind> kinds(Plan plan) {
        return snags(plan).stream().map(Snag::kind).collect(Collectors.toSet());
    }

    private static String told(Plan plan) {
        return kinds(plan).stream().sorted().map(Kind::name).collect(Collectors.joining(" "));
    }

    /** South is wall 0, east 1, north 2, west 3; the room is to the left of each. */
    @ParameterizedTest
    @CsvSource({
        // beside the handle, in the room and before it: nothing to say
        "1000, FIRST, LEFT, 0, LEFT, 2050, ''",
        "1000, FIRST, LEFT, 0, LEFT, 2700, ''",
        "1000, FIRST, LEFT, 0, RIGHT, 2050, ''",
        // behind the leaf that lies back against the wall, from 205 to 1035
        "1000, FIRST, LEFT, 0, LEFT, 900, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        "1000, FIRST, LEFT, 0, LEFT, 600, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        "1000, FIRST, LEFT, 0, LEFT, 2780, NO_SWITCH_AT_DOOR", // 915 from the handle
        // beyond it, and out of reach
        "1000, FIRST, LEFT, 0, LEFT, 100, NO_SWITCH_AT_DOOR",
        "1000, FIRST, LEFT, 0, LEFT, 3900, NO_SWITCH_AT_DOOR",
        "1000, FIRST, LEFT, 2, LEFT, 2000, NO_SWITCH_AT_DOOR",
        "1000, FIRST, LEFT, 1, LEFT, 1500, NO_SWITCH_AT_DOOR",
        // hinged at the other jamb: handle at 1035, the leaf back from 1865 to 2695
        "1000, SECOND, LEFT, 0, LEFT, 850, ''",
        "1000, SECOND, LEFT, 0, LEFT, 2050, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        "1000, SECOND, LEFT, 0, LEFT, 2600, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        "1000, SECOND, LEFT, 0, LEFT, 2900, NO_SWITCH_AT_DOOR",
        // opening out of the room: nothing in it is behind the leaf
        "1000, FIRST, RIGHT, 0, LEFT, 900, ''",
        "1000, FIRST, RIGHT, 0, LEFT, 2050, ''",
        "1000, FIRST, RIGHT, 0, RIGHT, 900, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        // a door in the corner: its leaf stands open along the west wall, 830 deep
        "50, FIRST, LEFT, 3, LEFT, 2500, 'SWITCH_BEHIND_LEAF NO_SWITCH_AT_DOOR'",
        "50, FIRST, LEFT, 3, LEFT, 1900, NO_SWITCH_AT_DOOR",
        "50, FIRST, LEFT, 0, LEFT, 1100, ''",
        "50, SECOND, LEFT, 3, LEFT, 2700, ''"
    })
    void whereASwitchIs(double door, Hand hand, Swing swing, int wall, Swing side, double along, String expected) {
        var room = room(door, hand, swing);
        assertThat(told(lit(room, FittingKind.ONE_WAY, on(room, wall, side, along, 1050))))
                .isEqualTo(expected);
    }

    @Test
    void aSwitchBehindALeafIsPutBesideTheHandle() {
        var room = room(1000, Hand.FIRST, Swing.LEFT);
        var wrong = lit(room, FittingKind.ONE_WAY, on(room, 0, Swing.LEFT, 600, 1050));
        var snag = snags(wrong).getFirst();
        assertThat(snag.kind()).isEqualTo(Kind.SWITCH_BEHIND_LEAF);
        var mended = Mending.of(wrong, TestPlans.geometry(wrong), snag, Snags.USUAL_GAP_REACH)
                .orElseThrow();
        assertThat(told(mended.plan())).isEmpty();
        // the handle at 1865, the lining of 35, then 150
        assertThat(mended.plan().storeys().getFirst().fittings().getLast().on())
                .isEqualTo(on(room, 0, Swing.LEFT, 2050, 1050));
    }

    @Test
    void aSensorSeesWhoeverComesIn() {
        var room = room(1000, Hand.FIRST, Swing.LEFT);
        assertThat(told(lit(
                        room, FittingKind.SENSOR, new Fitting.Ceiling(Position.ofMm(3800, 2800), Optional.empty()))))
                .isEmpty();
    }

    @Test
    void whatIsNotLinkedIsToldOnceARoom() {
        var room = room(1000, Hand.FIRST, Swing.LEFT);
        var lights = with(
                with(room, FittingKind.DOWNLIGHT, new Fitting.Ceiling(Position.ofMm(1000, 1500), Optional.empty())),
                FittingKind.DOWNLIGHT,
                new Fitting.Ceiling(Position.ofMm(3000, 1500), Optional.empty()));
        assertThat(snags(lights)).singleElement().satisfies(s -> {
            assertThat(s.kind()).isEqualTo(Kind.LIGHT_WITHOUT_SWITCH);
            assertThat(s.sentence()).startsWith("2 lights in Study have no switch.");
            assertThat(s.about()).hasSize(2);
        });
        var button = with(room, FittingKind.DIMMER, on(room, 0, Swing.LEFT, 2050, 1050));
        assertThat(snags(button))
                .singleElement()
                .satisfies(s -> assertThat(s.kind()).isEqualTo(Kind.SWITCH_WITHOUT_LIGHT));
        // lamps that are plugged in have their own switch, a bell rings
        var lamp = with(
                with(room, FittingKind.FLOOR_LAMP, new Fitting.Floor(Position.ofMm(500, 2500), Length.ofMm(1500))),
                FittingKind.BELL_PUSH,
                on(room, 0, Swing.RIGHT, 2050, 1200));
        assertThat(snags(lamp)).isEmpty();
        assertThat(snags(room)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // a shower of 900 x 900 in the north-west corner, from 0 to 900 along x, from 2100 to 3000 along y
        "SOCKET_2, 2, 2400, 450, ''", // 1600 from the west: 700 off the shower
        "SOCKET_2, 2, 2600, 450, SOCKET_NEAR_WATER", // 500 off it
        "SHAVER_SOCKET, 2, 2600, 1400, ''",
        "SOCKET_1, 2, 2600, 2300, ''", // higher than the zone
        "SOCKET_1, 3, 1400, 450, SOCKET_NEAR_WATER", // the west wall runs down from 3000: 500 off it
        "SOCKET_1, 3, 1600, 450, ''", // 700
        "SWITCHED_SOCKET, 3, 500, 450, SOCKET_NEAR_WATER SOCKET_COVERED" // behind it
    })
    void socketsKeepOffBathAndShower(FittingKind kind, int wall, double along, double height, String expected) {
        var room = room(1000, Hand.FIRST, Swing.LEFT);
        var wet = TestPlans.with(room, "shower", 900, 900, 2000, 450, 2550, 0)
                .withLighting(LightingRules.USUAL.withLeastSockets(0).withSocketEach(Length.ZERO));
        assertThat(told(with(wet, kind, on(wet, wall, Swing.LEFT, along, height))))
                .isEqualTo(expected);
    }
}
