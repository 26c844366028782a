package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.output.Progress;
import honeylamp.store.PictureImport.Notes;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The temporary folder is full: a disk of 16 KB where one may be mounted, else a folder that is not there. Each case runs
 * in a process of its own, because the toolkit asks for that folder once.
 */
class FullTemporaryFolderTest {
    @TempDir
    private Path folder;

    private Path full = Path.of("");
    private String reason = "the folder is not there any more";

    /** What the other process does. */
    static final class Work {
        private Work() {}

        public static void main(String[] args) throws Exception {
            ImageIO.setUseCache(false); // as the programs do
            var file = Path.of(args[1]);
            switch (args[0]) {
                case "picture" -> say(PictureImport.read(png(4000, 3500), "scan.png", Notes.LEFT_OUT, Progress.NONE));
                case "small" -> say(PictureImport.read(png(400, 350), "scan.png", Notes.LEFT_OUT, Progress.NONE));
                case "drawing" ->
                    say(PictureImport.read(
                            "<svg xmlns='http://www.w3.org/2000/svg' width='80' height='20'><text y='9'>A</text></svg>"
                                    .getBytes(StandardCharsets.UTF_8),
                            "a.svg",
                            Notes.LEFT_OUT,
                            Progress.NONE));
                case "save" -> {
                    PlanFile.save(PlanDocument.of(SailclothYard.plan()), new byte[0], file);
                    System.out.println("read "
                            + ((PlanFile.Opened.Good) PlanFile.open(file))
                                    .document()
                                    .plan()
                                    .name());
                }
                case "text" ->
                    System.out.println("read " + honeylamp.drawing.ink.Typeface.MEDIUM.widthMm("Kitchen", 3, 0.04));
                default -> throw new IllegalArgumentException(args[0]);
            }
            System.exit(0);
        }

        private static void say(PictureImport.Result result) {
            System.out.println(
                    switch (result) {
                        case PictureImport.Result.Good good ->
                            "read " + good.picture().pyramid().width();
                        case PictureImport.Result.Pages pages ->
                            "read " + pages.pages().count();
                        case PictureImport.Result.Refused(var problem) -> problem.sentence();
                    });
        }

        private static byte[] png(int width, int height) throws IOException {
            var out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        }
    }

    @BeforeEach
    void fill() throws Exception {
        full = Files.createDirectory(folder.resolve("full"));
        var mount = new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=16k", "tmpfs", full.toString());
        try {
            if (mount.start().waitFor() == 0) {
                reason = "the disk is full";
                for (var i = 0; i < 4; i++) {
                    Files.write(full.resolve("f" + i), new byte[4096]);
                }
                return;
            }
        } catch (IOException _) {
            // no such command here
        }
        Files.delete(full);
    }

    @AfterEach
    void empty() throws Exception {
        if (Files.exists(full)) {
            new ProcessBuilder("umount", full.toString()).start().waitFor();
        }
    }

    private String said(String work) throws Exception {
        var process = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx512m",
                        "-Djava.awt.headless=true",
                        "-Djava.io.tmpdir=" + full,
                        "-cp",
                        System.getProperty("java.class.path"),
                        Work.class.getName(),
                        work,
                        folder.resolve("plan.honeylamp").toString()))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(process.waitFor()).as(work + ": " + said).isZero();
        return said;
    }

    @Test
    void aLargePictureIsASentenceWithFolderAndReason() throws Exception {
        assertThat(said("picture"))
                .startsWith(
                        "The picture cannot be unpacked: there is no room for its pixels (53 MB) in the temporary folder "
                                + full + ", " + reason)
                .endsWith("Free space there and try again.");
    }

    @Test
    void allElseWorksWithoutIt() throws Exception {
        assertThat(said("small")).isEqualTo("read 400");
        assertThat(said("drawing")).isEqualTo("read 4000");
        assertThat(said("save")).isEqualTo("read " + SailclothYard.plan().name());
        assertThat(said("text")).isEqualTo("read " + honeylamp.drawing.ink.Typeface.MEDIUM.widthMm("Kitchen", 3, 0.04));
    }
}
