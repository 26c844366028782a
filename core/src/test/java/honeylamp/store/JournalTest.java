package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.SailclothYard;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JournalTest {
    private static final int KILLS = 25;

    @TempDir
    private Path folder;

    /** A process of its own that names plan after plan and says so once each is written. */
    static final class Worker {
        private Worker() {}

        public static void main(String[] arguments) throws IOException {
            var plan = SailclothYard.plan();
            try (var journal = Journal.open(Path.of(arguments[0]))) {
                for (var i = 0; i < 1_000_000; i++) {
                    journal.append(plan.named("plan " + i));
                    System.out.println(i);
                    System.out.flush();
                }
            }
        }
    }

    @Test
    void aKillAtAnyMomentLosesAtMostTheLastAction() throws Exception {
        var random = new Random(20260914);
        for (var kill = 0; kill < KILLS; kill++) {
            var file = folder.resolve("kill-" + kill + ".journal");
            var said = folder.resolve("said-" + kill);
            var process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-Djava.awt.headless=true",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Worker.class.getName(),
                            file.toString())
                    .redirectOutput(said.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            while (last(said) < 0) {
                assertThat(process.isAlive()).isTrue();
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(120));
            process.destroyForcibly();
            assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
            var recovered = Journal.recover(file).orElseThrow();
            var number = Integer.parseInt(recovered.name().substring("plan ".length()));
            // all that was said to be written is there; at most the action under way is more
            assertThat(number).isBetween(last(said), last(said) + 1);
            assertThat(recovered).isEqualTo(SailclothYard.plan().named("plan " + number));
        }
    }

    /** The last number said in whole, with its line end. */
    private static int last(Path said) throws IOException {
        var text = Files.exists(said) ? Files.readString(said) : "";
        var lines = text.substring(0, text.lastIndexOf('\n') + 1).lines().toList();
        return lines.isEmpty() ? -1 : Integer.parseInt(lines.getLast());
    }

    @Test
    void theNewestWholeRecordIsFoundBehindGarbage() throws IOException {
        var file = folder.resolve("x.journal");
        try (var journal = Journal.open(file)) {
            journal.append(SailclothYard.plan().named("first"));
            journal.append(SailclothYard.plan().named("second"));
        }
        Files.write(file, new byte[] {0, 0, 7, 7, 1, 2, 3}, StandardOpenOption.APPEND);
        assertThat(Journal.recover(file)).map(p -> p.name()).contains("second");
        // work goes on behind the last whole record
        try (var journal = Journal.open(file)) {
            journal.append(SailclothYard.plan().named("third"));
        }
        assertThat(Journal.recover(file)).map(p -> p.name()).contains("third");
    }

    @Test
    void aRecordWithAFlippedBitIsNotBelieved() throws IOException {
        var file = folder.resolve("x.journal");
        try (var journal = Journal.open(file)) {
            journal.append(SailclothYard.plan().named("first"));
            journal.append(SailclothYard.plan().named("second"));
        }
        var bytes = Files.readAllBytes(file);
        bytes[bytes.length - 20] ^= 4;
        Files.write(file, bytes);
        assertThat(Journal.recover(file)).map(p -> p.name()).contains("first");
    }

    @Test
    void itDoesNotGrowWithoutEnd() throws IOException {
        var file = folder.resolve("x.journal");
        try (var journal = Journal.open(file)) {
            for (var i = 0; i < 8000; i++) {
                journal.append(SailclothYard.plan().named("plan " + i));
            }
        }
        assertThat(Files.size(file)).isLessThan(17L << 20);
        assertThat(Journal.recover(file)).map(p -> p.name()).contains("plan 7999");
    }

    @Test
    void nothingIsRecoveredFromNothing() throws IOException {
        assertThat(Journal.recover(folder.resolve("none.journal"))).isEmpty();
        var journal = Journal.open(folder.resolve("empty.journal"));
        journal.discard();
        assertThat(folder).isEmptyDirectory();
    }
}
