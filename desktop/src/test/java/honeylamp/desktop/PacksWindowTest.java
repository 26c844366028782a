package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.pack.Recipes;
import honeylamp.store.KeptFile;
import honeylamp.store.PlanDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Packs in the window: by the recipes that ship and by own ones, with and without a brand. */
class PacksWindowTest {
    @TempDir
    Path folder;

    private static List<String> names(Path folder) throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aPackIsMadeWithOneClickAndASecondOneDoesNothing() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("fold-packs");
            w.press("fold-brand-of-packs");
            var to = folder.resolve("portal");
            w.answers.sheet = Optional.of(to);
            w.press("pack-listing-portal");
            w.told("7 written, 0 unchanged in portal");
            assertThat(names(to))
                    .containsExactly(
                            "packed.json",
                            "quillback-lane-all-storeys.jpg",
                            "quillback-lane-ground-floor-bare.jpg",
                            "quillback-lane-ground-floor-small.webp",
                            "quillback-lane-ground-floor.jpg",
                            "quillback-lane-upper-floor-bare.jpg",
                            "quillback-lane-upper-floor-small.webp",
                            "quillback-lane-upper-floor.jpg");
            w.press("pack-listing-portal");
            w.told("0 written, 7 unchanged in portal");
            w.press("reach-this");
            w.press("scale-96"); // in no file yet: the ground floor is drawn smaller
            w.press("pack-listing-portal");
            w.told("4 written, 3 unchanged in portal");
        }
    }

    @Test
    void aBrandIsTypedCarriedAndForgotten() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("fold-packs");
            w.press("fold-brand-of-packs");
            w.fill("brand-name", "Alder and Pike");
            assertThat(w.model().now().choices().brand()).contains("Alder and Pike");
            w.fill("brand-footer", "Alder and Pike, surveyors");
            w.fill("brand-ink", "#C0C0C0");
            assertThat(w.message()).contains("cannot be read on its paper");
            w.fill("brand-ink", "#1F3A4D");
            w.fill("brand-accent", "green");
            assertThat(w.message()).contains("no colour for accent");

            var own = folder.resolve("own.json");
            var square = Recipes.named("social-square").orElseThrow();
            KeptFile.RECIPES.write(
                    own,
                    List.of(new honeylamp.pack.Recipe(
                            "Shop window", "for the street", square.parts().subList(0, 1), Optional.empty())));
            w.answers.sheet = Optional.of(own);
            w.press("bring-in-recipes");
            w.told("1 recipe is yours now");
            var to = folder.resolve("window");
            w.answers.sheet = Optional.of(to);
            w.press("pack-shop-window");
            w.told("2 written");
            var image = ImageIO.read(
                    to.resolve("quillback-lane-ground-floor-daylight.jpg").toFile());
            assertThat(image.getWidth()).isEqualTo(1080);
            w.answers.picture = Optional.of(Files.writeString(folder.resolve("mark.png"), "no picture"));
            w.press("brand-mark");
            w.told("it is no picture");
            var mark = new java.awt.image.BufferedImage(60, 20, java.awt.image.BufferedImage.TYPE_INT_RGB);
            ImageIO.write(mark, "png", folder.resolve("mark.png").toFile());
            w.press("brand-mark");
            w.told("is at the foot of what is packed");
            w.press("pack-shop-window");
            w.told("2 written");
            w.press("brand-none");
            w.press("pack-shop-window");
            w.told("2 written"); // without the foot they are others

            w.press("brand-alder-and-pike");
            w.press("brand-forget");
            assertThat(w.<javafx.scene.Node>node("brand-alder-and-pike")).isNull();
            w.press("forget-shop-window");
            assertThat(w.<javafx.scene.Node>node("pack-shop-window")).isNull();
        }
    }

    @Test
    void aRecipeThatAsksForALookNobodyHasIsToldWhenItComes() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("fold-packs");
            var square = Recipes.named("social-square").orElseThrow();
            var other = square.parts().getFirst();
            var own = folder.resolve("own.json");
            KeptFile.RECIPES.write(
                    own,
                    List.of(new honeylamp.pack.Recipe(
                            "Shop window",
                            "for the street",
                            List.of(other.withDrawn(other.drawn().withLook(Optional.of("Sepia")))),
                            Optional.empty())));
            w.answers.sheet = Optional.of(own);
            w.press("bring-in-recipes");
            w.told("Shop window asks for the look \"Sepia\", which is not here");
        }
    }

    @Test
    void aFolderThatCannotBeIsSaid() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("fold-packs");
            w.press("fold-brand-of-packs");
            var file = Files.writeString(folder.resolve("taken"), "a file, no folder");
            w.answers.sheet = Optional.of(file);
            w.press("pack-client-set");
            w.told("Choose another folder");
        }
    }
}
