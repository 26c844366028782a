package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.ColourCode;
import honeylamp.derive.listing.Schedule;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.takeoff.Takeoff;
import honeylamp.takeoff.TileCount;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** How finishes lie, by the card of a room in the real window. */
class FinishWindowTest {
    static RoomMark bathroom(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
    }

    static Laying laying(WindowDriver w) throws Exception {
        return bathroom(w).floor().laying().orElseThrow();
    }

    static void pickBathroom(WindowDriver w) throws Exception {
        w.press("stage-rooms");
        var id = bathroom(w).id();
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.settle();
    }

    static void choose(WindowDriver w, String menu, String item) throws Exception {
        MenuButton button = w.node(menu);
        WindowDriver.onScreen(() -> {
            button.getItems().stream()
                    .filter(i -> i.getText().equals(item))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return null;
        });
        w.settle();
    }

    static String words(WindowDriver w) throws Exception {
        Node card = w.node("card");
        return WindowDriver.onScreen(() -> {
            var out = new StringBuilder();
            card.lookupAll(".label")
                    .forEach(n -> out.append(((Labeled) n).getText()).append('\n'));
            return out.toString();
        });
    }

    @Test
    void aFloorIsLaidInAnotherPatternWithTypedSizesAndJointsAndCounted() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "floor-pattern", "Running bond");
            w.fill("floor-piece-width", "150");
            w.fill("floor-piece-length", "30 cm");
            w.fill("floor-joint", "3");
            assertThat(laying(w).pattern()).isEqualTo(new Pattern.Running(0.5));
            assertThat(laying(w).width()).isEqualTo(Length.ofMm(150));
            assertThat(laying(w).length()).isEqualTo(Length.ofMm(300));
            assertThat(laying(w).joint()).isEqualTo(Length.ofMm(3));
            Slider offset = w.node("floor-measure");
            WindowDriver.onScreen(() -> {
                offset.setValue(25);
                return null;
            });
            w.settle();
            assertThat(laying(w).pattern()).isEqualTo(new Pattern.Running(0.25));
            Slider figure = w.node("floor-figure");
            WindowDriver.onScreen(() -> {
                figure.setValue(50);
                return null;
            });
            w.settle();
            assertThat(laying(w).figure()).isEqualTo(0.5);
            Slider second = w.node("floor-second");
            WindowDriver.onScreen(() -> {
                second.setValue(62);
                return null;
            });
            w.settle();
            w.press("floor-sheen-satin");
            assertThat(laying(w).coat()).isEqualTo(new Laying.Coat(0.6, Laying.Sheen.SATIN)); // in steps of 5 %
            choose(w, "floor-joint-tone", "Graphite");
            assertThat(laying(w).jointTone()).isPresent();
            // 5.64 m2 of 0.153 x 0.303 m hold 121 pieces; with cuts it is some more
            assertThat(words(w)).containsPattern("\\d+ whole, \\d+ cut over half, \\d+ cut under half");
            w.fill("floor-joint", "2 m");
            assertThat(w.message()).contains("a joint is at most 500 mm wide");
            assertThat(laying(w).joint()).isEqualTo(Length.ofMm(3));
            w.key(KeyCode.CONTROL, KeyCode.Z); // the colour of the joints
            assertThat(laying(w).jointTone()).isEmpty();
        }
    }

    @Test
    void aBetterStartIsProposedAndChangesNothingUntilItIsTaken() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "floor-pattern", "Stack");
            w.fill("floor-piece-width", "250");
            w.fill("floor-piece-length", "250");
            var before = bathroom(w).floor();
            var cutBefore = count(w, before).leastShare();
            w.press("floor-find-start");
            assertThat(bathroom(w).floor()).isEqualTo(before);
            Button first = w.node("floor-start-1");
            assertThat(first.getText()).contains("cuts, smallest").contains("to order");
            w.press("floor-start-1");
            assertThat(bathroom(w).floor().start()).isNotEqualTo(before.start());
            assertThat(count(w, bathroom(w).floor()).leastShare()).isGreaterThanOrEqualTo(cutBefore);
            Slider least = w.node("floor-least");
            WindowDriver.onScreen(() -> {
                least.setValue(20);
                return null;
            });
            w.settle();
            assertThat(WindowDriver.<Integer>onScreen(
                            () -> w.model().now().choices().finishing().leastPercent()))
                    .isEqualTo(20);
            w.press("floor-centre");
            assertThat(w.message()).contains("lies in the middle");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(bathroom(w).floor()).isEqualTo(before);
        }
    }

    private static TileCount count(WindowDriver w, Finish finish) throws Exception {
        var room = WindowDriver.onScreen(() -> w.model().geometry().rooms()).stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
        return TileCount.of(List.of(room.outline()), finish.laying().orElseThrow(), finish, 1)
                .orElseThrow();
    }

    @Test
    void boxesAreSaidAndTheOrderFollows() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            w.fill("floor-per-box", "10");
            w.fill("floor-price", "2500");
            assertThat(words(w)).containsPattern("\\d+ pieces, \\d+ % waste; \\d+ boxes; \\d+\\.00");
            w.fill("floor-per-box", "a few");
            assertThat(w.message()).contains("no whole number");
            assertThat(laying(w).goods().perBox()).isEqualTo(10);
            w.fill("floor-reason", "warm underfoot");
            assertThat(bathroom(w).floor().reason()).isEqualTo("warm underfoot");
        }
    }

    @Test
    void oneMaterialIsSwappedEverywhereAndLaidAlikeEverywhere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "finish-floor", "Carpet, oat");
            w.fill("floor-reason", "warm");
            var oats = materials(w, "carpet-oat");
            assertThat(oats).isGreaterThanOrEqualTo(2);
            w.press("stage-finishes");
            w.press("finish-terracotta");
            pickBathroom(w);
            w.press("floor-swap");
            assertThat(materials(w, "carpet-oat")).isZero();
            assertThat(materials(w, "terracotta")).isEqualTo(oats);
            assertThat(bathroom(w).floor().reason()).isEqualTo("warm");
            choose(w, "floor-pattern", "Diagonal");
            w.press("floor-like-this");
            assertThat(w.plan().storeys().getFirst().rooms())
                    .filteredOn(r -> r.floor().material().equals("terracotta"))
                    .allMatch(r -> r.floor().laying().orElseThrow().pattern() instanceof Pattern.Diagonal);
        }
    }

    private static long materials(WindowDriver w, String key) throws Exception {
        return w.plan().storeys().getFirst().rooms().stream()
                .filter(r -> r.floor().material().equals(key))
                .count();
    }

    @Test
    void jointsOfTheFloorRunUpTheWallsOrItIsSaidWhyNot() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            w.press("joints-through");
            assertThat(w.message()).contains("lay floor and walls in pieces first");
            choose(w, "finish-floor", "Glazed tile, sea");
            choose(w, "finish-walls", "Glazed tile, sea");
            w.press("joints-through");
            assertThat(w.message()).contains("joints run through");
            assertThat(w.plan().storeys().getFirst().coverings())
                    .filteredOn(c -> c.surface() instanceof Surface.WallSide)
                    .hasSize(4);
        }
    }

    @Test
    void coloursAreTypedByCodeAndTonesAreMixedInShares() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            w.fill("floor-tone-code", "#7C9A82");
            assertThat(ColourCode.of(bathroom(w).floor().tone().orElseThrow())).isEqualTo("#7C9A82");
            w.fill("floor-tone-code", "greenish");
            assertThat(w.message()).contains("no colour code");
            w.press("floor-blend-more");
            w.press("floor-blend-more");
            assertThat(laying(w).blend().shares()).hasSize(3);
            w.fill("floor-blend-code-3", "#204060");
            w.press("floor-blend-turn");
            assertThat(laying(w).blend().mixing()).isEqualTo(Laying.Blend.Mixing.IN_TURN);
            assertThat(ColourCode.of(laying(w).blend().shares().getLast().tone()))
                    .isEqualTo("#204060");
            w.press("floor-turning");
            assertThat(laying(w).turning()).isEqualTo(Laying.Turning.BY_CHANCE);
            w.press("floor-blend-none");
            assertThat(laying(w).blend()).isEqualTo(Laying.Blend.NONE);
            w.press("floor-tone-back");
            assertThat(bathroom(w).floor().tone()).isEmpty();
        }
    }

    @Test
    void aWallIsLaidInCoursesOfTypedHeights() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "finish-walls", "Paint, chalk");
            w.press("walls-set-out");
            w.press("walls-course-more");
            w.press("walls-course-more");
            choose(w, "walls-course-1", "Glazed tile, ink");
            w.fill("walls-course-1-height", "1.2 m");
            w.fill("walls-course-2-height", "65 mm");
            choose(w, "walls-course-2-begins", "From the middle");
            var walls = new Surface.Walls(bathroom(w).id());
            var courses = w.plan().storeys().getFirst().coverings().stream()
                    .filter(c -> c.surface().equals(walls))
                    .findFirst()
                    .orElseThrow()
                    .finish()
                    .courses();
            assertThat(courses).hasSize(2);
            assertThat(courses.getFirst().material()).isEqualTo("tile-ink");
            assertThat(courses.getFirst().height()).isEqualTo(Length.ofMm(1200));
            assertThat(courses.getLast().begins()).isEqualTo(Finish.Begins.CENTRE);
            w.press("walls-course-1-away");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().coverings())
                    .anyMatch(c -> c.finish().courses().size() == 2);
        }
    }

    @Test
    void aFloorBeginsAtItsThreshold() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            var before = bathroom(w).floor();
            w.press("floor-from-threshold");
            assertThat(bathroom(w).floor().start()).isNotEqualTo(before.start());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(bathroom(w).floor()).isEqualTo(before);
        }
    }

    /** Every press, choice and typed value counts as one action. */
    private static final class Actions {
        private final WindowDriver w;
        private int count;

        Actions(WindowDriver w) {
            this.w = w;
        }

        void press(String id) throws Exception {
            w.press(id);
            count++;
        }

        void pick(String menu, String item) throws Exception {
            choose(w, menu, item);
            count++;
        }

        void type(String field, String text) throws Exception {
            w.fill(field, text);
            count++;
        }
    }

    @Test
    void aBathroomIsTiledFromBareWallsToOrderedBoxesInUnderFortyActionsAndFollowsAWindowThatIsMoved() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            var does = new Actions(w);
            does.pick("finish-floor", "Glazed tile, sea");
            does.type("floor-piece-width", "150");
            does.type("floor-piece-length", "150");
            does.type("floor-per-box", "44");
            does.press("floor-find-start");
            does.press("floor-start-1");
            does.pick("finish-walls", "Glazed tile, sea");
            does.press("walls-set-out");
            does.type("walls-piece-width", "150");
            does.type("walls-piece-length", "150");
            does.type("walls-per-box", "44");
            does.press("joints-through");
            assertThat(w.message()).contains("joints run through");
            does.press("stage-finishes");
            does.press("show-takeoff");
            does.press("schedule-materials");
            does.type("schedule-only", "bathroom");
            assertThat(does.count).isLessThan(40);
            var before = ordered(w);
            assertThat(before.boxes()).isEqualTo((before.pieces() + 43) / 44);
            var window = w.plan().storeys().getFirst().openings().stream()
                    .filter(o -> o.kind().isWindow() && o.width().mm() == 800)
                    .findFirst()
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                var plan = w.model().now().plan();
                var larger = OpeningEdits.setHeights(
                        plan, plan.storeys().getFirst().id(), window.id(), Length.ofMm(300), window.head());
                w.model().edit(larger, "Change heights");
                return null;
            });
            w.settle();
            var after = ordered(w);
            // 850 x 800 more of glass: some thirty tiles of 153 x 153 fewer, less what is cut along its edges
            assertThat(before.pieces() - after.pieces()).isBetween(15, 35);
        }
    }

    private record Ordered(int pieces, int boxes) {}

    private static Ordered ordered(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> {
            var all = Takeoff.of(w.model().shown().plan(), Schedule.Subject.MATERIALS, "bathroom");
            return new Ordered(number(all, "order"), number(all, "boxes"));
        });
    }

    private static int number(Schedule schedule, String key) {
        for (var c = 0; c < schedule.columns().size(); c++) {
            if (schedule.columns().get(c).key().equals(key)
                    && schedule.total().get(c) instanceof Schedule.Cell.Number number) {
                return (int) number.value().orElse(0);
            }
        }
        throw new AssertionError("no column " + key);
    }

    @Test
    void theWallsOfARoomAreDrawnFromTheFrontOnAPageOfTheirOwnAndNothingIsDrawnThere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "finish-walls", "Tile, white");
            w.press("elevations-all");
            w.picture();
            var page = w.plan().presentation().pages().getLast();
            assertThat(page.views()).hasSize(4);
            assertThat(WindowDriver.onScreen(() -> w.model().now().worked().page()))
                    .contains(page.id());
            assertThat(WindowDriver.onScreen(() -> w.model().readout().hint())).contains("seen from the front");
            var before = w.plan();
            w.press("stage-walls");
            w.press("tool-draw-walls");
            w.click(1000, 1000);
            w.click(3000, 1000);
            assertThat(w.plan()).isSameAs(before);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().views()).allMatch(v -> v.isPlan());
        }
    }

    @Test
    void aWallSideIsTiledSetOutAndCountedLessItsOpenings() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            pickBathroom(w);
            choose(w, "finish-walls", "Tile, white");
            var walls = new Surface.Walls(bathroom(w).id());
            var storey = w.plan().storeys().getFirst();
            assertThat(storey.coverings()).anyMatch(c -> c.surface().equals(walls));
            Node card = w.node("card");
            var side = WindowDriver.onScreen(() -> card.lookupAll(".button").stream()
                    .map(Node::getId)
                    .filter(id -> id != null && id.endsWith("-set-out") && id.startsWith("w"))
                    .filter(id -> !id.equals("walls-set-out"))
                    .findFirst()
                    .orElseThrow());
            w.press(side);
            var lead = side.substring(0, side.length() - "-set-out".length());
            choose(w, lead + "-pattern", "Herringbone");
            assertThat(w.plan().storeys().getFirst().coverings())
                    .anyMatch(c -> c.surface() instanceof Surface.WallSide
                            && c.finish()
                                    .laying()
                                    .filter(l -> l.pattern() instanceof Pattern.Herringbone)
                                    .isPresent());
            assertThat(words(w)).contains("whole").contains("Smallest cut");
        }
    }

    @Test
    void theTakeoffListsSurfacesPicksThemAndAddsUpWhatIsAskedFor() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.press("show-takeoff");
            TableView<Schedule.Row> table = w.node("schedule-table");
            int all = WindowDriver.onScreen(() -> table.getItems().size());
            assertThat(all).isGreaterThanOrEqualTo(8);
            TextField only = w.node("schedule-only");
            w.robot.clickOn(only);
            w.write("bathroom floor");
            w.settle();
            assertThat(WindowDriver.<Integer>onScreen(() -> table.getItems().size()))
                    .isEqualTo(1);
            Label together = w.node("schedule-together");
            assertThat(WindowDriver.onScreen(together::getText)).contains("1 rows; together area 5.64 m\u00b2");
            WindowDriver.onScreen(() -> {
                table.getSelectionModel().select(0);
                return null;
            });
            w.settle();
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection()))
                    .containsExactly(bathroom(w).id());
            RoomsWindowTest.type(w, 0, "reason", "easy to wash");
            assertThat(bathroom(w).floor().reason()).isEqualTo("easy to wash");
            choose(w, "floor-pattern", "Stack"); // the row follows
            assertThat(WindowDriver.onScreen(
                            () -> table.getItems().getFirst().cells().toString()))
                    .contains("Stack");
        }
    }
}
