package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Sheet;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Tray, card, lamp, finder and snags of the real window: each value has its effect on the plan. */
class PanelTest {
    private static Storey storey(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst();
    }

    private static void slide(WindowDriver w, String id, double... values) throws Exception {
        Slider slider = w.node(id);
        for (var value : values) {
            WindowDriver.onScreen(() -> {
                slider.setValue(value);
                return null;
            });
        }
        w.settle();
    }

    private static String text(WindowDriver w, String id) throws Exception {
        TextField field = w.node(id);
        return WindowDriver.onScreen(field::getText);
    }

    private static List<String> words(WindowDriver w, String id) throws Exception {
        Node part = w.node(id);
        return WindowDriver.onScreen(() -> part.lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void theLampIsTurnedByItsDialAndByItsKey() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("lamp-draft");
            assertThat(WindowDriver.<Lamp>onScreen(() -> w.model().now().lamp()))
                    .isEqualTo(Lamp.DRAFT);
            w.press("lamp-colour");
            w.focusPlan();
            w.key(KeyCode.L);
            assertThat(WindowDriver.<Lamp>onScreen(() -> w.model().now().lamp()))
                    .isEqualTo(Lamp.LIT);
            ToggleButton lit = w.node("lamp-lit");
            assertThat(lit.isSelected()).isTrue();
            assertThat(w.autosaved).isEmpty(); // the lamp is how one looks, not what is planned
        }
    }

