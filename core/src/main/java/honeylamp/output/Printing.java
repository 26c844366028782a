package honeylamp.output;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Prints a PDF at its true size, by the print dialog of the system. */
public final class Printing {
    private static final long LOOK_MS = 100;

    private Printing() {}

    /** What became of it. */
    public enum Came {
        PRINTED(0, "Sent to the printer, at true size. Measure the checking square if you have one on the page."),
        LEFT(10, "Nothing was printed."),
        PAPER_TOO_SMALL(
                11,
                "Nothing was printed: the paper chosen is smaller than the page, and would cut it. Choose larger paper "
                        + "in the print dialog, or put the page on smaller paper in Sheet."),
        NO_PRINTER(12, "No printer is set up on this machine. Export a PDF and print that elsewhere."),
        NO_WINDOWS(13, "The print dialog needs a window system. Export a PDF and print that."),
        REFUSED(14, "The printer did not take it. Look whether it is ready, or export a PDF and print that.");

        private final int exit;
        private final String sentence;

        Came(int exit, String sentence) {
            this.exit = exit;
            this.sentence = sentence;
        }

        /** The exit code of the program that prints. */
        int exit() {
            return exit;
        }

        /** What is said of it. */
        public String sentence() {
            return sentence;
        }

        private static Came of(int exit) {
            return Arrays.stream(values())
                    .filter(c -> c.exit == exit)
                    .findFirst()
                    .orElse(REFUSED);
        }
    }

    /**
     * Shows the print dialog of the system and prints what is chosen there; waits for it.
     *
     * @param name of the job
     * @param progress asked now and then whether anybody still wants it
     * @throws IOException if the dialog cannot be begun
     * @throws Progress.Cancelled if the progress ended it; the dialog is gone then
     */
    public static Came dialog(Path pdf, String name, Progress progress) throws IOException, Progress.Cancelled {
        var java = Path.of(System.getProperty("java.home"), "bin", "java");
        if (!Files.isExecutable(java)) {
            return Came.NO_WINDOWS;
        }
        var process = new ProcessBuilder(List.of(
                        java.toString(),
                        "-Xmx1g",
                        "-cp",
                        System.getProperty("java.class.path"),
                        PrintDialog.class.getName(),
                        pdf.toAbsolutePath().toString(),
                        name))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            while (!process.waitFor(LOOK_MS, TimeUnit.MILLISECONDS)) {
                progress.at(0);
            }
            return Came.of(process.exitValue());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Came.LEFT;
        } finally {
            process.destroy();
        }
    }
}
