package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.OpeningKind;
import honeylamp.store.PlanFile;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** The whole work on an empty plan, by presses and keys in the real window. */
class TourTest {
    @TempDir
    private Path folder;

    @Test
    void fromAScanToAnExportedSheet() throws Exception {
        try (var w = WindowDriver.empty()) {
            traceThePicture(w);
            drawTheWalls(w);
            putInADoorAndAWindow(w);
            nameAndFinishTheRooms(w);
            furnish(w);
            setTheLight(w);
            saveAndOpen(w);
            export(w);
        }
    }

    /** A picture of 1,000 × 800 pixels with a line from (100, 100) to (700, 100). */
    private Path scan() throws Exception {
        var image = new BufferedImage(1000, 800, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 1000, 800);
        g.setColor(Color.BLACK);
        g.fillRect(100, 99, 600, 3);
        g.dispose();
        var file = folder.resolve("scan.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private void traceThePicture(WindowDriver w) throws Exception {
        w.answers.picture = Optional.of(scan());
        w.press("bring-in");
        var underlay = w.plan().storeys().getFirst().underlays().getFirst();
        assertThat(underlay.picture().widthPx()).isEqualTo(1000);
        // the black line is 600 px long; it is told to be 6 m, so a pixel is 10 mm
        var a = underlay.plan(new honeylamp.geometry.Point(100, 100));
        var b = underlay.plan(new honeylamp.geometry.Point(700, 100));
        w.show(a.x() + 2500, a.y() - 2000, 16_000);
        w.click(a.x(), a.y());
        w.click(b.x(), b.y());
        w.write("6 m");
        w.key(KeyCode.ENTER);
        var scaled = w.plan().storeys().getFirst().underlays().getFirst();
        assertThat(scaled.placing().mmPerPixel()).isCloseTo(10, within(0.1));
        w.key(KeyCode.U);
        assertThat(w.plan().storeys().getFirst().underlays().getFirst().sight())
                .isEqualTo(honeylamp.plan.Underlay.Sight.HIDDEN);
        w.key(KeyCode.U);
    }

    /** Two rooms by typed lengths and clicks: clear 5,000 × 4,000, and beside it 3,000 × 4,000. */
    private void drawTheWalls(WindowDriver w) throws Exception {
        w.press("stage-walls");
        w.show(4000, 2000, 12_000);
        w.press("wall-type-1");
        w.press("face-inner-face");
        w.click(0, 0);
        type(w, 3000, 0, "5000+50");
        type(w, 8000, 0, "3.05 m");
        type(w, 8100, 2500, "4 m");
        type(w, 6000, 4000, "3050");
        type(w, 2000, 4000, "505 cm");
        w.key(KeyCode.C);
        assertThat(w.plan().storeys().getFirst().walls()).hasSize(6);
        // a partition, 100 thick about its centre, between the ends at 5,050
        w.press("wall-type-3");
        w.press("face-centre");
        w.press("angle-free");
        w.click(1000, 1000);
        type(w, 2000, 3000, "1800");
        w.key(KeyCode.ESCAPE);
        assertThat(w.plan().storeys().getFirst().walls()).hasSize(7);
        w.key(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.plan().storeys().getFirst().walls()).hasSize(6);
        w.press("angle-square");
        w.move(5070, 30);
        assertThat(WindowDriver.<String>onScreen(() -> w.model().readout().caught()))
                .isEqualTo("end");
        w.click(5070, 30);
        w.click(5040, 3980);
        w.key(KeyCode.ESCAPE);
        var rooms = StoreyGeometry.of(w.plan(), w.plan().storeys().getFirst()).rooms();
        assertThat(rooms).hasSize(2);
        assertThat(rooms.getFirst().areaMm2()).isCloseTo(20_000_000, within(1.0));
        assertThat(rooms.getLast().areaMm2()).isCloseTo(12_000_000, within(1.0));
        assertThat(rooms).allSatisfy(r -> assertThat(r.mark()).isPresent());
    }

    /** Points the way and types a length. */
    private static void type(WindowDriver w, double x, double y, String length) throws Exception {
        w.move(x, y);
        w.write(length);
        w.key(KeyCode.ENTER);
    }

    private void putInADoorAndAWindow(WindowDriver w) throws Exception {
        w.press("stage-openings");
        w.press("opening-door");
        w.move(5150, 1000);
        w.write("300");
        w.key(KeyCode.ENTER);
        var door = w.plan().storeys().getFirst().openings().getFirst();
        assertThat(door.kind()).isEqualTo(OpeningKind.DOOR);
        assertThat(door.offset().mm()).isCloseTo(300, within(0.01));
        w.press("opening-casement-window");
        w.click(2500, 50);
        var window = w.plan().storeys().getFirst().openings().getLast();
        assertThat(window.kind()).isEqualTo(OpeningKind.CASEMENT_WINDOW);
        w.fill("opening-card-width", "1.5 m");
        w.fill("opening-before", "1750");
        window = w.plan().storeys().getFirst().openings().getLast();
        assertThat(window.width().mm()).isEqualTo(1500);
        w.key(KeyCode.ESCAPE);
    }

    private void nameAndFinishTheRooms(WindowDriver w) throws Exception {
        w.press("stage-rooms");
        w.click(2500, 2000);
        w.write("Parlour");
        w.key(KeyCode.ENTER);
        w.click(6600, 2000);
        w.write("Store");
        w.key(KeyCode.ENTER);
        assertThat(w.plan().storeys().getFirst().rooms())
                .extracting(r -> r.name())
                .containsExactlyInAnyOrder("Parlour", "Store");
        w.press("stage-finishes");
        w.press("finish-herringbone-oak");
        w.click(2500, 2000);
        assertThat(w.plan().storeys().getFirst().rooms())
                .anySatisfy(r -> assertThat(r.floor().material()).isEqualTo("herringbone-oak"));
    }

    private void furnish(WindowDriver w) throws Exception {
        w.press("stage-furnish");
        w.press("piece-sofa");
        w.click(2500, 3500);
        var sofa = w.plan().storeys().getFirst().furnishings().getFirst();
        // its back stands against the upper inner face, 4,000 above where the first click fell
        var lower = w.plan().storeys().getFirst().walls().getFirst().from().y().mm();
        assertThat(sofa.at().y().mm()).isCloseTo(lower + 4000 - sofa.depth().mm() / 2, within(0.01));
        w.key(KeyCode.ESCAPE);
        w.press("tool-pick-and-move");
        w.click(sofa.at().x().mm(), sofa.at().y().mm());
        w.fill("piece-width", "80 in");
        w.fill("piece-turn", "90");
        sofa = w.plan().storeys().getFirst().furnishings().getFirst();
        assertThat(sofa.width().mm()).isEqualTo(2032);
        assertThat(sofa.turnDeg()).isEqualTo(90);
        var before = sofa.at();
        w.drag(
                before.x().mm(),
                before.y().mm(),
                before.x().mm() - 200,
                before.y().mm() - 900);
        sofa = w.plan().storeys().getFirst().furnishings().getFirst();
        assertThat(sofa.at().y().mm()).isCloseTo(before.y().mm() - 900, within(30.0));
        w.press("piece-another");
        assertThat(w.plan().storeys().getFirst().furnishings()).hasSize(2);
        w.key(KeyCode.DELETE);
        assertThat(w.plan().storeys().getFirst().furnishings()).hasSize(1);
    }

    private void setTheLight(WindowDriver w) throws Exception {
        w.key(KeyCode.L);
        w.press("lamp-lit");
        assertThat(WindowDriver.<Lamp>onScreen(() -> w.model().now().lamp())).isEqualTo(Lamp.LIT);
        w.press("stage-look");
        Slider altitude = w.node("light-altitude");
        WindowDriver.onScreen(() -> {
            altitude.setValue(60);
            return null;
        });
        assertThat(WindowDriver.firstPage(w.plan())
                        .views()
                        .getFirst()
                        .view()
                        .light()
                        .altitudeDeg())
                .isEqualTo(60);
        w.press("look-late-sun");
        assertThat(WindowDriver.firstPage(w.plan()).look().name()).isEqualTo("Late sun");
        w.picture();
    }

    private void saveAndOpen(WindowDriver w) throws Exception {
        var file = folder.resolve("parlour.honeylamp");
        w.answers.plan = Optional.of(file);
        w.key(KeyCode.CONTROL, KeyCode.S);
        assertThat(PlanFile.open(file)).isInstanceOf(PlanFile.Opened.Good.class);
        var saved = w.plan();
        w.key(KeyCode.CONTROL, KeyCode.N);
        assertThat(w.plan().storeys().getFirst().walls()).isEmpty();
        w.key(KeyCode.CONTROL, KeyCode.O);
        assertThat(w.plan()).isEqualTo(saved);
        assertThat(w.answers.asked).isZero();
    }

    private void export(WindowDriver w) throws Exception {
        w.press("stage-sheet");
        w.press("paper-A4");
        var file = folder.resolve("parlour.pdf");
        w.answers.sheet = Optional.of(file);
        w.press("export");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> Files.exists(file));
        try (var pdf = Loader.loadPDF(file.toFile())) {
            var text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("PARLOUR", "STORE", "20.00 m²", "12.00 m²");
        }
    }
}
