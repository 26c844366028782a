package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.gesture.look.WalkLit;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Page;
import honeylamp.plan.Showing;
import honeylamp.plan.View;
import honeylamp.plan.Wall.Works;
import honeylamp.store.PlanDocument;
import honeylamp.takeoff.lighting.FittingCheck;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.units.Length;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
            assertThat(WindowDriver.onScreen(() -> w.model().shown().printed().views()))
                    .as("the stage does not decide what prints")
                    .noneMatch(v -> v.view().showing().shows(Showing.Kind.FITTINGS));
            w.press("stage-sheet");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().shown().view().view().showing().shows(Showing.Kind.FITTINGS)))
                    .isFalse();
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.DIGIT8);
            assertThat(WindowDriver.onScreen(() -> w.model().now().stage())).isEqualTo(WorkStage.LIGHTING);
        }
    }

    private static List<Activity> activities(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().activities();
    }

    /** What the plan says of itself is worked out aside. */
    private static void reported(WindowDriver w) throws Exception {
        w.until(() -> {
            var shown = w.model().shown();
            return shown.lighting().to(shown.storey()).isPresent();
        });
        w.settle();
    }

    private static String words(Pane list) throws Exception {
        return WindowDriver.onScreen(() -> list.getChildren().stream()
                .filter(Label.class::isInstance)
                .map(l -> ((Label) l).getText())
                .collect(Collectors.joining("\n")));
    }

    private static String step(WindowDriver w, String id) throws Exception {
        ToggleButton button = w.node(id);
        return WindowDriver.onScreen(() -> ((VBox) button.getGraphic())
                .getChildren().stream().map(line -> ((Label) line).getText()).collect(Collectors.joining(": ")));
    }

    /** The view worked on as it is pictured. */
    private static View seen(WindowDriver w) {
        var worked = w.model().now().worked().view();
        return w.model().shown().pictured().views().stream()
                .map(LaidView::view)
                .filter(v -> v.id().equals(worked))
                .findFirst()
                .orElseThrow();
    }

    /** The living room from bare to walked in, in 24 actions; the steps tick themselves as they are done. */
    @Test
    void theStepsTickThemselvesFromBareToWalked() throws Exception {
        try (var w = demo()) {
            reported(w);
            assertThat(step(w, "lighting-view")).startsWith("\u2013 Base").contains("no lighting view yet");
            assertThat(step(w, "lighting-show-fittings")).contains("0 of 8 rooms lit");
            w.press("lighting-view");
            reported(w);
            assertThat(step(w, "lighting-view")).startsWith("\u2713 Base");
            w.press("lighting-show-activities");
            reported(w);
            w.press("drop-activity-0");
            reported(w);
            var dropped = w.plan().lighting().dropped();
            assertThat(dropped).hasSize(1);
            w.press("take-activity-0");
            reported(w);
            assertThat(activities(w)).hasSize(1);
            w.press("take-activities");
            reported(w);
            assertThat(activities(w)).hasSize(17);
            assertThat(step(w, "lighting-show-activities"))
                    .startsWith("\u2713 Activities")
                    .contains("17 marked");
            w.press("lighting-show-sources");
            reported(w);
            assertThat(step(w, "lighting-show-sources")).contains("0 of");
            w.press("brightness-lines");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().annotation().brightness()))
                    .isEqualTo(Brightness.LINES);
            w.press("lighting-show-fittings");
            w.press("propose-lights");
            reported(w);
            assertThat(step(w, "lighting-show-fittings")).startsWith("\u2713 Fittings");
            w.press("lighting-show-switches");
            reported(w);
            assertThat(step(w, "lighting-show-switches"))
                    .doesNotContain("to mend")
                    .contains("7 of 7 ways lit");
            w.press("night-way-0");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.onScreen(() -> w.model().now().gesture()))
                    .isInstanceOfSatisfying(
                            WalkLit.class, walk -> assertThat(walk.at()).isEqualTo(1));
            w.picture();
            var lit = WindowDriver.onScreen(() -> seen(w).light().evening()).orElseThrow();
            assertThat(lit.off())
                    .as("the light of this step alone")
                    .hasSize(EveningEdits.groups(w.plan()).size() - 1);
            assertThat(WindowDriver.onScreen(() -> w.model().shown().printed().views()))
                    .as("nothing of it is printed")
                    .noneMatch(v -> v.view().light().evening().isPresent());
            w.key(KeyCode.ESCAPE);
            assertThat(WindowDriver.onScreen(() -> seen(w).light().evening())).isEmpty();
            w.press("evening");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().light().evening()))
                    .contains(Evening.ALL);
            reported(w);
            w.press("group-on-2");
            w.picture();
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().light().evening()))
                    .contains(new Evening(List.of(2)));
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().light().evening()))
                    .contains(Evening.ALL);
        }
    }

    /** A mark on the sofa goes with it; it is turned, typed, taken off and deleted. */
    @Test
    void activitiesAreMarkedDraggedTypedAndDeleted() throws Exception {
        try (var w = demo()) {
            w.show(3300, 2500, 9000);
            w.press("lighting-show-activities");
            w.press("doing-reading");
            var sofa = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            w.click(sofa.at().point().x(), sofa.at().point().y());
            assertThat(activities(w)).singleElement().satisfies(a -> {
                assertThat(a.doing()).isEqualTo(Doing.READING);
                assertThat(a.piece()).contains(sofa.id());
            });
            w.press("tool-pick-and-move");
            pick(w, Set.of(activities(w).getFirst().id()));
            w.fill("activity-facing", "45");
            var storey = w.plan().storeys().getFirst();
            assertThat(ActivityPlaces.of(storey, activities(w).getFirst())
                            .orElseThrow()
                            .facingDeg())
                    .isCloseTo(45, within(1.0));
            w.fill("activity-facing", "north");
            assertThat(w.message()).contains("\"north\"").contains("from 0 to 360");
            w.press("activity-loosen");
            assertThat(activities(w).getFirst().piece()).isEmpty();
            var at = activities(w).getFirst().at().point();
            w.drag(at.x(), at.y(), at.x() + 600, at.y() - 1000);
            assertThat(activities(w).getFirst().at().point().distance(new Point(at.x() + 600, at.y() - 1000)))
                    .isLessThan(60);
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.D);
            assertThat(activities(w)).hasSize(2);
            w.key(KeyCode.DELETE);
            assertThat(activities(w)).hasSize(1);
        }
    }

    /** By day a pressed switch makes it evening, with its lights alone; pressed again they go off. */
    @Test
    void aPressedSwitchLightsThePicture() throws Exception {
        try (var w = demo()) {
            w.press("propose-lights");
            var button = fittings(w).stream()
                    .filter(f -> f.kind().isSwitch() && f.on() instanceof Fitting.WallSide)
                    .findFirst()
                    .orElseThrow();
            var geometry = LaidPlan.of(w.plan()).all().getFirst().geometry();
            var at = FittingPlaces.of(geometry, button).getFirst().before();
            w.show(at.x(), at.y(), 6000);
            w.press("tool-press-switches");
            w.click(at.x(), at.y());
            var evening = WindowDriver.onScreen(
                            () -> w.model().now().view().light().evening())
                    .orElseThrow();
            assertThat(evening.off())
                    .doesNotContainAnyElementsOf(button.groups())
                    .isNotEmpty();
            w.picture();
            w.click(at.x(), at.y());
            assertThat(WindowDriver.onScreen(
                                    () -> w.model().now().view().light().evening())
                            .orElseThrow()
                            .off())
                    .containsAll(button.groups());
        }
    }

    @Test
    void rulesAreTypedAndGoneBy() throws Exception {
        try (var w = demo()) {
            w.press("lighting-show-rules");
            w.fill("rule-lux-reading", "400");
            w.fill("rule-height-one_way", "1.1 m");
            w.fill("rule-overlap", "40");
            w.fill("rule-sky", "200000");
            assertThat(w.message()).contains("\"200000\"").contains("120000");
            w.press("lighting-show-sources");
            w.press("brightness-daylight");
            assertThat(w.plan().lighting().skyLux()).isEqualTo(10_000);
            reported(w);
            w.until(() -> words(w.node("room-brightness")).contains("daylight"));
            w.press("brightness-daylight");
            assertThat(w.plan().lighting().skyLux()).isZero();
            w.press("lighting-show-rules");
            w.fill("rule-overlap", "140");
            assertThat(w.message()).contains("\"140\"").contains("90");
            var rules = w.plan().lighting();
            assertThat(rules.lux(Doing.READING)).isEqualTo(400);
            assertThat(rules.overlap()).isEqualTo(0.4);
            w.press("lighting-show-fittings");
            w.show(5500, 3500, 9000);
            w.press("fitting-one_way");
            w.click(4600, 4200);
            assertThat(fittings(w).getLast().height()).contains(Length.ofMm(1100));
        }
    }

    /** A photometric file of a matt disc of 314 lm: I = 100 cos. */
    @Test
    void aLightShinesAsAFileSays(@TempDir Path folder) throws Exception {
        try (var w = demo()) {
            w.show(3300, 2500, 9000);
            w.press("fitting-ceiling_light");
            w.click(3300, 2500);
            w.press("tool-pick-and-move");
            var file = folder.resolve("disc.ies");
            Files.writeString(file, "no light");
            w.answers.sheet = Optional.of(file);
            w.press("fitting-from-file");
            assertThat(w.message()).contains("disc.ies").contains("line 1 does not say IESNA");
            Files.writeString(
                    file,
                    "IESNA:LM-63-2002\n[LUMCAT] Gannet 9\nTILT=NONE\n1 -1 1 4 1 1 2 0 0 0\n1 1 5\n0 30 60 90\n0\n100 86.6 50 0\n");
            w.press("fitting-from-file");
            var light = fittings(w).getLast().emission().orElseThrow();
            assertThat(light.lumen()).isBetween(295, 325);
            assertThat(light.kelvin()).as("no file says it").isEqualTo(2700);
            assertThat(light.curve()).hasSize(37);
            assertThat(fittings(w).getLast().buying().name()).isEqualTo("Gannet 9");
            w.fill("fitting-beam", "60");
            assertThat(fittings(w).getLast().emission().orElseThrow().curve()).isEmpty();
        }
    }

    /** What is bought is kept under its name, stands in the catalogue of all plans, and replaces what was put in. */
    @Test
    void aProductIsKeptPutInAgainAndForgotten() throws Exception {
        try (var w = demo()) {
            w.show(3300, 2500, 9000);
            w.press("fitting-ceiling_light");
            w.click(3300, 2500);
            w.press("tool-pick-and-move");
            w.press("fitting-keep");
            assertThat(w.message()).contains("Say what it is called first");
            w.fill("fitting-product", "Gannet 9");
            w.fill("fitting-lumen", "2100");
            w.fill("fitting-price", "49.50");
            w.press("fitting-keep");
            assertThat(w.message()).contains("\"Gannet 9\" is among your products now");
            w.press("my-fitting-gannet-9");
            w.click(2300, 2500);
            assertThat(fittings(w)).hasSize(2);
            assertThat(fittings(w).getLast()).satisfies(f -> {
                assertThat(f.kind()).isEqualTo(FittingKind.CEILING_LIGHT);
                assertThat(f.emission().orElseThrow().lumen()).isEqualTo(2100);
                assertThat(f.buying().name()).isEqualTo("Gannet 9");
                assertThat(f.buying().price()).isEqualTo(4950);
            });
            w.press("fitting-downlight"); // any of its kind is none of them
            w.click(3300, 3500);
            assertThat(fittings(w).getLast().buying().name()).isEmpty();
            w.press("tool-pick-and-move");
            MenuButton mine = w.node("fitting-my-product");
            WindowDriver.onScreen(() -> {
                mine.getItems().getFirst().fire();
                return null;
            });
            w.settle();
            assertThat(fittings(w).getLast().kind()).isEqualTo(FittingKind.CEILING_LIGHT);
            assertThat(fittings(w).getLast().emission().orElseThrow().lumen()).isEqualTo(2100);
            w.press("fitting-forget");
            assertThat(w.message()).contains("no longer among your products");
            assertThat(fittings(w).getLast().buying().name()).isEqualTo("Gannet 9");
            assertThat((Object) w.node("my-fitting-gannet-9")).isNull();
        }
    }

    /** Asks for first lights and does something at once, before they can have come. */
    private static void firstLightsAnd(WindowDriver w, Runnable meanwhile) throws Exception {
        WindowDriver.onScreen(() -> {
            ((ButtonBase) w.window().scene().lookup("#propose-lights")).fire();
            meanwhile.run();
            return null;
        });
    }

    @Test
    void firstLightsAreLeftWhenThePlanWasChangedMeanwhile() throws Exception {
        try (var w = demo()) {
            var plan = w.plan();
            var other = plan.withName("Another");
            firstLightsAnd(w, () -> w.model().edit(other, "Name"));
            w.told("The plan was changed while lights were being placed. Ask for first lights once more.");
            assertThat(fittings(w)).isEmpty();
            w.press("propose-lights"); // and once more they come
            w.until(() -> !w.model().now().currentStorey().fittings().isEmpty());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(fittings(w)).isEmpty();
        }
    }

    @Test
    void firstLightsCanBeEnded() throws Exception {
        try (var w = demo()) {
            var plan = w.plan();
            firstLightsAnd(w, () -> ((ButtonBase) w.window().scene().lookup("#cancel-work")).fire());
            w.told("Ended; no light was put in.");
            assertThat(w.plan()).isSameAs(plan);
            assertThat(WindowDriver.onScreen(() -> w.window().scene().lookup("#progress")))
                    .isNull();
        }
    }
}
