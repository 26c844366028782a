package honeylamp.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/**
 * One reader under the fuzzer Jazzer, which damages whole input and keeps what reaches new code. Started by
 * {@code ./honeylamp fuzz READER [RUNS [SEED]]}; what was found is written to {@code crash-…} and belongs, mended, among
 * the named cases of {@link HostileInputTest}. Throws what the reader throws, and when it takes longer than 5 s.
 */
public final class ReaderFuzz {
    private static final long LONGEST_MS = 5000;
    private static final long HEAP_MB = Runtime.getRuntime().maxMemory() >> 20;

    private static HostileReader reader;
    private static Path file;
    private static int runs;
    private static long slowestMs;

    private ReaderFuzz() {}

    /**
     * Takes the reader's name, writes its whole input where the fuzzer looks for input to damage, and reads it once, so
     * that loading the classes is not counted as reading.
     */
    public static void fuzzerInitialize(String[] args) throws Exception {
        reader = HostileReader.valueOf(args[0]);
        Files.write(Files.createDirectories(Path.of(args[1])).resolve("whole"), reader.whole());
        file = Files.createTempDirectory("fuzz").resolve("in" + reader.ending());
        Files.write(file, reader.whole());
        reader.read(file);
        Runtime.getRuntime()
                .addShutdownHook(new Thread(() -> System.err.printf(
                        "%s: %d inputs, slowest %d ms, heap bounded at %d MB%n", reader, runs, slowestMs, HEAP_MB)));
    }

    /** Reads one damaged input. */
    public static void fuzzerTestOneInput(byte[] input) throws Exception {
        Files.write(file, input);
        var begun = System.nanoTime();
        reader.read(file);
        var ms = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
        runs++;
        slowestMs = Math.max(slowestMs, ms);
        if (ms > LONGEST_MS) {
            throw new AssertionError(reader + " took " + ms + " ms");
        }
    }
}
