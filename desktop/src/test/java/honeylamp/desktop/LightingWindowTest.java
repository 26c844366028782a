package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Page;
import honeylamp.plan.Showing;
import honeylamp.plan.Wall.Works;
import honeylamp.store.PlanDocument;
import honeylamp.takeoff.lighting.FittingCheck;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The lighting and power plan: its view, what is put in, dragged, typed and linked, and that it goes with the house. */
class LightingWindowTest {
    private static WindowDriver demo() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()));
        w.press("stage-lighting");
        return w;
    }

    private static List<Fitting> fittings(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().fittings();
    }

    private static List<Point> places(WindowDriver w) throws Exception {
        var plan = LaidPlan.of(w.plan());
        return FittingPlaces.on(plan.all().getFirst().geometry()).stream()
                .map(FittingPlaces.Placed::at)
                .toList();
    }

    private static void pick(WindowDriver w, Set<ElementId> ids) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(ids);
            return null;
        });
        w.settle();
    }

    @Test
    void theLightingViewIsOnePressAwayAndAnotherGoesBack() throws Exception {
        try (var w = demo()) {
            var first = WindowDriver.onScreen(() -> w.model().now().view().id());
            w.press("lighting-view");
            var view = WindowDriver.onScreen(() -> w.model().now().view());
            assertThat(LightingViews.isOne(view)).isTrue();
            for (var grey : List.of(
                    Showing.Kind.WALLS, Showing.Kind.OPENINGS, Showing.Kind.FIXED_PARTS, Showing.Kind.FURNITURE)) {
                assertThat(view.showing().of(grey)).isEqualTo(Showing.Degree.FADED);
            }
            assertThat(view.showing().of(Showing.Kind.FITTINGS)).isEqualTo(Showing.Degree.SHOWN);
            assertThat(view.showing().shows(Showing.Kind.FINISHES)).isFalse();
            assertThat(view.showing().shows(Showing.Kind.DIMENSIONS)).isFalse();
            var page = w.plan().presentation().pageOf(view.id()).orElseThrow();
            assertThat(page.name()).isEqualTo("Lighting and power");
            assertThat(page.lists()).containsExactly(Page.Listing.FITTINGS);
            w.press("lighting-view");
            assertThat(WindowDriver.onScreen(() -> w.model().now().view().id())).isEqualTo(first);
            w.press("lighting-view"); // the same one, not a second
            assertThat(w.plan().presentation().views().stream().filter(LightingViews::isOne))
                    .hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().views().stream().filter(LightingViews::isOne))
                    .isEmpty();
        }
    }

    @Test
    void theKitchenIsLitAndSwitchedInFewActions() throws Exception {
        try (var w = demo()) {
            w.press("lighting-view");
            w.show(8500, 2500, 9000);
            w.press("fitting-pendant");
            w.click(9250, 1850);
            assertThat(fittings(w)).singleElement().satisfies(f -> {
                assertThat(f.kind()).isEqualTo(FittingKind.PENDANT);
                assertThat(f.on()).isInstanceOf(Fitting.Piece.class);
                assertThat(f.works()).isEqualTo(Works.NEW);
            });
            w.press("fitting-downlight");
            w.press("spread-room");
            w.move(8500, 3300);
            w.write("3");
            w.key(KeyCode.TAB);
            w.write("2");
            w.key(KeyCode.ENTER);
            w.click(8500, 3300);
            assertThat(fittings(w).getLast().on()).isInstanceOfSatisfying(Fitting.InRoom.class, rows -> {
                assertThat(rows.across()).isEqualTo(3);
                assertThat(rows.rows()).isEqualTo(2);
            });
            w.press("fitting-dimmer");
            w.click(7400, 4200);
            assertThat(fittings(w).getLast().on()).isInstanceOf(Fitting.WallSide.class);
            // all of them together by keys: group 1
            w.press("tool-pick-and-move");
            pick(w, fittings(w).stream().map(Fitting::id).collect(Collectors.toSet()));
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.J);
            assertThat(fittings(w)).allSatisfy(f -> assertThat(f.groups()).containsExactly(1));
            // the rows follow a wall that is moved, the switch goes with its own
            var before = places(w);
            var east = w.plan().storeys().getFirst().walls().stream()
                    .filter(x -> Math.abs(x.chord().unit().x()) < 0.01)
                    .max((a, b) -> Double.compare(
                            a.chord().middle().x(), b.chord().middle().x()))
                    .orElseThrow()
                    .id();
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                w.model()
                        .edit(
                                WallEdits.moveWall(now.plan(), now.storey(), east, Length.ofMm(600), Length.ZERO),
                                "Move wall");
                return null;
            });
            w.settle();
            var after = places(w);
            assertThat(after).hasSameSizeAs(before);
            // the room is 600 wider: a sixth, a half, five sixths of that farther, as they stand in their row
            for (var i = 1; i < before.size() - 1; i++) {
                assertThat(Math.rint(after.get(i).x() - before.get(i).x())).isIn(100.0, 300.0, 500.0);
                assertThat(after.get(i).y()).isEqualTo(before.get(i).y());
            }
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(places(w)).isEqualTo(before);
        }
    }

    @Test
    void aSwitchIsDraggedToAnotherWallAndTypedOnItsCard() throws Exception {
        try (var w = demo()) {
            w.show(5500, 3500, 9000);
            w.press("fitting-one_way");
            w.click(4600, 4200);
            var first = ((Fitting.WallSide) fittings(w).getLast().on()).wall();
            w.press("tool-pick-and-move");
            var at = places(w).getLast();
            w.drag(at.x(), at.y(), 6450, 3000);
            var side = (Fitting.WallSide) fittings(w).getLast().on();
            assertThat(side.wall()).isNotEqualTo(first);
            assertThat(side.height()).isEqualTo(Length.ofMm(1050));
            w.fill("fitting-height", "1.1 m");
            w.fill("fitting-left", "700");
            w.fill("fitting-groups", "2, 3");
            w.fill("fitting-circuit", "4");
            assertThat(fittings(w).getLast()).satisfies(f -> {
                assertThat(f.height()).contains(Length.ofMm(1100));
                assertThat(f.groups()).containsExactly(2, 3);
                assertThat(f.circuit()).isEqualTo(4);
            });
            w.fill("fitting-groups", "none");
            assertThat(w.message()).contains("\"none\" names no group").contains("from 1 to 999");
            w.fill("fitting-circuit", "5000");
            assertThat(w.message()).contains("\"5000\" is no number here").contains("from 0 to 999");
            assertThat(fittings(w).getLast().circuit()).isEqualTo(4);
            MenuButton kinds = w.node("fitting-kind");
            WindowDriver.onScreen(() -> {
                kinds.getItems().stream()
                        .filter(i -> i.getText().equals("Dimmer"))
                        .findFirst()
                        .orElseThrow()
                        .fire();
                return null;
            });
            w.settle();
            assertThat(fittings(w).getLast().kind()).isEqualTo(FittingKind.DIMMER);
            w.press("fitting-works-removed");
            assertThat(fittings(w).getLast().works()).isEqualTo(Works.REMOVED);
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.D);
            assertThat(fittings(w)).hasSize(2);
            w.key(KeyCode.DELETE);
            assertThat(fittings(w)).hasSize(1);
        }
    }

    @Test
    void theLightOfAFittingIsTypedAndWhatIsNonsenseIsSaid() throws Exception {
        try (var w = demo()) {
            w.show(3300, 2500, 9000);
            w.press("fitting-ceiling_light");
            w.click(3300, 2500);
            w.press("tool-pick-and-move");
            w.fill("fitting-lumen", "2100");
            w.fill("fitting-watt", "19,5");
            w.fill("fitting-kelvin", "3000");
            w.press("fitting-full");
            var light = fittings(w).getLast().emission().orElseThrow();
            assertThat(light).isEqualTo(new Emission(2100, 19.5, 120, 3000, Emission.Dimming.FULL));
            w.fill("fitting-kelvin", "20");
            assertThat(w.message()).contains("from 1500 to 10000");
            assertThat(fittings(w).getLast().emission()).contains(light);
            assertThat(fittings(w).getLast().height()).isEmpty();
            w.fill("fitting-height", "2300");
            assertThat(fittings(w).getLast().height()).contains(Length.ofMm(2300));
            w.press("fitting-ceiling");
            assertThat(fittings(w).getLast().height()).isEmpty();
        }
    }

    @Test
    void aStoreyIsLitByOnePressAndNothingIsSaidAgainstIt() throws Exception {
        try (var w = demo()) {
            w.press("lighting-view");
            w.press("propose-lights");
            var lit = fittings(w);
            assertThat(lit).hasSizeGreaterThan(20);
            assertThat(FittingCheck.of(LaidPlan.of(w.plan()).all().getFirst())).isEmpty();
            w.press("propose-lights");
            assertThat(w.message()).contains("has a light already");
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(fittings(w)).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Y);
            assertThat(fittings(w)).isEqualTo(lit);
        }
    }

    /** While one works on lights they are seen even where the view will not print them. */
    @Test
    void inItsStageLightsAreSeenOnAViewThatHidesThem() throws Exception {
        try (var w = demo()) {
            w.show(3300, 2500, 9000);
            w.press("fitting-ceiling_light");
            w.click(3300, 2500);
            assertThat(WindowDriver.onScreen(
                            () -> w.model().shown().view().view().showing().shows(Showing.Kind.FITTINGS)))
                    .isTrue();
            assertThat(w.plan().presentation().views())
                    .noneMatch(v -> v.showing().shows(Showing.Kind.FITTINGS));
            w.press("stage-sheet");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().shown().view().view().showing().shows(Showing.Kind.FITTINGS)))
                    .isFalse();
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.DIGIT8);
            assertThat(WindowDriver.onScreen(() -> w.model().now().stage())).isEqualTo(WorkStage.LIGHTING);
        }
    }
}
