package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.PlanDocument;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Drawing and correcting walls by hand in the real window. */
class WallsWindowTest {
    static List<Wall> walls(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().walls();
    }

    private static StoreyGeometry geometry(Plan plan) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }

    /** Takes up a tool of the walls stage. */
    static void use(WindowDriver w, Tool tool) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().use(tool);
            w.window().actions().focusPlan();
            return null;
        });
        w.settle();
    }

    private static final class Keys {
        private final WindowDriver w;
        private int pressed;

        Keys(WindowDriver w) {
            this.w = w;
        }

        Keys type(String text) throws Exception {
            w.write(text);
            pressed += text.length();
            return this;
        }

        Keys push(KeyCode code) throws Exception {
            w.key(code);
            pressed++;
            return this;
        }

        Keys line(String text) throws Exception {
            return type(text).push(KeyCode.ENTER);
        }
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    /** Brick all round: the demo's own thicker stone wall is another type. */
    @Test
    void theOutlineOfTheDemoByTypedLengthsInUnderSixtyKeys() throws Exception {
        try (var w = WindowDriver.empty()) {
            use(w, Tool.WALK_ROOM);
            w.press("face-outer-face");
            w.focusPlan();
            var keys = new Keys(w);
            keys.line("2400").line("600;-900").line("2000;0").line("600;900").line("7400;0");
            keys.line("8800").line("12580").line("-420;-8800").push(KeyCode.C);
            assertThat(keys.pressed).isLessThan(60);
            var demo = SailclothYard.plan();
            var brick = demo.wallTypes().get(1).id();
            var shell = new ArrayList<>(demo.storeys().getFirst().walls().subList(0, 8));
            shell.replaceAll(x -> x.withType(brick));
            var intended = StoreyGeometry.of(
                    demo,
                    demo.storeys().getFirst().with(Opening.class, List.of()).with(Wall.class, shell));
            var drawn = geometry(w.plan());
            assertThat(drawn.rooms()).hasSize(1);
            var apart = area(Regions.difference(drawn.poche(), intended.poche()))
                    + area(Regions.difference(intended.poche(), drawn.poche()));
            assertThat(apart).isLessThan(10);
        }
    }

    @Test
    void rectanglesSideBySideShareTheirWall() throws Exception {
        try (var w = WindowDriver.empty()) {
            use(w, Tool.RECTANGLE);
            w.show(4000, 2000, 12_000);
            w.click(0, 0);
            w.move(3000, 2500);
            w.write("4000");
            w.key(KeyCode.TAB);
            w.write("3500");
            w.key(KeyCode.ENTER);
            assertThat(walls(w)).hasSize(4);
            var first = walls(w).getFirst().from();
            w.click(4300, 0); // the outer face of the right wall, caught
            w.move(6000, 2500);
            w.write("3000");
            w.key(KeyCode.TAB);
            w.write("3500");
            w.key(KeyCode.ENTER);
            assertThat(geometry(w.plan()).rooms()).hasSize(2);
            assertThat(walls(w)).hasSize(5); // upper and lower walls run on as one
            assertThat(first.point().distance(new honeylamp.geometry.Point(0, 0)))
                    .isLessThan(60);
        }
    }

    @Test
    void polygonCircleArcAndBayAreDrawn() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.show(4000, 2000, 16_000);
            use(w, Tool.POLYGON);
            w.click(0, 0);
            w.move(1500, 0);
            w.write("3");
            w.key(KeyCode.TAB);
            w.write("2000");
            w.key(KeyCode.ENTER);
            assertThat(walls(w)).hasSize(3); // a triangle
            use(w, Tool.CIRCLE);
            w.click(7000, 0);
            w.move(8000, 300);
            w.write("1500");
            w.key(KeyCode.ENTER);
            assertThat(walls(w)).hasSize(5);
            assertThat(geometry(w.plan()).rooms())
                    .anySatisfy(r -> assertThat(r.areaMm2()).isCloseTo(Math.PI * 1500 * 1500, within(5000.0)));
            use(w, Tool.ARC);
            w.click(0, 5000);
            w.click(4000, 5000);
            w.move(2000, 6000);
            w.write("2500");
            w.key(KeyCode.ENTER);
            var arc = walls(w).getLast();
            assertThat(arc.isCurved()).isTrue();
            // chord 4000 and radius 2500: rise 2500 - sqrt(2500² - 2000²) = 1000
            assertThat(Math.abs(arc.sagitta().mm())).isCloseTo(1000, within(25.0));
            w.key(KeyCode.ESCAPE);
            use(w, Tool.DRAW_WALLS);
            w.click(6000, 4500);
            w.move(9000, 4500);
            w.write("5000");
            w.key(KeyCode.ENTER);
            w.key(KeyCode.ESCAPE);
            use(w, Tool.BAY);
            w.click(7000, 4500);
            w.click(9500, 4500);
            w.move(8200, 3500);
            w.write("700");
            w.key(KeyCode.ENTER);
            assertThat(walls(w)).hasSize(6 + 5);
        }
    }

    @Test
    void faceAndTypeChangeMidChainAndThePointerSaysWhich() throws Exception {
        try (var w = WindowDriver.empty()) {
            use(w, Tool.DRAW_WALLS);
            w.show(3000, 2000, 10_000);
            w.click(0, 0);
            w.move(3000, 0);
            javafx.scene.control.Label words = w.node("beside-words");
            // live length and angle, to a pixel, and what is drawn
            assertThat(words.getText()).matches("(29|30)\\d\\d   0\\.0\u00b0   Outer wall 300, inner face");
            w.write("4000");
            w.key(KeyCode.ENTER);
            w.key(KeyCode.D);
            w.key(KeyCode.T);
            w.move(4000, 2000);
            assertThat(words.getText()).matches("(19|20)\\d\\d   90\\.0\u00b0   Inner wall, bearing 175, outer face");
            w.write("3000");
            w.key(KeyCode.ENTER);
            w.key(KeyCode.C); // square: one corner more, at right angles
            assertThat(walls(w)).hasSize(4);
            assertThat(walls(w).get(0).body()).isEqualTo(BodySide.RIGHT);
            assertThat(walls(w).get(1).body()).isEqualTo(BodySide.LEFT);
            assertThat(walls(w).get(3).to()).isEqualTo(walls(w).get(0).from());
            assertThat(geometry(w.plan()).rooms()).hasSize(1);
        }
    }

    static PlanDocument house() {
        return PlanDocument.of(TestWalls.house());
    }

    @Test
    void cornersWallsAndTJointsAreDragged() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 8000);
            w.click(3000, -20); // picks the lower wall, off its corners
            w.drag(6000, 0, 6500, -400);
            assertThat(walls(w).get(0).to().point().x()).isCloseTo(6500, within(60.0));
            assertThat(walls(w).get(1).from()).isEqualTo(walls(w).get(0).to());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.drag(4500, 4020, 4500, 4520); // the upper wall; its neighbours stretch
            assertThat(walls(w).get(1).to().point().y()).isCloseTo(4500, within(60.0));
            assertThat(walls(w).get(1).to().point().x()).isEqualTo(6000);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.click(2500, 2000); // the partition, which ends on the lower and the upper wall
            w.drag(2500, 0, 3300, 40);
            assertThat(walls(w).get(4).from().point().y()).isEqualTo(0);
            assertThat(walls(w).get(4).from().point().x()).isCloseTo(3300, within(60.0));
        }
    }

    @Test
    void aTypedLengthMovesTheEndThatWasChosen() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 8000);
            w.click(4500, -20);
            w.press("end-from");
            w.fill("wall-length", "7000");
            assertThat(walls(w).get(0).from()).isEqualTo(Position.ofMm(-1000, 0));
            w.press("end-both");
            w.fill("wall-length", "6000");
            assertThat(walls(w).get(0).from()).isEqualTo(Position.ofMm(-500, 0));
            assertThat(walls(w).get(0).to()).isEqualTo(Position.ofMm(5500, 0));
            w.fill("wall-grow", "500");
            assertThat(walls(w).get(0).to()).isEqualTo(Position.ofMm(6000, 0));
        }
    }

    @Test
    void splittingJoiningCopyingAndTurning() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 9000);
            w.click(4500, -20);
            w.fill("wall-split", "2000");
            assertThat(walls(w)).hasSize(6);
            w.key(KeyCode.ESCAPE);
            pick(w, 0, 5);
            w.press("walls-join");
            assertThat(w.message()).isEmpty();
            assertThat(walls(w)).hasSize(5);
            assertThat(walls(w).get(0).length().mm()).isEqualTo(6000);
            w.click(2500, 2000);
            w.fill("wall-copies", "2");
            w.fill("wall-copy-distance", "-900");
            assertThat(walls(w)).hasSize(7);
            assertThat(walls(w).get(6).from().point().x()).isEqualTo(2500 + 1800);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            pick(w, 4);
            w.fill("walls-turn", "90");
            assertThat(walls(w).get(4).from().point().y()).isEqualTo(2000);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.A);
            w.press("mirror-plumb");
            assertThat(walls(w).get(4).from().point().x()).isEqualTo(3500);
            assertThat(geometry(w.plan()).rooms()).hasSize(2);
        }
    }

    @Test
    void dividingAligningMovingAndChangingMany() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 9000);
            pick(w, 1, 3);
            w.fill("divide-parts", "3");
            w.press("divide-centres");
            assertThat(walls(w)).hasSize(7);
            assertThat(walls(w).subList(5, 7))
                    .extracting(x -> Math.round(x.from().point().x()))
                    .containsExactlyInAnyOrder(2000L, 4000L);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            pick(w, 1, 3);
            w.press("card-type-2");
            assertThat(walls(w).get(1).type().number()).isEqualTo(2);
            assertThat(walls(w).get(3).type().number()).isEqualTo(2);
            w.press("walls-reverse");
            assertThat(walls(w).get(1).body()).isEqualTo(BodySide.CENTRE); // a centred body has no other side
            pick(w, 4);
            w.focusPlan();
            w.write("250");
            w.key(KeyCode.ENTER);
            assertThat(walls(w).get(4).from()).isEqualTo(Position.ofMm(2750, 0));
        }
    }

    @Test
    void pickingByBoxChainAndBelow() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 10_000);
            w.drag(-1000, -800, 7000, 1000); // to the right: only what lies inside
            assertThat(picked(w)).isEqualTo(1);
            w.drag(7000, 1000, -1000, -800); // to the left: what it touches
            assertThat(picked(w)).isEqualTo(4);
            w.key(KeyCode.ESCAPE);
            assertThat(picked(w)).isZero();
            w.key(KeyCode.CONTROL, KeyCode.A);
            assertThat(picked(w)).isEqualTo(5);
        }
    }

    static void pick(WindowDriver w, int... walls) throws Exception {
        WindowDriver.onScreen(() -> {
            var all = w.model().now().currentStorey().walls();
            w.model()
                    .pick(Arrays.stream(walls)
                            .mapToObj(i -> (ElementId) all.get(i).id())
                            .collect(Collectors.toSet()));
            return null;
        });
        w.settle();
    }

    static int picked(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().now().selection().size());
    }

    /** The partition's left face goes onto the line of the left face of the wall at x = 0; both run up or down. */
    @Test
    void facesAreAligned() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            pick(w, 3, 4);
            w.press("align-middle");
            assertThat(w.message()).isEmpty();
            assertThat(walls(w).get(4).from().point().x()).isCloseTo(0, within(1e-6));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            pick(w, 0);
            w.press("wall-along-left");
            assertThat(walls(w)).hasSize(6);
            assertThat(walls(w).getLast().from()).isEqualTo(Position.ofMm(0, 150));
        }
    }

    @Test
    void deletingSaysWhatGoesAlong() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.PICK_WALLS);
            w.show(3000, 2000, 9000);
            w.click(4500, -20);
            w.key(KeyCode.DELETE);
            assertThat(w.message()).contains("and the opening in it");
            assertThat(walls(w)).hasSize(4);
        }
    }

    @Test
    void aSettingOutLineIsUsedUpByAWallAlongIt() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.SETTING_OUT);
            w.show(3000, 2000, 9000);
            w.click(-150, 1200); // the outer face of the left wall
            w.move(1000, 1200);
            w.write("1650");
            w.key(KeyCode.ENTER);
            var line = w.plan().storeys().getFirst().settingOut().getFirst();
            assertThat(line.stay()).isEqualTo(SettingOutLine.Stay.UNTIL_USED);
            assertThat(line.from().point().x()).isCloseTo(1500, within(1e-3));
            use(w, Tool.PICK_WALLS);
            w.click(1500, 2900);
            w.key(KeyCode.CONTROL, KeyCode.A);
            assertThat(picked(w)).isEqualTo(5); // never together with walls
            use(w, Tool.DRAW_WALLS);
            w.click(1500, 150);
            w.click(1500, 3000);
            assertThat(w.plan().storeys().getFirst().settingOut()).isEmpty();
            assertThat(walls(w).getLast().from().point().x()).isCloseTo(1500, within(1e-3));
        }
    }

    @Test
    void whatWasMeasuredGoesIntoTheMeasureLine() throws Exception {
        try (var w = WindowDriver.with(house())) {
            use(w, Tool.MEASURE);
            w.show(3000, 2000, 9000);
            w.click(0, 0);
            w.click(6000, 0);
            use(w, Tool.DRAW_WALLS);
            w.click(0, 6000);
            w.move(3000, 6000);
            w.key(KeyCode.H);
            w.key(KeyCode.ENTER);
            assertThat(walls(w).getLast().length().mm()).isCloseTo(3000, within(1e-6));
        }
    }

    @Test
    void escapeLeavesNothingBehind() throws Exception {
        try (var w = WindowDriver.with(house())) {
            var before = w.plan();
            w.show(3000, 2000, 9000);
            for (var tool : WorkStage.WALLS.tools()) {
                if (tool.picks() || tool == Tool.WALK_ROOM) {
                    continue;
                }
                use(w, tool);
                w.click(1000, 0);
                w.key(KeyCode.ESCAPE);
                assertThat(w.plan()).as("%s, one click", tool).isEqualTo(before);
                use(w, tool);
                w.click(1000, 0);
                w.move(2000, 1200);
                w.key(KeyCode.ESCAPE);
                w.key(KeyCode.ESCAPE);
                assertThat(w.plan()).as("%s, a click and a move", tool).isEqualTo(before);
            }
            use(w, Tool.DRAW_WALLS);
            w.click(1000, 1000);
            w.write("123");
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.ESCAPE);
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void aTypeIsBuiltOfLayersAndKeptInTheLibrary() throws Exception {
        try (var w = WindowDriver.empty()) {
            use(w, Tool.DRAW_WALLS);
            w.press("wall-type-3");
            w.press("wall-type-card");
            w.fill("layer-1", "92");
            assertThat(w.plan().wallTypes().get(2).thickness().mm()).isEqualTo(12.5 + 92 + 12.5);
            w.press("poche-hatch");
            assertThat(w.plan().wallTypes().get(2).poche()).isEqualTo(honeylamp.plan.WallType.Poche.HATCH);
            w.fill("type-name", "Stud wall 117");
            WindowDriver.onScreen(() -> {
                ((javafx.scene.control.Button) w.window().scene().lookup("#library-keep")).fire();
                return null;
            });
            assertThat(w.message()).contains("in your library");
            boolean offered = WindowDriver.onScreen(() -> w.window().scene().lookup("#library-use-1") != null);
            assertThat(offered).isTrue();
        }
    }

    @Test
    void snagsAreMendedAllAtOnceAsOneStep() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.twoShortEnds()))) {
            w.press("snags");
            WindowDriver.onScreen(() -> {
                var list = (javafx.scene.control.Button) w.window().scene().lookup("#snags");
                assertThat(list.getText()).contains("snags");
                return null;
            });
            var before = w.plan();
            var button = org.testfx.util.WaitForAsyncUtils.asyncFx(
                            () -> w.robot.lookup("#mend-all-short_end").queryButton())
                    .get();
            WindowDriver.onScreen(() -> {
                button.fire();
                return null;
            });
            org.testfx.util.WaitForAsyncUtils.waitFor( // mends are worked out aside
                    20,
                    java.util.concurrent.TimeUnit.SECONDS,
                    () -> geometry(w.plan()).rooms().size() == 3);
            w.settle();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
        }
    }
}
