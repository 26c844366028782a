package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.catalogue.DimensionStyles;
import honeylamp.catalogue.TierSets;
import honeylamp.derive.tiers.Axes;
import honeylamp.derive.tiers.DimensionTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Annotation;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Which dimensions lie around the plan, chosen in the real window. */
class DimensionsWindowTest {
    private static WindowDriver demo() throws Exception {
        var w = WindowDriver.with(DemoDocument.made());
        w.press("stage-dimensions");
        return w;
    }

    private static List<Tier> tiers(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> TierPlaces.seen(w.model().shown().view()).stream()
                .map(DimensionTiers.SideTiers::tiers)
                .flatMap(List::stream)
                .toList());
    }

    private static DimensionStyle style(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(
                () -> w.model().shown().view().look().drafting().dimensions());
    }

    @Test
    void threeTiersLieOnAllSidesInOnePressAndAddUp() throws Exception {
        try (var w = demo()) {
            var before = w.plan();
            assertThat(tiers(w)).hasSize(8);
            w.press("tiers-three-tiers");
            assertThat(tiers(w)).hasSize(12);
            assertThat(tiers(w)).filteredOn(t -> t.kind() == Kind.WALLS).hasSize(4);
            w.press("tiers-sums");
            Label first = w.node("tier-sum-0");
            var words = WindowDriver.onScreen(first::getText);
            var sum = words.substring(words.indexOf(": ") + 2).split(" = ");
            assertThat(java.util.Arrays.stream(sum[0].split(" \\+ "))
                            .mapToInt(Integer::parseInt)
                            .sum())
                    .isEqualTo(Integer.parseInt(sum[1]));
            assertThat(WindowDriver.onScreen(() -> w.model().sketch().stream()
                            .filter(Mark.Text.class::isInstance)
                            .map(m -> ((Mark.Text) m).text())
                            .toList()))
                    .as("beside the side, too")
                    .contains(words.substring(words.indexOf(": ") + 2));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void aSideATierAndWhatIsMeasuredAreChosenOneByOne() throws Exception {
        try (var w = demo()) {
            w.press("tier-north-overall");
            w.press("tier-west-walls");
            var now = WindowDriver.onScreen(() -> w.model().now().view().tiers());
            assertThat(now.has(Side.NORTH, Kind.OVERALL)).isFalse();
            assertThat(now.has(Side.WEST, Kind.WALLS)).isTrue();
            assertThat(tiers(w)).hasSize(8);
            var edges = tiers(w).getFirst().texts();
            w.press("tier-slanted-walls");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().tiers().slanted()))
                    .contains(Kind.WALLS);
            w.press("tiers-openings-centres");
            assertThat(tiers(w).getFirst().texts()).isNotEqualTo(edges);
            w.press("tiers-ends-arrows");
            assertThat(style(w).ends()).isEqualTo(DimensionStyle.Ends.ARROWS);
            w.press("dimension-style-listing");
            assertThat(style(w)).isEqualTo(DimensionStyles.LISTING);
            w.fill("dimension-style-name", "Listing"); // one of those that ship
            assertThat(w.message()).contains("came with the program");
            w.fill("dimension-style-name", "Ours by hand");
            w.press("dimension-style-working");
            assertThat(style(w)).isEqualTo(DimensionStyles.WORKING);
            w.press("dimension-style-ours-by-hand");
            assertThat(style(w)).isEqualTo(DimensionStyles.LISTING.withName("Ours by hand"));
            w.fill("tiers-jog", "50");
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().tiers().jog()))
                    .isEqualTo(Length.ofMm(50));
            w.fill("tiers-set-name", "Ours");
            w.press("tiers-none");
            assertThat(tiers(w)).isEmpty();
            w.press("tiers-ours");
            assertThat(tiers(w)).hasSize(8);
            w.fill("tiers-jog", "2 m"); // more than any step is
            assertThat(w.message()).isNotBlank();
            assertThat(WindowDriver.onScreen(
                            () -> w.model().now().view().tiers().jog()))
                    .isEqualTo(Length.ofMm(50));
        }
    }

    /** The loft has no room for rows of tiles in its only tiled room, the laundry: that is told. */
    @Test
    void tilesAndAFurnitureLayoutAreChosenAndUndone() throws Exception {
        try (var w = demo()) {
            w.press("stage-dimensions");
            w.press("tiers-tiles");
            assertThat(annotation(w).tiles()).isEqualTo(Annotation.Tiles.MEASURED);
            w.press("tile-numbers");
            assertThat(annotation(w).tiles()).isEqualTo(Annotation.Tiles.NUMBERED);
            w.press("tile-rows");
            assertThat(annotation(w).tiles()).isEqualTo(Annotation.Tiles.MEASURED);
            w.press("tile-rows");
            assertThat(annotation(w).tiles()).isEqualTo(Annotation.Tiles.NONE);
            w.press("tiers-furniture-layout");
            assertThat(annotation(w).distances()).isNotEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(annotation(w).distances()).isEmpty();
            assertThat(annotation(w).tiles()).isEqualTo(Annotation.Tiles.MEASURED);
        }
    }

    private static Annotation annotation(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().now().view().annotation());
    }

    /** Two walls of 4,000 at a right angle; the one to the north is turned to 60 degrees, and back again. */
    @Test
    void anAngleIsTypedOver() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.partitions(4000, 0, 0, 0, 0, 4000)))) {
            w.press("stage-dimensions");
            w.press("tool-angle-or-arc");
            w.show(2000, 1500, 9000);
            w.click(2500, 0);
            w.click(0, 2500);
            w.click(700, 700);
            w.press("tool-pick-and-move");
            w.click(700, 700);
            w.fill("angle-second", "60");
            assertThat(end(w).x()).isCloseTo(2000, within(1.0));
            assertThat(end(w).y()).isCloseTo(4000 * Math.sqrt(3) / 2, within(1.0));
            w.fill("angle-second", "200");
            assertThat(w.message()).contains("less than 180");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(end(w).x()).isCloseTo(0, within(1e-6));
        }
    }

    private static Point end(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().walls().getLast().to().point();
    }

    @Test
    void setsAreFoundByWord() throws Exception {
        try (var w = demo()) {
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("three tiers");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.onScreen(() -> w.model().now().view().tiers()))
                    .isEqualTo(Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL));
            assertThat(TierSets.all()).hasSize(7);
        }
    }

    @Test
    void axesAreDrawnByOnePressAndTakenBack() throws Exception {
        try (var w = demo()) {
            var axes = Axes.of(WindowDriver.onScreen(() -> w.model().shown().plan()));
            w.press("axes");
            assertThat(annotation(w).axes()).isEqualTo(Annotation.Axes.DRAWN);
            assertThat(words(w)).containsAll(axes.stream().map(Axes.Axis::name).toList());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(annotation(w).axes()).isEqualTo(Annotation.Axes.NONE);
        }
    }

    /** What the words of the page would be if it left the house now. */
    private static List<String> words(WindowDriver w) throws Exception {
        var page = SheetComposer.compose(
                WindowDriver.onScreen(() -> w.model().shown().page()), Lamp.COLOUR, 1);
        return page.drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }
}
