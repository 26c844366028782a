package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Materials;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.Look;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Looks are chosen by their pictures, changed, taken back, kept, shared and forgotten. */
class LooksWindowTest {
    @TempDir
    private Path folder;

    private static Look look(WindowDriver w) throws Exception {
        return LaidPlan.of(w.plan()).pages().getFirst().look();
    }

    private static String state(WindowDriver w) throws Exception {
        return w.<Label>node("look-state").getText();
    }

    @Test
    void aLookIsChosenChangedAndTakenBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            for (var shipped : Looks.all()) {
                var id = "look-" + shipped.name().toLowerCase(Locale.ROOT).replace(' ', '-');
                assertThat(w.<Node>node(id)).as(id).isNotNull();
            }
            w.press("look-night-drawing");
            assertThat(look(w)).isEqualTo(Looks.NIGHT_DRAWING);
            assertThat(state(w)).isEqualTo("As it came.");
            w.press("look-stronger");
            w.press("floors-by-use");
            assertThat(look(w).colouring().floors()).isEqualTo(Floors.BY_USE);
            assertThat(look(w).colouring().strength())
                    .isEqualTo(1.25 * Looks.NIGHT_DRAWING.colouring().strength());
            assertThat(state(w)).isEqualTo("Night drawing, changed");
            w.press("look-back");
            assertThat(look(w)).isEqualTo(Looks.NIGHT_DRAWING);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(state(w)).isEqualTo("Night drawing, changed");
        }
    }

    /** Two looks flip by one key, at the same place and size, and back; undo follows. */
    @Test
    void looksFlipByAKey() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.key(KeyCode.F8);
            assertThat(w.message()).contains("no other look to flip to");
            w.press("look-ink");
            var at = w.model().now().viewport();
            w.key(KeyCode.F8);
            assertThat(look(w)).isEqualTo(Looks.DAYLIGHT);
            assertThat(w.model().now().viewport()).isEqualTo(at);
            w.key(KeyCode.F8);
            assertThat(look(w)).isEqualTo(Looks.INK);
            w.press("look-flip");
            assertThat(look(w)).isEqualTo(Looks.DAYLIGHT);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(look(w)).isEqualTo(Looks.INK);
        }
    }

    /** Two looks under an edge: left of it the one before, and as it is dragged more or less of that. */
    @Test
    void twoLooksAreComparedUnderADraggedEdge() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.press("compare-look");
            assertThat(w.message()).contains("no other look to compare with");
            w.press("look-ink");
            w.press("compare-look");
            w.picture();
            var edge = w.<Node>node("compare-edge");
            assertThat(edge.isVisible()).isTrue();
            var middle = w.window().plan().getWidth() / 2;
            var at = w.window().plan().at(middle, 120);
            var farther = w.window().plan().at(middle + 150, 120);
            w.drag(at.x(), at.y(), farther.x(), farther.y());
            assertThat(comparing(w)).isCloseTo(0.5 + 150 / (2 * middle), within(0.01));
            assertThat(w.model().now().selection())
                    .as("the edge was dragged, nothing else")
                    .isEmpty();
            w.fill("compare-at-value", "0.25");
            assertThat(comparing(w)).isEqualTo(0.25);
            w.focusPlan();
            w.key(KeyCode.ESCAPE);
            assertThat(edge.isVisible()).isFalse();
            w.press("compare-state");
            w.press("look-marker");
            w.picture();
            assertThat(edge.isVisible())
                    .as("what was held stays, whatever is changed")
                    .isTrue();
            w.press("compare-end");
            assertThat(edge.isVisible()).isFalse();
        }
    }

    private static double comparing(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() ->
                w.model().now().choices().presenting().comparing().orElseThrow().edge());
    }

    /** The floors of the demo are of three woods and of others: a tenth darker, all woods or all floors. */
    @Test
    void aToneIsChangedOfOneFinishOfItsKindOrOfAll() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            var before = look(w);
            var first = Materials.of("herringbone-oak").orElseThrow();
            w.press("tone-reach-kind");
            var own =
                    WindowDriver.onScreen(() -> w.<Slider>node("tone-lightness").getValue());
            w.fill("tone-lightness-value", "0.75");
            assertThat(look(w).tones()).hasSize(3).allSatisfy((key, tone) -> {
                var material = Materials.of(key).orElseThrow();
                assertThat(material.family()).isEqualTo(first.family());
                assertThat(tone.lightness() - material.tone().lightness()).isCloseTo(0.75 - own, within(0.006));
            });
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(look(w)).isEqualTo(before);
            w.press("tone-reach-all");
            w.fill("tone-chroma-value", "0.1");
            assertThat(look(w).tones()).hasSizeGreaterThan(5);
        }
    }

    @Test
    void anOwnLookIsKeptSharedAndForgotten() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.press("share-looks");
            assertThat(w.message()).contains("You keep no looks yet");
            w.press("look-listing");
            w.press("look-calmer");
            var calm = look(w);
            w.fill("look-name", "listing");
            assertThat(w.message()).contains("came with the program");
            w.fill("look-name", "Quiet sale");
            assertThat(w.message()).contains("among your looks");
            w.press("look-ink");
            assertThat(look(w)).isEqualTo(Looks.INK);
            w.press("look-quiet-sale");
            assertThat(look(w)).isEqualTo(calm);
            assertThat(state(w)).contains("Quiet sale").contains("as you keep it");
            var file = folder.resolve("looks.json");
            w.answers.sheet = Optional.of(file);
            w.press("share-looks");
            w.told("looks.json");
            w.press("look-forget");
            assertThat(w.<Node>node("look-quiet-sale")).isNull();
            assertThat(look(w)).isEqualTo(calm);
            w.press("bring-in-looks");
            w.told("1 look is yours now");
            assertThat(w.<Node>node("look-quiet-sale")).isNotNull();
            Files.writeString(file, "no looks at all");
            w.press("bring-in-looks");
            w.told("Nothing was brought in");
            assertThat(w.message()).contains("holds no looks");
        }
    }

    /** Paper is chosen by its surface, and how much of it and of the ground around is seen is typed beside the sliders. */
    @Test
    void paperIsChosenTypedAndTakenBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.press("look-wash");
            var washed = paper(w);
            w.press("paper-laid");
            assertThat(paper(w)).isEqualTo(washed.withKind(DrawingPaper.Kind.LAID));
            w.fill("paper-tooth-value", "0.8");
            w.fill("paper-wash-value", "0");
            assertThat(paper(w)).isEqualTo(new DrawingPaper(DrawingPaper.Kind.LAID, 0.8, 0));
            w.fill("paper-tooth-value", "7");
            assertThat(w.<Label>node("paper-tooth-wrong").getText()).isNotBlank();
            assertThat(paper(w).tooth()).isEqualTo(0.8);
            w.press("look-back");
            assertThat(paper(w)).isEqualTo(washed);
            w.fill("window-light-value", "0.9");
            assertThat(look(w).windowLight()).isEqualTo(0.9);
        }
    }

    /** What lies about is no piece until it is kept; then it can be picked, and one undo takes all of it back. */
    @Test
    void roomsAreLivedInByADialAndWhatLiesAboutIsKept() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            var drawn = pieces(w);
            w.fill("lived-in-value", "0");
            assertThat(w.<Node>node("lived-in-keep").isDisabled()).isTrue();
            w.fill("lived-in-value", "0.7");
            assertThat(w.plan().presentation().views().getFirst().livedIn()).isEqualTo(0.7);
            assertThat(pieces(w)).isEqualTo(drawn);
            w.fill("depth-value", "0.5");
            assertThat(w.plan().presentation().views().getFirst().depth()).isEqualTo(0.5);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().views().getFirst().depth()).isZero();
            w.fill("lived-in-value", "two");
            assertThat(w.<Label>node("lived-in-wrong").getText()).isNotBlank();
            w.press("lived-in-keep");
            assertThat(pieces(w)).isGreaterThan(drawn + 40);
            assertThat(w.plan().presentation().views().getFirst().livedIn()).isZero();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pieces(w)).isEqualTo(drawn);
            assertThat(w.plan().presentation().views().getFirst().livedIn()).isEqualTo(0.7);
        }
    }

    private static int pieces(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().furnishings().size();
    }

    private static DrawingPaper paper(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().shown().view().look().paper());
    }
}
