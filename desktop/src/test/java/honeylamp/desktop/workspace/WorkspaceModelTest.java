package honeylamp.desktop.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.draw.WallChain;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId;
import honeylamp.plan.Light;
import honeylamp.plan.Plan;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The state of the window without a window. */
class WorkspaceModelTest {
    private final List<Plan> saved = new ArrayList<>();

    private WorkspaceModel model(Plan plan) {
        return new WorkspaceModel(Origin.of(PlanDocument.of(plan)), saved::add);
    }

    private static void click(WorkspaceModel model, double x, double y) {
        model.moved(Pointer.at(new Point(x, y)));
        model.pressed(Pointer.at(new Point(x, y)));
        model.released(Pointer.at(new Point(x, y)));
    }

    @Test
    void anEmptyPlanBeginsWithTheUnderlayAFinishedOneWithFurnishing() {
        assertThat(model(NewPlan.in(UnitSystem.MM)).now().stage()).isEqualTo(WorkStage.UNDERLAY);
        assertThat(model(NewPlan.in(UnitSystem.MM)).now().lamp()).isEqualTo(Lamp.DRAFT);
        assertThat(model(SailclothYard.plan()).now().stage()).isEqualTo(WorkStage.FURNISH);
    }

    @Test
    void aRoomThatClosesIsMarkedInTheSameStep() {
        var model = model(NewPlan.in(UnitSystem.MM));
        model.go(WorkStage.WALLS);
        model.chooseWithin(model.now().choices().withFace(DrawnFace.INNER));
        for (var c : List.of(new Point(0, 0), new Point(5000, 0), new Point(5000, 4000), new Point(0, 4000))) {
            click(model, c.x(), c.y());
        }
        click(model, 0, 0);
        assertThat(model.now().currentStorey().rooms()).hasSize(1);
        assertThat(saved).hasSize(4);
        model.undo();
        assertThat(model.now().currentStorey().walls()).hasSize(3);
        assertThat(model.now().currentStorey().rooms()).isEmpty();
        model.redo();
        assertThat(model.geometry().netAreaMm2()).isCloseTo(20_000_000, within(1.0));
        assertThat(model.shown().allSnags()).hasSize(1); // a room without a name,
        assertThat(model.shown().snags()).isEmpty(); // which is nothing wrong while walls are drawn
        assertThat(model.now().unsaved()).isTrue();
    }

    @Test
    void allStepsOfOneSlideAreOneAction() {
        var model = model(SailclothYard.plan());
        for (var deg = 41; deg <= 60; deg++) {
            model.slide(ViewEdits.light(model.now().plan(), new Light(320, deg)), "Turn light", deg > 41);
        }
        assertThat(model.now().view().light().altitudeDeg()).isEqualTo(60);
        model.undo();
        assertThat(model.now().plan()).isEqualTo(SailclothYard.plan());
        model.slide(ViewEdits.light(model.now().plan(), new Light(320, 30)), "Turn light", false);
        model.slide(ViewEdits.light(model.now().plan(), new Light(320, 31)), "Turn light", false);
        model.undo();
        assertThat(model.now().view().light().altitudeDeg()).isEqualTo(30);
    }

    /** A wall drawn, what is picked deleted, a copy pasted: each is one new state, told once. */
    @Test
    void oneClickIsOneNewState() {
        var model = model(SailclothYard.plan());
        model.use(Tool.DRAW_WALLS);
        click(model, -3000, -3000);
        var states = new ArrayList<Workspace>();
        model.state().subscribe((_, now) -> states.add(now));
        model.pressed(Pointer.at(new Point(-5000, -3000)));
        assertThat(states).hasSize(1);
        assertThat(states.getFirst().plan()).isNotEqualTo(SailclothYard.plan());
        var wall = model.now().currentStorey().walls().getLast().id();
        model.pick(Set.of(wall));
        states.clear();
        model.picked().copy();
        assertThat(states).hasSize(2); // kept, and said
        states.clear();
        model.picked().delete();
        assertThat(states).hasSize(1);
        assertThat(states.getFirst().message()).startsWith("Deleted one thing");
        assertThat(states.getFirst().selection()).isEmpty();
        states.clear();
        model.picked().paste();
        assertThat(states).hasSize(1);
        assertThat(states.getFirst().selection()).hasSize(1);
    }

