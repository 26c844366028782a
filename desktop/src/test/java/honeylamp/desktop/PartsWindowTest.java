package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/**
 * Stairs, ground, bays and units in the real window. The house is 6,000 by 4,000 between centres of walls 300 thick; a
 * partition 100 thick stands at 2,500.
 */
class PartsWindowTest {
    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(TestWalls.house()));
        w.show(3000, 2000, 9000);
        return w;
    }

    private static Structure newest(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().structures().getLast();
    }

    private static Stair stair(WindowDriver w) throws Exception {
        return (Stair) newest(w).form();
    }

    @Test
    void aStairIsPutAgainstAWallAndItsStepsFollowFromTheHeight() throws Exception {
        try (var w = house()) {
            w.press("stage-fixed-parts");
            w.press("part-stair-straight");
            w.key(KeyCode.R); // it climbs to the west
            // 2,600 clear and a floor of 300: 17 risers, 16 goings of 290 are 4,640; the north face lies at 3,850
            w.move(3400, 3380);
            w.click(3400, 3380);
            var put = newest(w);
            assertThat(stair(w).risers()).isEqualTo(17);
            assertThat(stair(w).going()).isEqualTo(Length.ofMm(290));
            assertThat(put.turnDeg()).isEqualTo(90);
            assertThat(put.at().y().mm()).isCloseTo(3850 - 450, within(0.5));
            w.press("tool-pick-and-move");
            w.click(put.at().x().mm(), put.at().y().mm());
            w.fill("stair-risers", "16");
            assertThat(stair(w).risers()).isEqualTo(16);
            w.press("shape-half");
            w.press("hand-left");
            w.fill("stair-flight", "80 cm");
            w.fill("stair-lower", "5");
            w.fill("stair-well", "120");
            var half = stair(w);
            assertThat(half.shape()).isEqualTo(Stair.Shape.HALF);
            assertThat(half.turn()).isEqualTo(Stair.Turn.LEFT);
            assertThat(half.width()).isEqualTo(Length.ofMm(1720));
            assertThat(half.lower()).isEqualTo(5);
            assertThat(half.upper()).isEqualTo(9);
            w.fill("stair-lower", "40");
            assertThat(w.message()).contains("turns after 1 to 13 treads");
            assertThat(stair(w)).isEqualTo(half);
            w.press("leads-down");
            assertThat(stair(w).leads()).isEqualTo(Stair.Leads.DOWN);
            w.press("stair-steps");
            assertThat(stair(w).risers()).isEqualTo(17);
            w.key(KeyCode.DELETE);
            assertThat(w.plan().storeys().getFirst().structures()).isEmpty();
        }
    }

    @Test
    void typedSizesRemakeAFixedPartBeforeItIsPut() throws Exception {
        try (var w = house()) {
            w.press("stage-fixed-parts");
            w.press("part-void");
            w.move(4200, 2000);
            w.focusPlan();
            w.write("1500");
            w.key(KeyCode.TAB);
            w.write("1200");
            w.key(KeyCode.ENTER);
            w.click(4200, 2000);
            assertThat(newest(w).width()).isEqualTo(Length.ofMm(1500));
            assertThat(newest(w).depth()).isEqualTo(Length.ofMm(1200));
            // the larger room is 3,300 by 3,700; what is missing of its floor is no area
            var larger = new GeometryCache()
                    .of(w.plan(), w.plan().storeys().getFirst())
                    .rooms()
                    .getFirst();
            assertThat(larger.areaMm2()).isCloseTo(3300.0 * 3700 - 1500 * 1200, within(1.0));
            // it is moved by hand and turned by a key
            w.press("tool-pick-and-move");
            w.click(4200, 2000);
            w.drag(4200, 2000, 4100, 2300);
            w.key(KeyCode.R);
            assertThat(newest(w).turnDeg()).isEqualTo(90);
            assertThat(newest(w).at().y().mm()).isCloseTo(2300, within(30.0));
        }
    }

    @Test
    void aPlotATerraceAndABayAreLaidOut() throws Exception {
        try (var w = house()) {
            w.show(3000, 0, 16_000);
            w.press("stage-site");
            w.press("ground-plot");
            w.click(-3000, -5000);
            w.move(0, 0);
            w.focusPlan();
            w.write("12 m");
            w.key(KeyCode.TAB);
            w.write("12 m");
            w.key(KeyCode.ENTER);
            var plot = w.plan().storeys().getFirst().grounds().getFirst();
            assertThat(plot.use()).isEqualTo(Ground.Use.PLOT);
            assertThat(plot.ring().area()).isCloseTo(144e6, within(1.0));
            assertThat(w.window().scene().getRoot().lookupAll(".label"))
                    .anySatisfy(n -> assertThat(((Label) n).getText()).isEqualTo("Built on"));
            // the west face lies at -150: 2,850 from the boundary
            w.fill("ground-setback", "3 m");
            assertThat(WindowDriver.onScreen(() -> w.model().shown().snags()))
                    .anySatisfy(s -> assertThat(s.sentence()).contains("of the boundary"));
            w.fill("ground-setback", "2.5 m");
            assertThat(WindowDriver.onScreen(() -> w.model().shown().snags()))
                    .noneSatisfy(s -> assertThat(s.sentence()).contains("of the boundary"));
            w.press("ground-terrace");
            w.click(500, -3000);
            w.click(4500, -3000);
            w.click(4500, -1000);
            w.click(500, -1000);
            w.key(KeyCode.C);
            var terrace = w.plan().storeys().getFirst().grounds().getLast();
            assertThat(terrace.corners()).hasSize(4);
            assertThat(terrace.ring().area()).isCloseTo(4000 * 2000, within(1_500_000.0));
            w.press("car-small");
            w.click(7900, -2200);
            assertThat(newest(w).form())
                    .isInstanceOfSatisfying(
                            ParkingBay.class, b -> assertThat(b.car()).isEqualTo(Structure.Car.SMALL));
            w.press("tool-pick-and-move");
            w.click(2500, -2000);
            w.drag(2500, -2000, 2500, -2500);
            assertThat(w.plan()
                            .storeys()
                            .getFirst()
                            .grounds()
                            .getLast()
                            .ring()
                            .bounds()
                            .minY())
                    .isCloseTo(-3500, within(500.0));
            w.key(KeyCode.DELETE);
            assertThat(w.plan().storeys().getFirst().grounds()).hasSize(1);
        }
    }

    private static List<Double> areas(Plan plan) {
        return LaidPlan.of(plan).all().getFirst().geometry().rooms().stream()
                .map(Room::areaMm2)
                .toList();
    }

    @Test
    void aUnitIsMadeOfRoomsPlacedMirroredAndChangesWithThem() throws Exception {
        try (var w = house()) {
            w.show(4000, 2000, 18_000);
            w.press("stage-rooms");
            w.click(1200, 2000);
            w.fill("unit-name", "Flat A");
            w.press("unit-make");
            // it hangs at the pointer; its walls are 2,500 wide and 4,000 deep, its middle (1250, 2000)
            w.key(KeyCode.F);
            w.move(10_000, 2000);
            w.click(10_000, 2000);
            var plan = w.plan();
            assertThat(plan.repeats().units().getFirst().name()).isEqualTo("Flat A");
            var copy = plan.repeats().copies().getFirst();
            assertThat(copy.sense()).isEqualTo(Sense.MIRRORED);
            assertThat(copy.at().x().mm()).isCloseTo(10_000, within(60.0));
            assertThat(areas(plan)).hasSize(3);
            // dragged to the west of the house its outer wall becomes the house's own
            w.key(KeyCode.ESCAPE);
            w.drag(10_000, 2000, -1100, 2030);
            assertThat(w.plan().repeats().copies().getFirst().at()).isEqualTo(Position.ofMm(-1250, 2000));
            // the drawn partition moves: the copy grows with it
            var before = areas(w.plan());
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(2500, 1500);
            w.drag(2500, 1500, 3000, 1500);
            var after = areas(w.plan());
            assertThat(after.stream().filter(a -> Math.abs(a - 2800 * 3700) < 200_000))
                    .hasSizeGreaterThan(1);
            assertThat(after).isNotEqualTo(before);
            // the copy becomes its own
            w.press("stage-rooms");
            w.press("tool-units");
            w.click(-1250, 2000);
            w.press("unit-release");
            assertThat(w.plan().repeats().copies()).isEmpty();
            assertThat(w.plan().storeys().getFirst().walls().size()).isGreaterThan(5);
            assertThat(areas(w.plan())).hasSize(after.size());
        }
    }

    /** Walls drawn from the house to a copy of its western room enclose a passage between them. */
    @Test
    void aSpaceBetweenCopiesIsARoomToo() throws Exception {
        try (var w = house()) {
            w.show(2000, -1500, 14_000);
            w.press("stage-rooms");
            w.click(1200, 2000);
            w.press("unit-make");
            // straight below: its north face lies 3,000 below the house's south face
            w.move(1250, -5000);
            w.click(1250, -5000);
            w.key(KeyCode.ESCAPE);
            w.press("unit-place-" + w.plan().repeats().units().getFirst().id().text());
            w.key(KeyCode.ESCAPE);
            w.click(1250, -5000);
            w.fill("unit-across", "0");
            w.fill("unit-up", "-7000");
            assertThat(w.plan().repeats().copies().getFirst().at()).isEqualTo(Position.ofMm(1250, -5000));
            w.press("stage-walls");
            w.press("tool-draw-walls");
            w.click(0, 0);
            w.click(0, -3000);
            w.key(KeyCode.ESCAPE);
            w.click(2500, 0);
            w.click(2500, -3000);
            w.key(KeyCode.ESCAPE);
            assertThat(areas(w.plan())).hasSize(4);
            assertThat(WindowDriver.onScreen(() -> w.model().shown().snags()))
                    .noneSatisfy(s -> assertThat(s.kind().isGap()).isTrue());
            w.press("stage-rooms");
            w.press("tool-name-rooms");
            w.click(1250, -1500);
            w.fill("room-name", "Passage");
            assertThat(w.plan().storeys().getFirst().rooms())
                    .anySatisfy(r -> assertThat(r.name()).isEqualTo("Passage"));
            // a floor laid in the copy is laid in the unit
            w.press("stage-finishes");
            w.press("finish-square-tile");
            w.click(1250, -5000);
            assertThat(w.plan().storeys().getFirst().rooms())
                    .anySatisfy(r -> assertThat(r.floor().material()).isEqualTo("square-tile"));
        }
    }

    @Test
    void theListOfRoomNamesIsAPersonsOwn() throws Exception {
        try (var w = house()) {
            w.press("stage-rooms");
            w.click(4500, 2000);
            WindowDriver.onScreen(() -> {
                ((javafx.scene.control.MenuButton) w.window().scene().lookup("#room-use"))
                        .getItems()
                        .get(3)
                        .fire(); // a bedroom
                return null;
            });
            w.settle();
            w.fill("room-name", "Berth");
            w.press("room-name-keep");
            assertThat(w.window().scene().lookup("#name-berth")).isNotNull();
            w.press("name-bedroom");
            w.press("room-name-out");
            assertThat(w.window().scene().lookup("#name-bedroom")).isNull();
            // what one expects of a bedroom is taken up by a press and ticked when it stands there
            w.press("expected-bed");
            w.click(4500, 2000);
            w.press("stage-rooms");
            w.click(5500, 3500);
            var bed = (javafx.scene.control.Labeled) w.window().scene().lookup("#expected-bed");
            assertThat(bed.getText()).startsWith("\u2713");
            w.press("name-berth");
            assertThat(w.plan().storeys().getFirst().rooms())
                    .anySatisfy(r -> assertThat(r.name()).isEqualTo("Berth"));
        }
    }
}
