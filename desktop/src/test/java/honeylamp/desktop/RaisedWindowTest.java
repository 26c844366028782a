package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.pick.TurnRaised;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.LightWork;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.View;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Raised views: a room cut away from its corners, turned, picked in, and back to the plan. */
class RaisedWindowTest {
    private static void pickLivingRoom(WindowDriver w) throws Exception {
        var room = w.plan().storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(room.id()));
            return null;
        });
        w.settle();
    }

    private static View last(WindowDriver w) throws Exception {
        return w.plan().presentation().views().getLast();
    }

    private static Raised raised(WindowDriver w) throws Exception {
        return (Raised) WindowDriver.onScreen(() -> w.model().now().view().subject());
    }

    private static Box seen(WindowDriver w, ElementId id) throws Exception {
        w.until(() -> w.model().scene().things().isPresent());
        return WindowDriver.onScreen(
                () -> w.model().scene().things().orElseThrow().of(Set.of(id)).getFirst());
    }

    @Test
    void aRoomIsCutAwayFromItsCornersAndTurned() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            var before = w.plan();
            var pages = before.presentation().pages().size();
            pickLivingRoom(w);
            w.press("cut-away-south-west");
            w.picture();
            assertThat(last(w).subject()).isInstanceOf(Raised.Cutaway.class);
            assertThat(last(w).name()).isEqualTo("Living room, cut away");
            assertThat(w.plan().presentation().pages()).hasSize(pages + 1);
            assertThat(WindowDriver.onScreen(() -> w.model().now().view())).isEqualTo(last(w));
            var turn = raised(w).eye().turnDeg();
            w.focusPlan();
            w.key(KeyCode.PERIOD);
            assertThat(raised(w).eye().turnDeg()).isCloseTo(turn + 15, within(1e-9));
            w.key(KeyCode.COMMA);
            w.key(KeyCode.SHIFT, KeyCode.PERIOD);
            assertThat(raised(w).eye().downDeg()).isCloseTo(41, within(1e-9));
            w.key(KeyCode.CONTROL, KeyCode.G);
            assertThat(raised(w).eye().turnDeg()).isCloseTo((turn + 90) % 360, within(0.001));
            w.press("stage-sheet");
            w.press("raised-from-north-east");
            assertThat(raised(w).eye().turnDeg()).isCloseTo((turn + 180) % 360, within(0.001));
            w.press("raised-rays-on-plan");
            assertThat(raised(w).eye().rays()).isEqualTo(Rays.ON_PLAN);
            w.press("raised-rays-perspective");
            assertThat(last(w).isFilling()).as("in perspective it has no scale").isTrue();
            w.press("raised-isometric");
            assertThat(last(w).isFilling()).isFalse();
            w.fill("raised-turn", "400");
            assertThat(w.message()).contains("360");
            w.fill("raised-down", "50");
            assertThat(raised(w).eye().downDeg()).isEqualTo(50);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(raised(w).eye().downDeg()).isNotEqualTo(50);
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.G);
            assertThat(WindowDriver.onScreen(() -> w.model().now().view().isPlan()))
                    .as("one key goes back to the plan")
                    .isTrue();
        }
    }

    @Test
    void whatIsSeenIsPickedAndDraggingTurns() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            pickLivingRoom(w);
            WindowDriver.onScreen(() -> {
                w.model().raised().cutAwayHere();
                w.model().pick(Set.of());
                return null;
            });
            w.picture();
            var table = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("low-table"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            var box = seen(w, table);
            w.click(box.centre().x(), box.centre().y());
            assertThat(w.model().now().selection()).containsExactly(table);
            isDraggedOverItsFloor(w, table);
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of());
                return null;
            });
            var turn = raised(w).eye().turnDeg();
            WindowDriver.onScreen(() -> {
                var model = w.model();
                var px = model.scene().frame().scale() * model.scene().penMm();
                var at = box.centre();
                model.act(new Intent.Point(Intent.Point.Act.PRESSED, Pointer.at(at)));
                var to = at.plus(new Point(40 * px, 0));
                model.act(new Intent.Point(Intent.Point.Act.DRAGGED, Pointer.at(to)));
                assertThat(model.now().gesture()).isInstanceOf(TurnRaised.class);
                assertThat(model.readout().hint()).contains("Esc");
                return null;
            });
            w.until(() -> !w.model().scene().turned().isEmpty());
            WindowDriver.onScreen(() -> {
                var model = w.model();
                assertThat(model.sketch()).as("it is seen while it turns").isNotEmpty();
                var px = model.scene().frame().scale() * model.scene().penMm();
                var to = box.centre().plus(new Point(40 * px, 0));
                model.act(new Intent.Point(Intent.Point.Act.RELEASED, Pointer.at(to)));
                assertThat(model.shown().meanwhile())
                        .as("it does not turn back until its picture is there")
                        .isNotEmpty();
                return null;
            });
            assertThat(raised(w).eye().turnDeg()).isCloseTo(turn + 40 * 0.35, within(1e-6));
            w.picture();
        }
    }

    /** However it is turned it lies on the sheet as it prints, and the sheet stays where it is seen. */
    @Test
    void whatIsTurnedStaysOnItsSheet() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            WindowDriver.onScreen(() -> {
                w.model().raised().raiseStorey();
                return null;
            });
            w.picture();
            var corner = corner(w);
            for (var turn : List.of("100", "190", "280")) {
                w.fill("raised-turn", turn);
                WindowDriver.onScreen(() -> {
                    var now = w.model().now();
                    assertThat(now.frame())
                            .isEqualTo(SheetComposer.frame(
                                    w.model().shown().page(), now.view().id()));
                    return null;
                });
                assertThat(corner(w).distance(corner)).isLessThan(1e-6);
            }
            w.press("undo");
            assertThat(corner(w).distance(corner)).isLessThan(1e-6);
        }
    }

    @Test
    void lookingFromElsewhereMakesOnlyItsOwnFieldsAnew() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            WindowDriver.onScreen(() -> {
                w.model().raised().raiseStorey();
                w.model()
                        .pick(Set.of(w.model()
                                .now()
                                .currentStorey()
                                .furnishings()
                                .getFirst()
                                .id()));
                return null;
            });
            w.picture();
            Node look = w.node("look-daylight");
            Node named = w.node("piece-width");
            Node turn = w.node("raised-turn");
            w.fill("raised-turn", "123");
            w.picture();
            assertThat(w.<Node>node("raised-turn")).isNotSameAs(turn);
            assertThat(w.<TextField>node("raised-turn").getText()).startsWith("123");
            assertThat(w.<Node>node("look-daylight")).isSameAs(look);
            assertThat(w.<Node>node("piece-width")).isSameAs(named);
        }
    }

    /** Where the upper left corner of the paper is seen, in pixels from the middle of the pane. */
    private static Point corner(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model()
                .now()
                .viewport()
                .paperToPixels(w.model().now().frame(), 0, 0)
                .apply(Point.ORIGIN));
    }

    /** With the pointer 200 mm to the east; undone as one step. */
    private static void isDraggedOverItsFloor(WindowDriver w, ElementId.FurnishingId table) throws Exception {
        var before = w.plan();
        var piece = before.storeys()
                .getFirst()
                .elements()
                .find(Furnishing.class, table)
                .orElseThrow();
        var high = before.storeys().getFirst().level().plus(piece.height()).mm();
        WindowDriver.onScreen(() -> {
            var model = w.model();
            var things = model.scene().things().orElseThrow();
            var from = things.seenAt(piece.at().point(), high).orElseThrow();
            var to = things.seenAt(piece.at().point().plus(new Point(200, 0)), high)
                    .orElseThrow();
            model.act(new Intent.Point(Intent.Point.Act.PRESSED, Pointer.at(from)));
            model.act(new Intent.Point(Intent.Point.Act.DRAGGED, Pointer.at(to)));
            assertThat(model.readout().hint()).contains("set it down");
            assertThat(model.sketch()).isNotEmpty();
            model.act(new Intent.Point(Intent.Point.Act.RELEASED, Pointer.at(to)));
            return null;
        });
        var now = w.plan()
                .storeys()
                .getFirst()
                .elements()
                .find(Furnishing.class, table)
                .orElseThrow();
        assertThat(now.at().point().minus(piece.at().point()).distance(new Point(200, 0)))
                .isLessThan(1e-3);
        w.focusPlan();
        w.key(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.plan().storeys()).isEqualTo(before.storeys());
        w.until(() -> w.model().scene().things().isPresent());
    }

    @Test
    void theStoreyAndTheBuildingAreRaised() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            WindowDriver.onScreen(() -> {
                w.model().raised().raiseStorey();
                return null;
            });
            w.picture();
            w.press("raised-near-low");
            assertThat(((Raised.WholeStorey) raised(w)).near()).isEqualTo(Raised.Near.LOW);
            w.fill("raised-cut", "90 cm");
            assertThat(((Raised.WholeStorey) raised(w)).near())
                    .as("another cut leaves the walls as they are")
                    .isEqualTo(Raised.Near.LOW);
            assertThat(((Raised.WholeStorey) raised(w)).cut()).isEqualTo(Length.ofMm(900));
            var piece = w.plan().storeys().getFirst().furnishings().getFirst();
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.<ElementId>of(piece.id()));
                w.model().picked().delete();
                return null;
            });
            w.until(() -> w.model().scene().things().isPresent());
            assertThat(WindowDriver.onScreen(
                            () -> w.model().scene().things().orElseThrow().of(Set.of(piece.id()))))
                    .as("what is deleted is gone in the raised view too")
                    .isEmpty();
            WindowDriver.onScreen(() -> {
                w.model().raised().raiseBuilding();
                return null;
            });
            assertThat(last(w).name()).isEqualTo("All storeys, raised");
            w.fill("raised-apart", "1 m");
            assertThat(((Raised.Building) raised(w)).apart()).isEqualTo(Length.ofMm(1000));
        }
    }

    /** What is picked of another storey in a view of the building has its card, is moved there, and goes by the key. */
    @Test
    void whatIsPickedOfAnotherStoreyIsWorkedOnThere() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            WindowDriver.onScreen(() -> {
                w.model().raised().raiseBuilding();
                return null;
            });
            w.picture();
            w.until(() -> w.model().scene().things().isPresent());
            var flat = w.plan().storeys().get(1);
            var bed = flat.furnishings().stream()
                    .filter(f -> f.kind().equals("bed"))
                    .findFirst()
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(bed.id()));
                return null;
            });
            assertThat(WindowDriver.onScreen(() -> w.model().now().storey())).isEqualTo(flat.id());
            w.settle();
            w.fill("piece-width", "5' 6\"");
            assertThat(bed(w).width()).isEqualTo(Length.ofInches(66));
            w.until(() -> w.model().scene().things().isPresent());
            WindowDriver.onScreen(() -> {
                var model = w.model();
                var things = model.scene().things().orElseThrow();
                var from = spot(w, things.of(Set.of(bed.id())).getFirst(), bed.id());
                var place = things.placeAt(from).orElseThrow();
                var to = things.seenAt(place.plan().plus(new Point(300, 200)), place.highMm())
                        .orElseThrow();
                var freely = new Pointer(to, 1, new Pointer.Keys(false, false, true));
                model.act(new Intent.Point(Intent.Point.Act.PRESSED, Pointer.at(from)));
                model.act(new Intent.Point(Intent.Point.Act.DRAGGED, freely));
                model.act(new Intent.Point(Intent.Point.Act.RELEASED, freely));
                return null;
            });
            assertThat(bed(w).at().point().minus(bed.at().point()).distance(new Point(300, 200)))
                    .isLessThan(1e-3);
            w.focusPlan();
            w.key(KeyCode.DELETE);
            assertThat(w.plan().storeys().get(1).elements().find(bed.id())).isEmpty();
        }
    }

    /** Where in a box of the picture a thing is seen. */
    private static Point spot(WindowDriver w, Box box, ElementId id) {
        var scene = w.model().scene();
        for (var i = 1; i < 400; i++) {
            var at = new Point(box.minX() + box.width() * (i % 20) / 20, box.minY() + box.height() * (i / 20) / 20);
            if (scene.things()
                    .orElseThrow()
                    .at(at, scene.view())
                    .filter(id::equals)
                    .isPresent()) {
                return at;
            }
        }
        throw new AssertionError(id + " is not seen");
    }

    private static Furnishing bed(WindowDriver w) throws Exception {
        return w.plan().storeys().get(1).furnishings().stream()
                .filter(f -> f.kind().equals("bed"))
                .findFirst()
                .orElseThrow();
    }

    /** By keys alone up the stair of the demo house, and on into the flat. */
    @Test
    void oneWalksThroughBothStoreys() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            WindowDriver.onScreen(() -> {
                var storey = w.model().shown().storey();
                var foot = storey.fixedParts().stairs().getFirst().steps().spot(0);
                var inside = new Raised.Inside(
                        storey.id(),
                        Position.of(foot.at().minus(foot.unit().times(400))),
                        Raised.Inside.EYE_HIGH,
                        (foot.unit().angleDeg() + 360) % 360,
                        75);
                var plan = w.model().now().plan();
                var added = ViewEdits.raised(plan, w.model().now().view().id(), inside, "Up the stair");
                var view = added.plan().presentation().views().getLast().id();
                w.model()
                        .act(
                                new Intent.Edit(added.plan(), "Stand"),
                                new Intent.TurnTo(new Worked(view, Optional.of(added.id()))));
                return null;
            });
            w.focusPlan();
            var upper = w.plan().storeys().get(1).id();
            for (var i = 0; i < 30 && !raised(w).storey().equals(upper); i++) {
                w.key(KeyCode.SHIFT, KeyCode.PERIOD);
            }
            assertThat(raised(w).storey()).isEqualTo(upper);
            assertThat(WindowDriver.onScreen(() -> w.model().now().storey())).isEqualTo(upper);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(raised(w).storey()).isNotEqualTo(upper);
        }
    }

    /** Beside the plan stands the storey raised, or what was looked at raised last; it follows edits and leads there. */
    @Test
    void aGlanceStandsBesideThePlan() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.focusPlan();
            w.key(KeyCode.G);
            assertThat(glanced(w)).isInstanceOf(Raised.WholeStorey.class);
            w.press("stage-rooms");
            pickLivingRoom(w);
            w.press("cut-away-south-west");
            assertThat(isGlanceShown(w)).as("in a raised view it is not needed").isFalse();
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.G);
            assertThat(glanced(w)).isInstanceOf(Raised.Cutaway.class);
            var width = width(w);
            w.press("glance-size");
            assertThat(width(w)).isGreaterThan(1.5 * width);
            var views = w.plan().presentation().views().size();
            var plan = w.plan();
            var eye = glanced(w).eye();
            Node glance = w.node("glance");
            WindowDriver.onScreen(() -> {
                glance.requestFocus();
                return null;
            });
            w.key(KeyCode.RIGHT);
            w.key(KeyCode.UP);
            assertThat(glanced(w).eye()).isEqualTo(eye.turnedBy(15).tiltedBy(7.5));
            assertThat(w.plan()).as("only the glance is turned").isEqualTo(plan);
            w.press("glance-open");
            assertThat(raised(w)).isInstanceOf(Raised.Cutaway.class);
            assertThat(raised(w).eye()).isEqualTo(eye.turnedBy(15).tiltedBy(7.5));
            assertThat(w.plan().presentation().views()).hasSize(views);
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.G);
            w.press("stage-walls");
            w.focusPlan();
            w.key(KeyCode.G);
            assertThat(isGlanceShown(w)).isFalse();
        }
    }

    private static Raised glanced(WindowDriver w) throws Exception {
        assertThat(isGlanceShown(w)).isTrue();
        return WindowDriver.onScreen(() -> w.model().raised().glanced());
    }

    private static boolean isGlanceShown(WindowDriver w) throws Exception {
        Node glance = w.node("glance");
        return WindowDriver.onScreen(glance::isVisible);
    }

    private static double width(WindowDriver w) throws Exception {
        w.settle();
        Node glance = w.node("glance");
        return WindowDriver.onScreen(() -> glance.getBoundsInParent().getWidth());
    }

    /** One stands within the door of a room, turns, and walks through doors and not through walls. */
    @Test
    void oneStandsInARoomAndWalks() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            pickLivingRoom(w);
            w.press("room-stand-inside");
            w.picture();
            assertThat(last(w).name()).isEqualTo("Living room, standing inside");
            var first = (Raised.Inside) raised(w);
            assertThat(first.high()).isEqualTo(Length.ofMm(1600));
            w.focusPlan();
            w.key(KeyCode.SHIFT, KeyCode.PERIOD);
            var walked = (Raised.Inside) raised(w);
            assertThat(walked.at().point().distance(first.at().point())).isCloseTo(500, within(0.01));
            w.key(KeyCode.COMMA);
            assertThat(((Raised.Inside) raised(w)).towardsDeg())
                    .isCloseTo((first.towardsDeg() + 15) % 360, within(0.001));
            for (var i = 0; i < 20 && w.message().isEmpty(); i++) {
                w.key(KeyCode.SHIFT, KeyCode.PERIOD);
            }
            assertThat(w.message()).contains("a wall is in the way");
            w.press("stage-sheet");
            w.fill("inside-across", "200");
            assertThat(w.message()).contains("110");
            w.fill("inside-across", "60");
            w.fill("inside-high", "1.2 m");
            assertThat((Raised.Inside) raised(w)).satisfies(now -> {
                assertThat(now.acrossDeg()).isEqualTo(60);
                assertThat(now.high()).isEqualTo(Length.ofMm(1200));
            });
            w.picture();
        }
    }

    /** Soft light comes while one works, better step by step; it can be left at what it is, and undone. */
    @Test
    void softLightComesStepByStepAndCanBeLeftAtThat() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            pickLivingRoom(w);
            w.press("cut-away-south-west");
            w.press("stage-look");
            w.press("raised-lit-traced");
            assertThat(last(w).lit()).isEqualTo(View.Lit.TRACED);
            w.until(() -> w.model().shown().light().known().get().share() > 0);
            w.until(() -> w.node("light-stop").isVisible());
            w.press("light-stop");
            w.until(() -> w.model().shown().light().known().get().state() == LightWork.State.STOPPED);
            assertThat(w.node("light-stop").isVisible()).isFalse();
            w.picture();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(last(w).lit()).isEqualTo(View.Lit.DRAWN);
        }
    }
}
