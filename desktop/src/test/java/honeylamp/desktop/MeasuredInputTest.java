package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.meter.MeterLink.Link;
import honeylamp.plan.Storey;
import honeylamp.store.ModelFormat;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** Plans from readings alone: by keys, from a file, from a meter. */
class MeasuredInputTest {
    @TempDir
    private Path folder;

    private static Storey storey(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst();
    }

    private static void wall(WindowDriver w, String length) throws Exception {
        w.write(length);
        w.key(KeyCode.ENTER);
    }

    /** An L of 6,000 by 5,000 with a corner of 2,000 by 2,000 out of it; by hand 26 m². */
    @Test
    void aRoomIsWalkedByKeysAloneAndItsErrorSpread() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.key(KeyCode.CONTROL, KeyCode.DIGIT2);
            w.focusPlan();
            w.key(KeyCode.TAB);
            w.key(KeyCode.TAB);
            assertThat(WindowDriver.onScreen(() -> w.model().readout().hint())).contains("room lies at the left");
            wall(w, "6 m");
            wall(w, "3 m");
            wall(w, "2000");
            w.write("2010"); // a turn to the right before this wall
            w.key(KeyCode.TAB);
            w.write("-90");
            w.key(KeyCode.ENTER);
            wall(w, "4 m");
            wall(w, "4985");
            assertThat(WindowDriver.onScreen(() -> w.model().readout().hint())).contains("25 mm to the start");
            w.key(KeyCode.C);
            assertThat(w.message())
                    .isEqualTo("Closing error 25 mm in 22.00 m (1:880), spread over 6 walls by the compass rule.");
            var rooms = StoreyGeometry.of(w.plan(), storey(w)).rooms();
            assertThat(rooms).hasSize(1);
            assertThat(rooms.getFirst().areaMm2()).isCloseTo(26e6, within(0.1e6));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms()).isEmpty();
        }
    }

    @Test
    void aWalkThatEndsFarAwayIsNotClosed() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.key(KeyCode.CONTROL, KeyCode.DIGIT2);
            w.focusPlan();
            w.key(KeyCode.TAB);
            w.key(KeyCode.TAB);
            wall(w, "6 m");
            wall(w, "3 m");
            w.key(KeyCode.C);
            assertThat(w.message()).contains("three walls");
            wall(w, "6 m");
            var before = w.plan();
            w.key(KeyCode.C);
            assertThat(w.message()).contains("3000 mm from its start").contains("missing wall");
            assertThat(w.plan()).isEqualTo(before);
            w.key(KeyCode.ESCAPE);
        }
    }

    @Test
    void aSurveyComesInWithItsClosingErrorSaid() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.answers.survey = Optional.of(Files.write(folder.resolve("shed.csv"), BoatShed.readings()));
            w.press("bring-in-survey");
            assertThat(w.message()).startsWith("Closing error 30 mm in 48.41 m (1:1623), spread");
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms()).hasSize(3);
            var made = w.plan();
            var broken = Files.writeString(folder.resolve("broken.csv"), "kind,from,to,end\nleg,A,B,soft\n");
            w.answers.survey = Optional.of(broken);
            w.answers.unsaved = honeylamp.desktop.files.FileDialogs.Unsaved.DROP;
            w.press("stage-underlay");
            w.press("bring-in-survey");
            assertThat(w.message()).contains("broken.csv, line 2");
            assertThat(w.plan()).isEqualTo(made);
        }
    }

    @Test
    void aBuildingModelComesInAsAPlanAndABrokenOneIsRefused() throws Exception {
        try (var w = WindowDriver.empty()) {
            var file = folder.resolve("tea-room.ifc");
            ModelFormat.of(file).orElseThrow().write(QuillbackLane.plan(), file);
            w.answers.model = Optional.of(file);
            w.press("bring-in-model");
            w.until(() -> w.plan().storeys().size() == 2);
            assertThat(w.message()).startsWith("Brought in: 2 storeys, 21 walls, 25 openings, 10 rooms named.");
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).rooms()).hasSize(5);
            var made = w.plan();
            w.answers.model = Optional.of(Files.writeString(folder.resolve("broken.ifc"), "ISO-10303-21;DATA;#1=A(;"));
            w.answers.unsaved = honeylamp.desktop.files.FileDialogs.Unsaved.DROP;
            w.press("stage-underlay");
            w.press("bring-in-model");
            assertThat(w.message()).contains("broken.ifc").contains("line 1");
            assertThat(w.plan()).isEqualTo(made);
        }
    }

    private static void send(Socket meter, String text) throws Exception {
        meter.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        meter.getOutputStream().flush();
    }

    private static void until(java.util.concurrent.Callable<Boolean> what) throws Exception {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> WindowDriver.onScreen(what));
    }

    @Test
    void readingsOfAMeterLandInTheMeasureLineAndNonsenseDoesNot() throws Exception {
        try (var server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            System.setProperty("honeylamp.meter.port", Integer.toString(server.getLocalPort()));
            try (var w = WindowDriver.empty()) {
                w.press("stage-walls");
                w.press("tool-walk-a-room");
                MeterLink link = w.window().actions().meter();
                w.press("meter");
                try (var meter = server.accept()) {
                    until(() -> link.state().get().link() == Link.LINKED);
                    send(meter, "distance 3.412 m\n");
                    until(() -> "3.412 m".equals(((TextField) w.node("measure-0")).getText()));
                    w.key(KeyCode.ENTER); // as if typed
                    assertThat(storey(w).walls().getFirst().length().mm()).isEqualTo(3412);
                    send(meter, "distance 2500 mm enter\n");
                    until(() -> w.model().now().currentStorey().walls().size() == 2);
                    var before = w.plan();
                    send(meter, "x".repeat(5000) + "\ndistance -3 m\ndistance 1e99 m\n\u0000\u0001\ndistance 3 m");
                    until(() -> link.state().get().last().startsWith("Not understood"));
                    assertThat(w.plan()).isEqualTo(before);
                    w.write("4 m"); // the hand goes on meanwhile
                    w.key(KeyCode.ENTER);
                    assertThat(storey(w).walls()).hasSize(3);
                }
                until(() -> link.state().get().link() == Link.LOOKING); // unplugged
                try (var again = server.accept()) {
                    until(() -> link.state().get().link() == Link.LINKED);
                    send(again, "alive\ndistance 12 ft\n");
                    until(() -> "12 ft".equals(link.state().get().last()));
                }
                WindowDriver.onScreen(() -> {
                    link.disconnect();
                    return null;
                });
                assertThat(link.state().get().link()).isEqualTo(Link.OFF);
            } finally {
                System.clearProperty("honeylamp.meter.port");
            }
        }
    }

    @Test
    void aMeterThatIsNotThereDisturbsNothing() throws Exception {
        System.setProperty("honeylamp.meter.port", "1");
        try (var w = WindowDriver.empty()) {
            WindowDriver.onScreen(() -> {
                w.window().actions().meter().connect();
                return null;
            });
            w.press("stage-walls");
            w.click(0, 0);
            w.click(2000, 0);
            assertThat(storey(w).walls()).hasSize(1);
            assertThat(WindowDriver.onScreen(
                            () -> w.window().actions().meter().state().get().link()))
                    .isEqualTo(Link.LOOKING);
        } finally {
            System.clearProperty("honeylamp.meter.port");
        }
    }
}
