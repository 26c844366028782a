package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.ReadWords;
import honeylamp.desktop.gesture.trace.SeeDifferences;
import honeylamp.desktop.gesture.trace.TakeLengths;
import honeylamp.desktop.gesture.trace.TakeWalls;
import honeylamp.desktop.workspace.Intent;
import honeylamp.edit.Deletion;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Walls read from a picture are looked at, corrected, refused and taken in the real window. */
class ReadWallsWindowTest {
    private static final double NEAR_MM = 4000;

    @TempDir
    private Path folder;

    private static Storey storey(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst();
    }

    private static Underlay underlay(WindowDriver w) throws Exception {
        return storey(w).underlays().getFirst();
    }

    /** 8 by 6 m at 100 px a metre, walls of 300 mm, one of 100 mm across with a door; turned by two degrees. */
    private Path scan() throws Exception {
        return drawn("scan.png", g -> {
            g.rotate(Math.toRadians(2), 600, 500);
            g.setColor(new Color(30, 30, 30));
            g.setStroke(new BasicStroke(30, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
            g.drawRect(200, 200, 800, 600);
            g.setStroke(new BasicStroke(10, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
            g.drawLine(600, 200, 600, 400);
            g.drawLine(600, 480, 600, 800);
            g.setStroke(new BasicStroke(2));
            g.drawLine(605, 400, 685, 400);
            g.draw(new Arc2D.Double(525, 320, 160, 160, 270, 90, Arc2D.OPEN));
            g.drawLine(200, 100, 1000, 100); // a length of 8 m
        });
    }

    private Path drawn(String name, Consumer<Graphics2D> drawing) throws Exception {
        var image = new BufferedImage(1200, 1000, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(250, 248, 242));
        g.fillRect(0, 0, 1200, 1000);
        drawing.accept(g);
        g.dispose();
        var file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static void bringIn(WindowDriver w, Path file) throws Exception {
        w.answers.picture = Optional.of(file);
        w.press("bring-in");
        w.until(() -> !w.model().now().currentStorey().underlays().isEmpty());
    }

    private static void read(WindowDriver w) throws Exception {
        w.press("read-walls");
        w.until(() -> w.model().now().gesture() instanceof TakeWalls);
    }

    /** The length above the house, typed as 8000. */
    private static void known(WindowDriver w) throws Exception {
        w.press("tool-known-length");
        for (var px : new Point[] {turned(200, 100), turned(1000, 100)}) {
            var at = underlay(w).plan(px);
            w.showCentred(at.x(), at.y(), NEAR_MM);
            w.click(at.x(), at.y());
        }
        w.write("8000");
        w.key(KeyCode.ENTER);
    }

    private static Point turned(double x, double y) {
        double a = Math.toRadians(2), dx = x - 600, dy = y - 500;
        return new Point(600 + dx * Math.cos(a) - dy * Math.sin(a), 500 + dx * Math.sin(a) + dy * Math.cos(a));
    }

    @Test
    void allWallsAreTakenInOneStepAndTheirPictureIsLevelled() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            assertThat(storey(w).walls()).isEmpty(); // nothing comes in unasked
            assertThat(underlay(w).placing().turnDeg()).isZero();
            w.focusPlan();
            w.key(KeyCode.ENTER);
            assertThat(storey(w).walls()).hasSize(5);
            assertThat(w.message()).contains("5 walls with 1 opening", "levelled");
            var rooms = StoreyGeometry.of(w.plan(), storey(w)).rooms();
            // 4000 - 150 - 50 by 6000 - 300 mm between the faces, each
            assertThat(rooms)
                    .hasSize(2)
                    .allSatisfy(r -> assertThat(r.areaMm2() / 1e6).isCloseTo(3.8 * 5.7, within(0.15)));
            var door = storey(w).openings().getFirst();
            assertThat(door.kind()).isEqualTo(OpeningKind.DOOR);
            assertThat(door.width().mm()).isCloseTo(800, within(25.0));
            assertThat(storey(w).walls())
                    .allMatch(
                            x -> x.from().x().equals(x.to().x()) || x.from().y().equals(x.to().y()));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(storey(w).walls()).isEmpty();
            assertThat(underlay(w).placing().turnDeg()).isZero();
            assertThat(underlay(w).knownLengths()).hasSize(1);
        }
    }

    @Test
    void oneWallIsRefusedAnotherCorrectedByTypingAndOneTakenAlone() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            var shown = underlay(w);
            press(w, shown, turned(600, 650)); // the wall across
            assertThat(w.words()).contains("Length", "Thickness");
            w.write("5000");
            w.key(KeyCode.ENTER);
            assertThat(gesture(w).walls().walls().stream()
                            .filter(x -> Math.abs(x.line().length() - 5000) < 0.01))
                    .hasSize(3); // the wall itself and both beside it
            w.key(KeyCode.ENTER);
            assertThat(storey(w).walls()).hasSize(1);
            assertThat(storey(w).walls().getFirst().length().mm()).isCloseTo(5000, within(0.01));
            assertThat(gesture(w).walls().walls()).hasSize(4);

            w.key(KeyCode.CONTROL, KeyCode.Z); // what was taken is proposed again
            assertThat(storey(w).walls()).isEmpty();
            assertThat(gesture(w).walls().walls()).hasSize(5);

            press(w, underlay(w), turned(600, 650));
            w.key(KeyCode.DELETE);
            assertThat(gesture(w).walls().walls()).hasSize(4);
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.ESCAPE);
            assertThat(storey(w).walls()).isEmpty();
            assertThat(w.model().now().gesture()).isNotInstanceOf(TakeWalls.class);
        }
    }

