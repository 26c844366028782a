package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PickedEdits;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.LeftWork;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The real program, killed at random while it is edited as fast as it can be, and started again with another plan.
 * {@code -Dhoneylamp.kills=100} kills it a hundred times; the figures are printed.
 */
class KillTest {
    private static final int KILLS = Integer.getInteger("honeylamp.kills", 4);
    private static final long LONGEST_START_MS = 60_000;
    private static final int LATEST_KILL_MS = 3000;

    @TempDir
    private Path folder;

    /** Starts the program and edits: action n moves a piece by 1 mm and names the plan n. */
    static final class Editor {
        private Editor() {}

        public static void main(String[] arguments) throws Exception {
            Thread.ofPlatform().daemon().start(() -> {
                try {
                    edit();
                } catch (Exception e) {
                    System.out.println("failed " + e);
                }
            });
            Application.launch(HoneyLampApp.class, arguments);
        }

        private static void edit() throws Exception {
            WorkspaceModel model = null;
            while (model == null) {
                Thread.sleep(5);
                try {
                    model = onScreen(() -> Window.getWindows().isEmpty()
                            ? null
                            : (WorkspaceModel)
                                    Window.getWindows().getFirst().getScene().getUserData());
                } catch (IllegalStateException _) {
                    // the toolkit is not up yet
                }
            }
            System.out.println("started");
            var here = model;
            for (var n = 1; n < 1_000_000; n++) {
                var number = n;
                onScreen(() -> {
                    var plan = here.now().plan();
                    var storey = here.now().currentStorey();
                    var piece = storey.furnishings().getFirst().id();
                    var moved = PickedEdits.move(plan, storey.id(), Set.of(piece), Length.ofMm(1), Length.ofMm(0))
                            .orThrow();
                    here.edit(moved.withName(plan.name().replaceAll(" [0-9]+$", "") + " " + number), "Edit");
                    return null;
                });
                System.out.println(n);
            }
        }

        private static <T> T onScreen(Supplier<T> work) throws InterruptedException {
            var done = new CountDownLatch(1);
            var out = new AtomicReference<T>();
            Platform.runLater(() -> {
                out.set(work.get());
                done.countDown();
            });
            done.await();
            return out.get();
        }
    }

    /** A grid of rooms with a piece, large enough that a whole plan takes long to write. */
    private static Plan large() {
        var demo = SailclothYard.plan();
        var storey = demo.storeys().getFirst();
        var walls = new ArrayList<>(storey.walls());
        var number = demo.nextNumber();
        var type = demo.wallTypes().getFirst().id();
        for (var i = 0; i < 18; i++) {
            for (var j = 0; j < 17; j++) {
                var x = 40_000 + i * 4000;
                var y = j * 4000;
                for (var to : List.of(Position.ofMm(x + 4000, y), Position.ofMm(x, y + 4000))) {
                    walls.add(new Wall(
                            new WallId(number++), Position.ofMm(x, y), to, BodySide.CENTRE, type, Length.ofMm(2500)));
                }
            }
        }
        return demo.withStorey(storey.id(), s -> s.with(Wall.class, walls))
                .numbersTaken(number - demo.nextNumber())
                .withName("Large");
    }

    private Process start(Path plan, Path said) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx1g",
                        "-Dglass.platform=Headless",
                        "-Dprism.order=sw",
                        "-Djava.awt.headless=true",
                        "--enable-native-access=ALL-UNNAMED",
                        "-Dhoneylamp.home=" + folder.resolve("home"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Editor.class.getName(),
                        plan.toString())
                .redirectOutput(said.toFile())
                .redirectError(folder.resolve("errors").toFile())
                .start();
    }

    private static List<String> lines(Path said) throws IOException {
        var text = Files.exists(said) ? Files.readString(said) : "";
        return text.substring(0, text.lastIndexOf('\n') + 1).lines().toList();
    }

    @Test
    void aKilledRunLosesAtMostItsLastActionAndNeverKeepsTheNextFromStarting() throws Exception {
        var plans = List.of(
                SailclothYard.plan().withName("Yard"), SailclothYard.plan().withName("Loft"), large());
        for (var plan : plans) {
            PlanFile.save(PlanDocument.of(plan), new byte[0], folder.resolve(plan.name() + ".honeylamp"));
        }
        var random = new Random(20261126);
        var lost = 0;
        var actions = 0;
        for (var kill = 0; kill < KILLS; kill++) {
            var name = plans.get(kill % plans.size()).name();
            var file = folder.resolve(name + ".honeylamp");
            var said = folder.resolve("said-" + kill);
            var process = start(file, said);
            var until = System.currentTimeMillis() + LONGEST_START_MS;
            while (lines(said).size() < 2) {
                assertThat(process.isAlive() && System.currentTimeMillis() < until)
                        .as("start %d: %s", kill, Files.readString(folder.resolve("errors")))
                        .isTrue();
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(LATEST_KILL_MS));
            process.destroyForcibly();
            assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
            assertThat(lines(said).getFirst()).isEqualTo("started");
            var done = Integer.parseInt(lines(said).getLast());
            var left = LeftWork.in(Autosave.journals(folder.resolve("home")));
            var work = (LeftWork.Good) left.getFirst(); // newest first
            var kept = Integer.parseInt(work.plan().name().replaceAll("\\D", ""));
            assertThat(work.plan().name()).startsWith(name + " ");
            assertThat(work.origin().file()).contains(file.toAbsolutePath());
            assertThat(kept).isBetween(done - 1, done + 1);
            assertThat(place(work.plan()) - place(work.origin().document().plan()))
                    .isEqualTo(kept);
            lost = Math.max(lost, done - kept);
            actions += done;
            if (kill % 3 == 2) { // sometimes several runs have left something
                for (var gone : left) {
                    gone.remove();
                }
            }
        }
        System.out.printf("%d starts, %d kills, %d actions, at most %d lost%n", KILLS, KILLS, actions, lost);
    }

    private static double place(Plan plan) {
        Storey storey = plan.storeys().getFirst();
        return storey.furnishings().getFirst().at().x().mm();
    }
}
