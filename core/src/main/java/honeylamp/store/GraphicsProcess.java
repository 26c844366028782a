package honeylamp.store;

import honeylamp.output.Progress;
import honeylamp.store.PictureImport.RefusedException;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;

/**
 * Has a file read by a process of its own. A drawing can be made so that it never ends or fills all memory; no thread can
 * be ended against its will, but a process can, and its heap is bounded. One that has ended is begun anew when something
 * is asked; one that is asked nothing ends by itself, and so does one whose program has gone.
 */
final class GraphicsProcess implements GraphicsReader {
    private static final String HEAP = "-Xmx1g";
    private static final int MOST_SECONDS_TO_START = 20;
    private static final long LOOK_MS = 20;

    /** How many times as long as it may work a process may take where others have the machine too. */
    private static final int MOST_WAITING = 5;

    private final byte[] file;
    private volatile @Nullable Running running;
    private volatile boolean closed;

    private GraphicsProcess(byte[] file) {
        this.file = file;
    }

    /** A process for a file; where the runtime has no program to begin one with, this one reads it. */
    static GraphicsReader of(byte[] file) {
        return Files.isExecutable(java()) ? new GraphicsProcess(file) : Source.HERE.of(file);
    }

    private static Path java() {
        return Path.of(System.getProperty("java.home"), "bin", "java");
    }

    /** A process that has told that it is there. */
    private record Running(Process process, DataOutputStream to, DataInputStream from) {}

    /** Something that a process says. */
    private interface Saying<T> {
        T take() throws IOException;
    }

    @Override
    public synchronized byte[] read(GraphicsRequest request, Progress progress) throws IOException, Progress.Cancelled {
        var there = running();
        try {
            return said(there, request.kind().mostSeconds(), progress, () -> {
                GraphicsServer.ask(there.to, request);
                return GraphicsServer.answer(there.from);
            });
        } catch (TimeoutException _) {
            throw request.tooLong();
        }
    }

    private Running running() throws IOException, Progress.Cancelled {
        if (closed) {
            throw new IOException("the file has been put away");
        }
        var known = running;
        if (known != null && known.process.isAlive()) {
            return known;
        }
        var process = new ProcessBuilder(List.of(
                        java().toString(),
                        HEAP,
                        "-XX:+ExitOnOutOfMemoryError",
                        "-XX:+UseSerialGC",
                        "-Djava.awt.headless=true",
                        "-Djava.io.tmpdir=" + System.getProperty("java.io.tmpdir"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        GraphicsServer.class.getName()))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        var begun = new Running(
                process,
                new DataOutputStream(new BufferedOutputStream(process.getOutputStream())),
                new DataInputStream(new BufferedInputStream(process.getInputStream())));
        running = begun;
        try {
            said(begun, MOST_SECONDS_TO_START, Progress.NONE, () -> {
                GraphicsServer.begin(begun.to, file);
                return GraphicsServer.begun(begun.from);
            });
        } catch (TimeoutException e) {
            throw new IOException("the program that draws it did not start", e);
        }
        return begun;
    }

    /**
     * What a process says, waited for; the process is ended if that fails in whatever way. It may work for so many seconds:
     * on a busy machine what counts is the time of the processor that it was given.
     */
    private <T> T said(Running there, int mostSeconds, Progress progress, Saying<T> saying)
            throws IOException, Progress.Cancelled, TimeoutException {
        var answer = new CompletableFuture<T>();
        Thread.ofVirtual().start(() -> {
            try {
                answer.complete(saying.take());
            } catch (IOException | RuntimeException e) {
                answer.completeExceptionally(e);
            }
        });
        var most = Duration.ofSeconds(mostSeconds);
        var from = System.nanoTime();
        var workedBefore = worked(there.process);
        var good = false;
        try {
            while (true) {
                try {
                    var taken = answer.get(LOOK_MS, TimeUnit.MILLISECONDS);
                    good = true;
                    return taken;
                } catch (TimeoutException e) {
                    var waited = Duration.ofNanos(System.nanoTime() - from);
                    if (waited.compareTo(most) > 0
                            && (worked(there.process).minus(workedBefore).compareTo(most) > 0
                                    || waited.compareTo(most.multipliedBy(MOST_WAITING)) > 0)) {
                        throw e;
                    }
                    progress.at(0);
                }
            }
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RefusedException refused) {
                good = true;
                throw refused;
            }
            if (e.getCause() instanceof GraphicsServer.DamagedException damaged) {
                good = true;
                throw new IOException(damaged.getMessage(), damaged);
            }
            throw new IOException("it asks for more than there is for it", e); // the process has ended
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("drawing it was ended", e);
        } finally {
            if (!good) {
                there.process.destroyForcibly();
                running = null;
            }
        }
    }

    /** The time of the processor that a process has had; where the system does not tell, no more than has gone by. */
    private static Duration worked(Process process) {
        return process.info().totalCpuDuration().orElseGet(() -> Duration.ofNanos(System.nanoTime()));
    }

    /** Waits for nobody: an answer under way is ended too. */
    @Override
    public void close() {
        closed = true;
        var there = running;
        if (there != null) {
            there.process.destroyForcibly();
        }
    }
}