    @Test
    void aRoomIsTakenAndADoorHungOtherwiseByKeys() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            press(w, underlay(w), turned(600, 440)); // the door
            var before = gesture(w).walls().walls().stream()
                    .flatMap(x -> x.openings().stream())
                    .findFirst()
                    .orElseThrow();
            w.key(KeyCode.R);
            w.key(KeyCode.F);
            var after = gesture(w).walls().walls().stream()
                    .flatMap(x -> x.openings().stream())
                    .findFirst()
                    .orElseThrow();
            assertThat(after.hand()).isEqualTo(before.hand().flipped());
            assertThat(after.swing()).isEqualTo(before.swing().flipped());
            w.key(KeyCode.DELETE);
            assertThat(gesture(w).walls().walls()).allMatch(x -> x.openings().isEmpty());
            press(w, underlay(w), turned(350, 500)); // inside the room on the left
            w.key(KeyCode.ENTER);
            assertThat(storey(w).walls()).hasSize(4);
        }
    }

    @Test
    void aDoorIsDraggedAndItsWidthTypedBeforeItIsTaken() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            var a = underlay(w).plan(turned(600, 440));
            var b = underlay(w).plan(turned(600, 540));
            w.showCentred(a.x(), a.y(), NEAR_MM);
            w.drag(a.x(), a.y(), b.x(), b.y());
            w.write("900");
            w.key(KeyCode.ENTER); // the width
            w.key(KeyCode.ESCAPE); // let go of it
            w.key(KeyCode.ENTER);
            var door = storey(w).openings().getFirst();
            assertThat(door.width().mm()).isEqualTo(900);
            var host = storey(w).walls().stream()
                    .filter(x -> x.id().equals(door.host()))
                    .findFirst()
                    .orElseThrow();
            // its middle was 2.4 m below the wall above; now it is 3.4 m below, 2.6 m above the other
            var middle = door.offset().mm() + 450;
            assertThat(Math.min(middle, host.length().mm() - middle)).isCloseTo(2600, within(40.0));
        }
    }

    @Test
    void plansBesideEachOtherAreTakenAsStoreysInOneStep() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, drawn("two.png", g -> {
                g.setColor(new Color(30, 30, 30));
                g.setStroke(new BasicStroke(16, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
                for (var x : new int[] {150, 700}) {
                    g.drawRect(x, 300, 400, 300);
                    g.setStroke(new BasicStroke(8, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
                    g.drawLine(x + (x < 500 ? 150 : 250), 300, x + (x < 500 ? 150 : 250), 600);
                    g.setStroke(new BasicStroke(2));
                    g.drawRect(x + 40, 340, 70, 120); // tables
                    g.drawRect(x + 290, 420, 80, 90);
                    g.setStroke(new BasicStroke(16, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
                }
            }));
            read(w);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            w.settle();
            assertThat(w.plan().storeys()).hasSize(2);
            for (var storey : w.plan().storeys()) {
                assertThat(storey.walls()).hasSize(5);
                assertThat(StoreyGeometry.of(w.plan(), storey).rooms()).hasSize(2);
                assertThat(storey.underlays()).hasSize(1);
            }
            var lower = StoreyGeometry.of(w.plan(), w.plan().storeys().getFirst());
            var upper = StoreyGeometry.of(w.plan(), w.plan().storeys().getLast());
            assertThat(Box.around(upper.storey().walls().stream()
                                    .map(x -> x.line().middle())
                                    .toList())
                            .centre()
                            .distance(Box.around(lower.storey().walls().stream()
                                            .map(x -> x.line().middle())
                                            .toList())
                                    .centre()))
                    .isLessThan(30);
            w.press("undo");
            assertThat(w.plan().storeys()).hasSize(1);
            assertThat(storey(w).walls()).isEmpty();
        }
    }

    @Test
    void aPictureIsComparedWithThePlanItIsLaidOver() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            w.press("compare-picture");
            w.until(() -> w.model().now().said().text().contains("nothing differs"));
            var across = storey(w).openings().getFirst().host();
            var plan = Deletion.of(w.plan(), storey(w).id(), Set.of(across));
            WindowDriver.onScreen(() -> {
                w.model().act(new Intent.Edit(plan, "Delete wall"));
                return null;
            });
            var before = w.plan();
            w.press("compare-picture");
            w.until(() -> w.model().now().gesture() instanceof SeeDifferences);
            w.settle();
            assertThat(w.plan()).isEqualTo(before); // it is only listed
            w.press("difference-2");
            assertThat(((SeeDifferences) w.model().now().gesture()).at()).isEqualTo(1);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            assertThat(((SeeDifferences) w.model().now().gesture()).at()).isZero();
            w.key(KeyCode.ESCAPE);
            w.key(KeyCode.ESCAPE);
            assertThat(w.model().now().gesture()).isNotInstanceOf(SeeDifferences.class);
        }
    }

    /** Of two names written in one room the first would be taken; it is pressed and refused, so it is the second. */
    @Test
    void oneNameIsRefusedAndTheOtherTaken() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, drawn("named.png", g -> {
                g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
                g.setColor(new Color(30, 30, 30));
                g.setStroke(new BasicStroke(16, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
                g.drawRect(200, 250, 800, 450);
                g.setFont(letters());
                g.drawString("Kitchen", 340, 480);
                g.drawString("Bedroom", 740, 480);
            }));
            read(w);
            var read = (TakeWalls) w.model().now().gesture();
            assertThat(read.words().names())
                    .extracting(ReadWords.Name::name)
                    .containsExactlyInAnyOrder("Kitchen", "Bedroom");
            var kitchen = read.words().names().stream()
                    .filter(n -> n.name().equals("Kitchen"))
                    .findFirst()
                    .orElseThrow();
            w.showCentred(kitchen.at().x(), kitchen.at().y(), NEAR_MM);
            w.click(kitchen.at().x(), kitchen.at().y());
            assertThat(w.model().readout().hint()).contains("Kitchen").contains("Delete");
            w.key(KeyCode.DELETE);
            w.key(KeyCode.ENTER);
            w.settle();
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms())
                    .extracting(Room::name)
                    .containsExactly("Bedroom");
        }
    }

    private static Font letters() {
        try (var in = ReadWallsWindowTest.class.getResourceAsStream("/honeylamp/fonts/OpenSans-Regular.ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(30f);
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aWallIsDraggedBeforeItIsTaken() throws Exception {
        try (var w = WindowDriver.empty()) {
            bringIn(w, scan());
            known(w);
            read(w);
            var a = underlay(w).plan(turned(600, 650));
            var b = underlay(w).plan(turned(650, 650));
            w.showCentred(a.x(), a.y(), NEAR_MM);
            w.drag(a.x(), a.y(), b.x(), b.y());
            w.key(KeyCode.ESCAPE); // let go of it
            w.key(KeyCode.ENTER);
            var across = storey(w).walls().stream()
                    .filter(x -> w(x.length().mm()) == 6000)
                    .toList();
            assertThat(across).isNotEmpty();
            var rooms = StoreyGeometry.of(w.plan(), storey(w)).rooms();
            assertThat(rooms)
                    .extracting(r -> Math.round(r.areaMm2() / 1e5) / 10.0)
                    .anySatisfy(area -> assertThat(area).isCloseTo((3.8 + 0.5) * 5.7, within(0.4)));
        }
    }

    private static double w(double mm) {
        return Math.round(mm / 100) * 100.0;
    }

    @Test
    void aPictureOfNoPlanGetsASentence() throws Exception {
        var file = drawn("page.png", g -> {
            g.setColor(Color.BLACK);
            for (var y = 100; y < 900; y += 30) {
                g.drawString("A letter about a loft, its windows and the price of slate.", 100, y);
            }
        });
        try (var w = WindowDriver.empty()) {
            bringIn(w, file);
            w.press("read-walls");
            w.until(() -> w.model().now().said().text().contains("No walls that enclose rooms"));
            assertThat(storey(w).walls()).isEmpty();
        }
    }

    /** The demo survey, 1 length typed, read, taken, seven rooms named: in under 25 actions. */
    @Test
    void theDemoSurveyIsAWalledPlanInAFewActions() throws Exception {
        try (var w = WindowDriver.empty()) {
            var actions = 0;
            bringIn(w, Path.of("../demo/sailcloth-yard-survey.jpg"));
            actions++;
            w.press("read-lengths");
            w.until(() -> w.model().now().gesture() instanceof TakeLengths);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            actions += 2;
            var known = underlay(w).knownLengths();
            assertThat(known).filteredOn(k -> k.trust() == Trust.COUNTED).hasSize(4);
            assertThat(known)
                    .filteredOn(k -> k.trust() == Trust.LEFT_OUT) // the surveyor's slip: 7400 is true
                    .singleElement()
                    .extracting(k -> k.length().mm())
                    .isEqualTo(7600.0);
            read(w);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            actions += 2;
            assertThat(storey(w).walls().size()).isGreaterThanOrEqualTo(14);
            assertThat(storey(w).openings().size()).isGreaterThanOrEqualTo(18);
            w.press("stage-rooms");
            actions++;
            var rooms = StoreyGeometry.of(w.plan(), storey(w)).rooms();
            assertThat(rooms).hasSizeGreaterThanOrEqualTo(7);
            assertThat(actions).isLessThan(25 - 2 * 7); // a click and a name for each
        }
    }

    private static void press(WindowDriver w, Underlay underlay, Point px) throws Exception {
        var at = underlay.plan(px);
        w.showCentred(at.x(), at.y(), NEAR_MM);
        w.click(at.x(), at.y());
    }

    private static TakeWalls gesture(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> (TakeWalls) w.model().now().gesture());
    }
}
