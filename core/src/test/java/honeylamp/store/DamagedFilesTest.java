package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.output.Progress;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files damaged at random, by seed: each opens rightly or is refused by a sentence, and none throws. */
class DamagedFilesTest {
    private static final int DAMAGES = 120;

    @TempDir
    private static Path folder;

    private static byte[] plan = {};

    @BeforeAll
    static void savesOnePlan() throws IOException {
        var file = folder.resolve("whole.honeylamp");
        PlanFile.save(PlanDocument.of(SailclothYard.plan()), new byte[0], file);
        plan = Files.readAllBytes(file);
    }

    /** One of: some bytes changed, the end cut off, a stretch taken out, a stretch written twice. */
    private static byte[] damaged(byte[] whole, Random random) {
        var from = random.nextInt(whole.length);
        var to = Math.min(whole.length, from + 1 + random.nextInt(200));
        return switch (random.nextInt(4)) {
            case 0 -> {
                var copy = whole.clone();
                for (var i = from; i < to; i += 1 + random.nextInt(20)) {
                    copy[i] = (byte) random.nextInt(256);
                }
                yield copy;
            }
            case 1 -> Arrays.copyOf(whole, from);
            case 2 -> joined(Arrays.copyOf(whole, from), Arrays.copyOfRange(whole, to, whole.length));
            default -> joined(Arrays.copyOf(whole, to), Arrays.copyOfRange(whole, from, whole.length));
        };
    }

    private static byte[] joined(byte[] a, byte[] b) {
        var out = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, out, a.length, b.length);
        return out;
    }

    private static void assertSaysWhatAndWhere(String sentence, Path file) {
        assertThat(sentence).contains(String.valueOf(file.getFileName())).endsWith(".");
    }

    @Test
    void aDamagedPlanIsOpenedRightlyOrRefused() throws IOException {
        var random = new Random(11);
        var refused = 0;
        for (var i = 0; i < DAMAGES; i++) {
            var file = Files.write(folder.resolve("damaged.honeylamp"), damaged(plan, random));
            switch (PlanFile.open(file)) {
                case PlanFile.Opened.Good good ->
                    assertThat(good.document().plan()).isEqualTo(SailclothYard.plan());
                case PlanFile.Opened.Refused(var problem) -> {
                    assertSaysWhatAndWhere(problem.sentence(), file);
                    refused++;
                }
            }
        }
        assertThat(refused).isGreaterThan(DAMAGES / 2);
    }

    /** Written without being packed, one digit of a length is another: still a plan, but not the one that was saved. */
    @Test
    void aLengthThatLostItsDigitsIsNotOpened() throws IOException {
        var json = PlanJson.bytes(PlanJson.write(SailclothYard.plan()));
        var sum = new java.util.zip.CRC32();
        sum.update(json);
        var file = folder.resolve("digit.honeylamp");
        try (var zip = new java.util.zip.ZipOutputStream(Files.newOutputStream(file))) {
            var entry = new java.util.zip.ZipEntry("plan.json");
            entry.setMethod(java.util.zip.ZipEntry.STORED);
            entry.setSize(json.length);
            entry.setCrc(sum.getValue());
            zip.putNextEntry(entry);
            zip.write(json);
        }
        assertThat(PlanFile.open(file)).isInstanceOf(PlanFile.Opened.Good.class);
        var bytes = Files.readAllBytes(file);
        var at = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("7000");
        bytes[at] = '1';
        Files.write(file, bytes);
        assertThat(PlanFile.open(file))
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Refused.class,
                        r -> assertThat(r.problem().sentence()).contains("not those that were written"));
    }

    /** Changed within the text itself, where no checksum tells: the plan may differ but hangs together. */
    @Test
    void aPlanWhoseTextWasChangedStillHangsTogetherOrIsRefused() throws IOException {
        var text = new String(PlanJson.bytes(PlanJson.write(SailclothYard.plan())), StandardCharsets.UTF_8);
        var random = new Random(12);
        for (var i = 0; i < DAMAGES; i++) {
            var signs = new StringBuilder(text);
            for (var k = 0; k <= random.nextInt(3); k++) {
                signs.setCharAt(random.nextInt(text.length()), "09-.\"{}[],xE ".charAt(random.nextInt(13)));
            }
            var file = folder.resolve("changed.honeylamp");
            try (var zip = new java.util.zip.ZipOutputStream(Files.newOutputStream(file))) {
                zip.putNextEntry(new java.util.zip.ZipEntry("plan.json"));
                zip.write(signs.toString().getBytes(StandardCharsets.UTF_8));
            }
            switch (PlanFile.open(file)) {
                case PlanFile.Opened.Good good ->
                    assertThat(PlanJson.read(
                                    PlanJson.bytes(
                                            PlanJson.write(good.document().plan())),
                                    "again"))
                            .isInstanceOfSatisfying(
                                    PlanJson.Read.Good.class,
                                    again -> assertThat(again.plan())
                                            .isEqualTo(good.document().plan()));
                case PlanFile.Opened.Refused(var problem) -> assertSaysWhatAndWhere(problem.sentence(), file);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "gif", "bmp"})
    void aDamagedPictureIsReadOrRefused(String format) throws Exception {
        var image = new BufferedImage(160, 90, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.ORANGE);
        g.fillOval(10, 10, 90, 60);
        g.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        var random = new Random(13);
        for (var i = 0; i < DAMAGES; i++) {
            var file = Files.write(folder.resolve("scan." + format), damaged(out.toByteArray(), random));
            switch (PictureImport.read(file, PictureImport.Notes.LEFT_OUT, Progress.NONE)) {
                case PictureImport.Result.Good good ->
                    assertThat((long) good.picture().pyramid().width()
                                    * good.picture().pyramid().height())
                            .isPositive();
                case PictureImport.Result.Pages _ -> throw new AssertionError("no page was written");
                case PictureImport.Result.Refused(var problem) -> assertSaysWhatAndWhere(problem.sentence(), file);
            }
        }
    }
}
