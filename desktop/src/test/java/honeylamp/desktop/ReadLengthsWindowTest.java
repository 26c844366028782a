package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.trace.TakeLengths;
import honeylamp.desktop.gesture.trace.TakeWalls;
import honeylamp.geometry.Point;
import honeylamp.plan.KnownLength;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Underlay;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lengths and names written on a picture are read, looked at, corrected, refused and taken in the real window. */
class ReadLengthsWindowTest {
    private static final double NEAR_MM = 6000;

    @TempDir
    private Path folder;

    private static Underlay underlay(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().underlays().getFirst();
    }

    /** Two rooms at 100 px a metre; 8 m along, 6 m down, and 5.00 m written where there are 4. */
    private Path scan(Consumer<Graphics2D> more) throws Exception {
        var image = new BufferedImage(1200, 1000, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(250, 248, 242));
        g.fillRect(0, 0, 1200, 1000);
        g.setColor(new Color(30, 30, 30));
        g.setStroke(new BasicStroke(30, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
        g.drawRect(200, 200, 800, 600);
        g.setStroke(new BasicStroke(10, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        g.drawLine(600, 200, 600, 800);
        g.setStroke(new BasicStroke(1.5f));
        g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 22));
        length(g, "8.00", 200, 100, 800);
        length(g, "5.00", 600, 880, 400);
        g.rotate(-Math.PI / 2, 100, 800);
        length(g, "6.00", 100, 800, 600);
        g.rotate(Math.PI / 2, 100, 800);
        g.drawString("Kitchen", 340, 500);
        g.drawString("21.8 m\u00b2", 340, 540); // 3.8 by 5.7 m is 21.66
        g.drawString("Bedroom", 740, 500);
        g.drawString("25.0 m\u00b2", 740, 540); // written wrong
        more.accept(g);
        g.dispose();
        var file = folder.resolve("scan.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static void length(Graphics2D g, String text, int x, int y, int px) {
        g.drawLine(x, y, x + px, y);
        for (var end : new int[] {x, x + px}) {
            g.drawLine(end - 7, y + 7, end + 7, y - 7);
            g.drawLine(end, y - 10, end, y + 20);
        }
        g.drawString(text, x + px / 2 - 25, y - 8);
    }

    private static void bringIn(WindowDriver w, Path file) throws Exception {
        w.answers.picture = Optional.of(file);
        w.press("bring-in");
        w.until(() -> !w.model().now().currentStorey().underlays().isEmpty());
    }

    private static void readLengths(WindowDriver w) throws Exception {
        w.press("read-lengths");
        w.until(() -> w.model().now().gesture() instanceof TakeLengths);
        w.focusPlan();
    }

    private static void click(WindowDriver w, double x, double y) throws Exception {
        var at = underlay(w).plan(new Point(x, y));
        w.showCentred(at.x(), at.y(), NEAR_MM);
        w.click(at.x(), at.y());
    }

    @Test
    void lengthsThatAgreeGiveTheScaleAndTheOtherIsCompared() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan(g -> {}));
            readLengths(w);
            assertThat(underlay(w).knownLengths()).isEmpty(); // nothing comes in unasked
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).placing().mmPerPixel()).isCloseTo(10, within(0.02));
            assertThat(underlay(w).knownLengths())
                    .extracting(k -> k.length().mm(), KnownLength::trust)
                    .containsExactlyInAnyOrder(
                            tuple(8000.0, Trust.COUNTED), tuple(6000.0, Trust.COUNTED), tuple(5000.0, Trust.LEFT_OUT));
            w.press("undo");
            assertThat(underlay(w).knownLengths()).isEmpty();
        }
    }

    @Test
    void aLengthIsPickedCorrectedAndRefused() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan(g -> {}));
            readLengths(w);
            click(w, 700, 880);
            w.write("4000");
            w.key(KeyCode.ENTER); // corrected, not taken yet
            assertThat(underlay(w).knownLengths()).isEmpty();
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.DELETE); // none is picked: the picture stays
            click(w, 400, 100);
            assertThat(((TakeLengths) w.model().now().gesture()).picked()).isNotNegative();
            w.key(KeyCode.DELETE);
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).knownLengths())
                    .extracting(k -> k.length().mm())
                    .containsExactlyInAnyOrder(6000.0, 4000.0);
        }
    }

    @Test
    void oneAloneIsTakenOnlyIfItIsPicked() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan(g -> {
                g.setColor(new Color(250, 248, 242));
                g.fillRect(0, 0, 170, 1000);
                g.fillRect(0, 830, 1200, 170);
            }));
            readLengths(w);
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).knownLengths()).isEmpty();
            assertThat(w.model().now().said().text()).contains("No two lengths");
            w.key(KeyCode.N);
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).knownLengths()).hasSize(1);
        }
    }

    @Test
    void roomsGetTheNamesWrittenInThemAndAreasAreCompared() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan(g -> {}));
            readLengths(w);
            w.key(KeyCode.ENTER);
            w.press("read-walls");
            w.until(() -> w.model().now().gesture() instanceof TakeWalls);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            var storey = w.plan().storeys().getFirst();
            assertThat(StoreyGeometry.of(w.plan(), storey).rooms())
                    .extracting(r -> r.name())
                    .containsExactlyInAnyOrder("Kitchen", "Bedroom");
            assertThat(w.model().now().said().text())
                    .contains("Bedroom: 25.0 m\u00b2 is written")
                    .doesNotContain("Kitchen: ");
            w.press("undo");
            assertThat(w.plan().storeys().getFirst().rooms()).isEmpty();
        }
    }

    @Test
    void aPictureWithoutLengthsGivesASentence() throws Exception {
        try (var w = WindowDriver.empty()) {
            var image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
            var file = folder.resolve("grey.png");
            ImageIO.write(image, "png", file.toFile());
            bringIn(w, file);
            w.press("read-lengths");
            w.until(() -> w.model().now().said().text().contains("No lengths were found"));
            assertThat(underlay(w).knownLengths()).isEmpty();
        }
    }
}