    @Test
    void escapeLeavesStepByStepAndHarmlessly() {
        var model = model(SailclothYard.plan());
        model.use(Tool.DRAW_WALLS);
        click(model, -3000, -3000);
        assertThat(model.now().gesture().underWay()).isTrue();
        model.escape();
        assertThat(model.now().gesture()).isEqualTo(WallChain.begin());
        model.escape();
        assertThat(model.now().tool()).isEqualTo(Tool.PICK_WALLS);
        var wall = model.now().currentStorey().walls().getFirst().id();
        model.pick(Set.of(wall));
        model.escape();
        assertThat(model.now().selection()).isEmpty();
        assertThat(model.now().plan()).isEqualTo(SailclothYard.plan());
        assertThat(saved).isEmpty();
    }

    @Test
    void deletingSaysWhatWentAlong() {
        var model = model(SailclothYard.plan());
        Set<ElementId> wall =
                Set.of(model.now().currentStorey().openings().getFirst().host());
        model.pick(wall);
        model.picked().delete();
        assertThat(model.now().message()).contains("one thing").contains("the opening in it");
        assertThat(model.now().selection()).isEmpty();
        model.undo();
        assertThat(model.now().plan()).isEqualTo(SailclothYard.plan());
    }

    @Test
    void changingTheStageDropsWhatIsPickedElsewhere() {
        var model = model(SailclothYard.plan());
        model.pick(Set.of(model.now().currentStorey().furnishings().getFirst().id()));
        model.go(WorkStage.WALLS);
        assertThat(model.now().selection()).isEmpty();
    }

    @Test
    void aStageIsGoneOnWithTheToolTakenUpThereLast() {
        var model = model(SailclothYard.plan());
        model.go(WorkStage.WALLS);
        assertThat(model.now().tool()).isEqualTo(Tool.DRAW_WALLS);
        model.use(Tool.RECTANGLE);
        model.go(WorkStage.ROOMS);
        assertThat(model.now().tool()).isEqualTo(Tool.NAME_ROOMS);
        model.go(WorkStage.WALLS);
        assertThat(model.now().tool()).isEqualTo(Tool.RECTANGLE);
    }

    @Test
    void theSheetAndThePlanAreShownWhole() {
        var model = model(SailclothYard.plan());
        model.showSheet(840, 594 + 56);
        // 420 mm of paper on 840 px, with a margin of 4 %, above what floats over the lower 56 px
        assertThat(model.now().viewport().pxPerMm() * model.now().frame().scale())
                .isCloseTo(2 * 0.96, within(1e-6));
        model.showStorey(1000, 800);
        var pixels = model.now().viewport().planToPixels(1000, 800);
        for (var corner : List.of(new Point(0, -1400), new Point(13_000, 8800))) {
            var p = pixels.apply(corner);
            assertThat(p.x()).isBetween(0.0, 1000.0);
            assertThat(p.y()).isBetween(0.0, 800.0);
        }
    }

    @Test
    void zoomingKeepsAPlaceAndStaysWithinReason() {
        var view = new Viewport(new Point(4000, 2000), 0.05);
        var before = view.planToPixels(900, 700).inverse().apply(new Point(123, 456));
        var zoomed = view.zoomed(1.7, 123, 456, 900, 700);
        assertThat(zoomed.planToPixels(900, 700)
                        .inverse()
                        .apply(new Point(123, 456))
                        .distance(before))
                .isLessThan(1e-6);
        assertThat(view.zoomed(1e9, 0, 0, 900, 700).pxPerMm()).isLessThanOrEqualTo(4);
        assertThat(view.zoomed(1e-9, 0, 0, 900, 700).pxPerMm()).isGreaterThan(0);
        assertThat(view.panned(10, -20).centre()).isEqualTo(new Point(4000 - 200, 2000 - 400));
    }

    @Test
    void reachIsTheSameOnScreenAtEveryZoom() {
        var model = model(SailclothYard.plan());
        for (var zoom : new double[] {0.02, 0.2}) {
            model.show(new Viewport(Point.ORIGIN, zoom));
            assertThat(model.scene().reachMm() * zoom).isCloseTo(10, within(1e-9));
            assertThat(model.scene().penMm() * model.now().frame().scale() * zoom)
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void messagesGoWhenWorkGoesOn() {
        var model = model(SailclothYard.plan());
        model.say("Something to know.");
        model.moved(Pointer.at(new Point(0, 0)));
        assertThat(model.now().message()).isEqualTo("Something to know.");
        model.pressed(Pointer.at(new Point(-9000, 0)));
        assertThat(model.now().message()).isEmpty();
    }
}
