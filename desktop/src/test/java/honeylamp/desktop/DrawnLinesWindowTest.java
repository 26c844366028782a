package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.trace.TakeWalls;
import honeylamp.plan.Linework.Use;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.store.PlanFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A page that is drawn with lines: which are walls is ticked, and they come in as exactly as they are drawn. */
class DrawnLinesWindowTest {
    /** Points a mm of the building is long at 1:50. */
    private static final double PT = 72 / 25.4 / 50;

    @TempDir
    private Path folder;

    /** Fills what a house has between outer and inner edges; openings stay free. */
    private static void walls(PDPageContentStream page) throws IOException {
        page.setNonStrokingColor(0.15f, 0.15f, 0.15f);
        box(page, 0, 0, 8213, 300);
        box(page, 0, 5731, 8213, 300);
        box(page, 0, 300, 300, 5431);
        box(page, 7913, 300, 300, 5431);
        box(page, 4871, 300, 117.5, 1400);
        box(page, 4871, 2613, 117.5, 3118); // a way of 913 mm is left
    }

    private static void door(PDPageContentStream page) throws IOException {
        page.setLineWidth(0.5f);
        page.moveTo(x(4871), y(1700));
        page.lineTo(x(4871 - 913), y(1700));
        page.stroke();
        page.moveTo(x(4871 - 913), y(1700));
        for (var i = 1; i <= 24; i++) {
            var a = Math.PI / 2 * i / 24;
            page.lineTo(x(4871 - 913 * Math.cos(a)), y(1700 + 913 * Math.sin(a)));
        }
        page.stroke();
    }

    /** Bands as wide as walls that lie over all of it, in another layer. */
    private static void grid(PDPageContentStream page) throws IOException {
        page.setNonStrokingColor(0.7f, 0.2f, 0.2f);
        for (var i = 0; i < 8; i++) {
            box(page, 500 + 1000 * i, -500, 150, 7000);
        }
        for (var i = 0; i < 6; i++) {
            box(page, -500, 600 + 950 * i, 9200, 150);
        }
    }

    private static float x(double mm) {
        return (float) (100 + mm * PT);
    }

    private static float y(double mm) {
        return (float) (120 + mm * PT);
    }

    private static void box(PDPageContentStream page, double x, double y, double w, double h) throws IOException {
        page.addRect(x(x), y(y), (float) (w * PT), (float) (h * PT));
        page.fill();
    }

    private interface Drawing {
        void draw(PDPageContentStream page) throws IOException;
    }

    private Path page() throws IOException {
        var file = folder.resolve("drawn.pdf");
        try (var document = new PDDocument()) {
            var layers = new PDOptionalContentProperties();
            document.getDocumentCatalog().setOCProperties(layers);
            var sheet = new PDPage(new PDRectangle(842, 595));
            document.addPage(sheet);
            try (var page = new PDPageContentStream(document, sheet)) {
                layer(page, layers, "Masonry", p -> {
                    walls(p);
                    door(p);
                });
                layer(page, layers, "Setting out", DrawnLinesWindowTest::grid);
            }
            document.save(file.toFile());
        }
        return file;
    }

    private static void layer(
            PDPageContentStream page, PDOptionalContentProperties layers, String name, Drawing drawing)
            throws IOException {
        var group = new PDOptionalContentGroup(name);
        layers.addGroup(group);
        page.beginMarkedContent(COSName.OC, group);
        drawing.draw(page);
        page.endMarkedContent();
    }

    private static Storey storey(WindowDriver w) {
        return w.model().now().currentStorey();
    }

    private static Underlay underlay(WindowDriver w) {
        return storey(w).underlays().getFirst();
    }

    private static List<Use> uses(WindowDriver w) {
        return underlay(w).linework().orElseThrow().layers().stream()
                .map(l -> l.use())
                .toList();
    }

    private static int layer(WindowDriver w, String name) {
        var layers = underlay(w).linework().orElseThrow().layers();
        for (var i = 0; i < layers.size(); i++) {
            if (layers.get(i).name().equals(name)) {
                return i;
            }
        }
        throw new AssertionError("no layer " + name + " in " + layers);
    }

    private void bringIn(WindowDriver w) throws Exception {
        w.answers.picture = Optional.of(page());
        w.press("bring-in");
        w.press("page-scale-50");
        w.press("take-page");
        w.until(() -> !storey(w).underlays().isEmpty());
    }

    private static void isTheHouse(WindowDriver w) {
        var rooms = StoreyGeometry.of(w.model().now().plan(), storey(w)).rooms();
        // clear sizes: 4871 - 300 and 7913 - 4988.5 wide, 5731 - 300 deep
        assertThat(rooms).hasSize(2);
        assertThat(rooms.stream().mapToDouble(r -> r.areaMm2()).max().orElseThrow())
                .isCloseTo(4571 * 5431.0, within(2000.0));
        assertThat(rooms.stream().mapToDouble(r -> r.areaMm2()).min().orElseThrow())
                .isCloseTo(2924.5 * 5431.0, within(2000.0));
        var opening = storey(w).openings().getFirst();
        assertThat(opening.width().mm()).isEqualTo(913);
        assertThat(w.model().now().plan().wallTypes().getLast().thickness().mm())
                .isEqualTo(117.5);
    }

    @Test
    void wallsAreReadFromTheLayersThatAreTicked() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w);
            var grid = layer(w, "Setting out");
            CheckBox tick = w.node("lines-" + grid);
            assertThat(tick.getText()).isEqualTo("Setting out, 14 filled areas");
            w.press("lines-" + grid);
            assertThat(uses(w).get(grid)).isEqualTo(Use.LEFT_OUT);
            w.press("undo");
            assertThat(uses(w)).containsOnly(Use.READ);
            w.press("redo");
            w.press("read-walls");
            w.until(() -> w.model().now().gesture() instanceof TakeWalls);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            isTheHouse(w);
        }
    }

    @Test
    void allAreTickedAndUntickedAndTheChoiceIsKeptInTheFile() throws Exception {
        var file = folder.resolve("kept.honeylamp");
        try (var w = WindowDriver.empty()) {
            bringIn(w);
            w.press("lines-none");
            assertThat(uses(w)).containsOnly(Use.LEFT_OUT);
            w.press("lines-" + layer(w, "Masonry"));
            PlanFile.save(w.model().now().current(), new byte[0], file);
        }
        var opened = (PlanFile.Opened.Good) PlanFile.open(file);
        try (var w = WindowDriver.with(opened.document())) {
            w.until(() -> w.model().pictures().get(underlay(w).picture()).isPresent());
            w.press("read-walls");
            w.until(() -> w.model().now().gesture() instanceof TakeWalls);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            isTheHouse(w);
        }
    }
}