    @Test
    void lightAndLookSlideLiveAndOneSlideIsOneAction() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = w.plan();
            w.press("stage-look");
            slide(w, "light-from", 300);
            slide(w, "cast-shadow", 0.4);
            slide(w, "corner-shade", 0.2);
            slide(w, "corner-reach", 0.9);
            slide(w, "line-dial", 1.5);
            slide(w, "texture", 0.3);
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .light()
                            .fromDeg())
                    .isEqualTo(300);
            var look = WindowDriver.firstPage(w.plan()).look();
            assertThat(look.castShadow()).isEqualTo(0.4);
            assertThat(look.cornerShade()).isEqualTo(0.2);
            assertThat(look.cornerReach().mm()).isCloseTo(900, within(1e-6));
            assertThat(look.lineDial()).isEqualTo(1.5);
            assertThat(look.textureStrength()).isEqualTo(0.3);
            w.press("look-flat");
            assertThat(WindowDriver.firstPage(w.plan()).look().castShadow()).isZero();
            // one action for the light, one for the look's slides at least, one for the preset
            for (var i = 0; i < 7; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void theSheetTrayChangesPaperScaleAndWords() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-sheet");
            // the demo is 13.8 m wide: 276 mm at 1:50 on a 420 mm sheet; on A4 it needs 1:100
            assertThat(WindowDriver.<Double>onScreen(
                            () -> w.model().now().frame().scale()))
                    .isEqualTo(50);
            w.press("paper-A4");
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().paper()).isEqualTo(Sheet.Paper.A4);
            assertThat(WindowDriver.<Double>onScreen(
                            () -> w.model().now().frame().scale()))
                    .isEqualTo(100);
            w.press("way-Portrait");
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().way()).isEqualTo(Sheet.Way.PORTRAIT);
            w.press("scale-200");
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .scale())
                    .isEqualTo(Optional.of(200));
            w.press("scale-auto");
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .scale())
                    .isEmpty();
            w.fill("title-client", "  Idony Farr ");
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().title().client())
                    .isEqualTo("Idony Farr");
            w.fill("title-drawn-by", "P. Tansel");
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().title().author())
                    .isEqualTo("P. Tansel");
        }
    }

    @Test
    void theFinderNarrowsWithEveryWordAndGoesWhereItSays() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("laundry");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<WorkStage>onScreen(() -> w.model().now().stage()))
                    .isEqualTo(WorkStage.ROOMS);
            assertThat(text(w, "room-name")).isEqualTo("Laundry");
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("screed");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<String>onScreen(
                            () -> w.model().now().choices().material()))
                    .isEqualTo("screed");
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("openings");
            w.key(KeyCode.DOWN);
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(Tool.PICK_OPENINGS);
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("no such thing at all");
            w.key(KeyCode.ENTER);
            w.key(KeyCode.ESCAPE);
            Node finder = w.node("finder");
            assertThat(finder.isVisible()).isFalse();
        }
    }

    /** Words that people try first lead to what goes by another name, and all there is can be found. */
    @Test
    void theFinderKnowsTheWordsPeopleTryFirst() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            for (var tried : List.of(
                    "zoom",
                    "print",
                    "picture",
                    "sliding door",
                    "upper floor",
                    "partition",
                    "late sun",
                    "sofa",
                    "oak herringbone",
                    "image",
                    "full screen")) {
                w.key(KeyCode.CONTROL, KeyCode.K);
                w.write(tried);
                ListView<?> list = WindowDriver.onScreen(
                        () -> (ListView<?>) w.window().scene().lookup("#finder .list-view"));
                assertThat(WindowDriver.<Integer>onScreen(() -> list.getItems().size()))
                        .as(tried)
                        .isPositive();
                w.key(KeyCode.ESCAPE);
            }
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("sliding door");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(Tool.PUT_IN_OPENING);
            assertThat(WindowDriver.<OpeningKind>onScreen(
                            () -> w.model().now().choices().opening().kind()))
                    .isEqualTo(OpeningKind.SLIDING_DOOR);
        }
    }

    @Test
    void aRoomsCardNamesItAndTurnsAndShiftsItsFloor() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-rooms");
            w.click(9400, 7000);
            assertThat(text(w, "room-name")).isEqualTo("Laundry");
            w.fill("room-name", "Drying room");
            slide(w, "floor-direction", 44);
            w.fill("floor-start-across", "9 m");
            w.fill("floor-start-up", "-150");
            var room = storey(w).rooms().stream()
                    .filter(r -> r.name().equals("Drying room"))
                    .findFirst()
                    .orElseThrow();
            assertThat(room.floor().directionDeg()).isEqualTo(45); // steps of five degrees
            assertThat(room.floor().start().x()).isEqualTo(Length.ofMm(9000));
            assertThat(room.floor().start().y()).isEqualTo(Length.ofMm(-150));
            // 1.05 × 2.86 m clear: width 9,900 − 8,850, depth 8,800 − 5,937 − the outer wall's share
            assertThat(words(w, "card")).anySatisfy(t -> assertThat(t).contains("m²"));
            w.fill("floor-start-up", "high");
            assertThat(w.message()).isNotEmpty();
            assertThat(room.floor())
                    .isEqualTo(storey(w).rooms().stream()
                            .filter(r -> r.name().equals("Drying room"))
                            .findFirst()
                            .orElseThrow()
                            .floor());
        }
    }

    @Test
    void anOpeningsCardMovesItBetweenItsNeighbours() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-openings");
            w.press("tool-pick-and-move");
            // the window of 1,200 mm in the east wall, 2,950 mm from its south end
            w.click(12_850, 3550);
            w.fill("opening-card-width", "900");
            w.fill("opening-before", "500");
            var moved = picked(w);
            assertThat(moved.width()).isEqualTo(Length.ofMm(900));
            var wall = storey(w).wall(moved.host()).orElseThrow();
            // the nook's partition, 100 mm about 2,350, begins the stretch: 2,400 + 500
            assertThat(wall.from().y().mm() + moved.offset().mm()).isCloseTo(2900, within(0.01));
            w.fill("opening-after", "0");
            // the bearing wall, 175 mm about 4,650, ends it: 4,562.5
            assertThat(wall.from().y().mm() + picked(w).end().mm()).isCloseTo(4562.5, within(0.01));
            w.fill("opening-head", "2.1 m");
            assertThat(picked(w).head()).isEqualTo(Length.ofMm(2100));
        }
    }

    private static Opening picked(WindowDriver w) throws Exception {
        var id = WindowDriver.onScreen(
                () -> w.model().now().selection().iterator().next());
        return storey(w).openings().stream()
                .filter(o -> o.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void wallsPickedTogetherAreChangedTogether() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(6500, 6800);
            w.press("body-left");
            assertThat(storey(w).walls())
                    .filteredOn(
                            x -> x.body() == Wall.BodySide.LEFT && x.from().x().mm() == 6500)
                    .hasSize(1);
            w.fill("wall-length", "2.5 m");
            assertThat(storey(w).walls())
                    .filteredOn(x -> x.length().mm() == 2500)
                    .hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.click(4200, 7500);
            w.robot.press(KeyCode.SHIFT);
            w.click(8800, 6800);
            w.robot.release(KeyCode.SHIFT);
            assertThat(words(w, "card")).contains("2 things");
            w.press("card-type-3");
            assertThat(storey(w).walls())
                    .filteredOn(x -> x.type().number() == 3)
                    .hasSize(4); // two were
            w.press("card-delete");
            assertThat(storey(w).walls()).hasSize(15);
            assertThat(w.message()).contains("Deleted 2 things").contains("Ctrl+Z");
        }
    }

    @Test
    void thePictureToTraceFadesLocksAndHides() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-underlay");
            slide(w, "fade", 0.8);
            assertThat(underlay(w).treatment().fade()).isEqualTo(0.8);
            w.press("underlay-sight");
            assertThat(underlay(w).sight()).isEqualTo(Underlay.Sight.HIDDEN);
            w.press("underlay-sight");
            w.click(-800, 4000);
            w.press("underlay-lock");
            assertThat(underlay(w).lock()).isEqualTo(Underlay.Lock.FREE);
            slide(w, "card-fade", 0.3);
            assertThat(underlay(w).treatment().fade()).isEqualTo(0.3);
            assertThat(words(w, "card")).anySatisfy(t -> assertThat(t).contains("mm per pixel"));
        }
    }

    private static Underlay underlay(WindowDriver w) throws Exception {
        return storey(w).underlays().getFirst();
    }

    @Test
    void usualAndOwnWidthsOfOpeningsAreChosenInTheTray() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-openings");
            w.press("opening-door");
            w.press("width-635");
            w.click(8780, 6900);
            assertThat(storey(w).openings().getLast().width()).isEqualTo(Length.ofMm(635));
            w.fill("opening-width", "0.7 m");
            w.click(8780, 8000);
            assertThat(storey(w).openings().getLast().width()).isEqualTo(Length.ofMm(700));
            w.fill("opening-width", "-1");
            assertThat(w.message()).isNotEmpty();
            assertThat(WindowDriver.<Length>onScreen(
                            () -> w.model().now().choices().opening().width()))
                    .isEqualTo(Length.ofMm(700));
        }
    }

    @Test
    void piecesAreFoundByWordInTheTray() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            TextField search = w.node("furnish-search");
            WindowDriver.onScreen(() -> {
                search.requestFocus();
                return null;
            });
            w.write("bed");
            Node tray = w.node("tray");
            var tiles = WindowDriver.onScreen(() -> tray.lookupAll(".tile").stream()
                    .map(n -> String.valueOf(n.getId()))
                    .toList());
            assertThat(tiles)
                    .contains("piece-bed", "piece-bedside-table", "piece-bunk-bed")
                    .doesNotContain("piece-sofa");
            w.press("piece-bedside-table");
            w.move(5500, 2500);
            w.key(KeyCode.R);
            w.click(5500, 2500);
            assertThat(storey(w).furnishings().getLast().kind()).isEqualTo("bedside-table");
        }
    }

    @Test
    void snagsAreShownWhereTheyAre() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            WindowDriver.onScreen(() -> {
                var now = w.model().now();
                var type = now.plan().wallTypes().getLast().id();
                // ends 60 mm short of the partition at 8,800
                var added = WallEdits.add(
                                now.plan(),
                                now.storey(),
                                honeylamp.plan.Position.ofMm(6550, 7600),
                                honeylamp.plan.Position.ofMm(8690, 7600),
                                Wall.BodySide.CENTRE,
                                type)
                        .orThrow();
                w.model().edit(added.plan(), "Draw wall");
                return null;
            });
            w.settle();
            Button counter = w.node("snags");
            assertThat(WindowDriver.<String>onScreen(counter::getText)).isNotEqualTo("No snags");
            w.press("snags");
            var snag = WindowDriver.onScreen(() -> w.model().shown().snags().stream()
                    .min(java.util.Comparator.comparing(s -> s.kind())) // the list goes by kinds
                    .orElseThrow());
            WindowDriver.onScreen(() -> {
                javafx.scene.control.ListView<?> list =
                        (javafx.scene.control.ListView<?>) w.window().scene().lookup("#snag-list");
                list.requestFocus();
                list.getSelectionModel().select(1); // below the name of its kind
                return null;
            });
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.onScreen(() -> w.model().now().viewport().centre()))
                    .isEqualTo(snag.where());
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsAll(snag.about());
            assertThat(w.message()).isEqualTo(snag.sentence());
        }
    }

    @Test
    void theTopBarUndoesNamesAndTellsWhatIsNotSaved() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            Button undo = w.node("undo");
            Button redo = w.node("redo");
            assertThat(undo.isDisabled()).isTrue();
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(6500, 6800);
            w.key(KeyCode.DELETE);
            var rooms = StoreyGeometry.of(w.plan(), storey(w)).rooms().size();
            assertThat(rooms).isEqualTo(7); // bath and entrance are one
            assertThat(undo.isDisabled()).isFalse();
            w.press("undo");
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms()).hasSize(8);
            assertThat(redo.isDisabled()).isFalse();
            w.press("redo");
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms()).hasSize(7);
        }
    }

    @Test
    void stagesTellHowFarTheyAre() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            assertThat(words(w, "trail")).contains("17 walls", "23 openings", "8 of 8 named", "35 pieces");
            w.press("stage-rooms");
            w.click(9400, 7000);
            w.fill("room-name", "");
            assertThat(words(w, "trail")).contains("7 of 8 named");
            Button counter = w.node("snags");
            assertThat(WindowDriver.<String>onScreen(counter::getText)).isEqualTo("1 snag");
            var outline = StoreyGeometry.of(w.plan(), storey(w))
                    .roomAt(new Point(9400, 7000))
                    .orElseThrow();
            assertThat(outline.name()).isEmpty();
        }
    }

    @Test
    void aLongSentenceIsSaidInFullOverThePlan() throws Exception {
        var sentence = "The picture cannot be unpacked: there is no room for its pixels (61 MB) in the temporary folder"
                + " /tmp/honeylamp, the disk is full (scan-of-the-upper-floor.png). Free space there and try again.";
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.click(3000, 2300); // a piece, so that fields stand beside the words
            Label full = w.node("said-in-full");
            Label hint = w.node("hint");
            for (var said : List.of(sentence, "Short.")) {
                WindowDriver.onScreen(() -> {
                    w.model().complain(said);
                    return null;
                });
                w.settle();
                var isLong = said.equals(sentence);
                assertThat(full.isVisible()).as(said).isEqualTo(isLong);
                assertThat(hint.getText().equals(said)).as(said).isEqualTo(!isLong);
                if (isLong) {
                    assertThat(full.getText()).isEqualTo(sentence);
                    assertThat(full.getHeight()).isGreaterThanOrEqualTo(full.prefHeight(full.getWidth()));
                    assertThat(full.localToScene(full.getBoundsInLocal()).getMaxX())
                            .isLessThan(1000);
                }
            }
        }
    }

    /** Nodes stay the same objects while nothing they show changes, and are others as soon as it does. */
    @Test
    void aTrayIsMadeAnewOnlyWhenWhatItShowsChanges() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(SailclothYard.plan()))) {
            w.press("stage-walls");
            Node before = w.node("wall-type-1");
            w.move(3000, 3000);
            w.wheelUp(2);
            WindowDriver.onScreen(() -> {
                var chair = w.model().now().currentStorey().furnishings().getFirst();
                w.model().pick(Set.of(chair.id()));
                w.model().picked().delete();
                return null;
            });
            w.settle();
            assertThat(w.<Node>node("wall-type-1")).isSameAs(before);
            w.press("wall-type-2");
            assertThat(w.<Node>node("wall-type-1")).isNotSameAs(before);
        }
    }
}
