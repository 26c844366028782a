package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.Searches;
import honeylamp.demo.place.SailclothYard;
import honeylamp.output.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What comes from outside, broken or hostile: mended with a report or refused in a sentence, within 5 s, and nothing
 * thrown. {@code -Dhoneylamp.damages=10000} damages so many inputs of each kind; the figures are printed.
 */
class HostileInputTest {
    private static final int DAMAGES = Integer.getInteger("honeylamp.damages", Searches.cases(40, 100));
    private static final long LONGEST_MS = 5000;

    @TempDir
    private Path folder;

    private static byte[] damaged(byte[] whole, Random random) {
        var out = whole.clone();
        for (var k = random.nextInt(3); k >= 0; k--) {
            if (out.length < 4) {
                return out;
            }
            var from = random.nextInt(out.length);
            var to = Math.min(out.length, from + 1 + random.nextInt(64));
            switch (random.nextInt(7)) {
                case 0 -> out[from] ^= (byte) (1 << random.nextInt(8));
                case 1 -> Arrays.fill(out, from, to, (byte) random.nextInt(256));
                case 2 -> out = Arrays.copyOf(out, from);
                case 3 -> out = joined(Arrays.copyOf(out, from), Arrays.copyOfRange(out, to, out.length));
                case 4 -> out = joined(Arrays.copyOf(out, to), Arrays.copyOfRange(out, from, out.length));
                case 5 -> Arrays.fill(out, from, Math.min(out.length, from + 4), (byte) 0xFF);
                default -> {
                    var word = any(
                                    random,
                                    "null",
                                    "-1",
                                    "1e309",
                                    "999999999999",
                                    "\"\"",
                                    "[]",
                                    "{}",
                                    "NaN",
                                    "<!DOCTYPE")
                            .getBytes(StandardCharsets.UTF_8);
                    out = joined(joined(Arrays.copyOf(out, from), word), Arrays.copyOfRange(out, to, out.length));
                }
            }
        }
        return out;
    }

    private static String any(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    private static byte[] joined(byte[] a, byte[] b) {
        var out = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, out, a.length, b.length);
        return out;
    }

    @ParameterizedTest
    @EnumSource
    void damagedInputIsReadOrRefused(HostileReader reader) throws Exception {
        var whole = reader.whole();
        var file = folder.resolve("in" + reader.ending());
        Files.write(file, whole);
        assertThat(reader.read(file)).startsWith("read");
        var read = 0;
        var slowest = 0L;
        for (var seed = 0; seed < DAMAGES; seed++) {
            Files.write(file, damaged(whole, new Random(seed)));
            var begun = System.nanoTime();
            try {
                read += reader.read(file).startsWith("read") ? 1 : 0;
            } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                throw new AssertionError(reader + " throws at seed " + seed, e);
            }
            var ms = (System.nanoTime() - begun) / 1_000_000;
            slowest = Math.max(slowest, ms);
            assertThat(ms).as(reader + " at seed " + seed).isLessThan(LONGEST_MS);
        }
        System.out.printf("%s: %d damaged, %d read all the same, slowest %d ms%n", reader, DAMAGES, read, slowest);
    }

    private String opened(Function<String, String> change) throws IOException {
        var text = new String(PlanJson.bytes(PlanJson.write(SailclothYard.plan())), StandardCharsets.UTF_8);
        var changed = change.apply(text);
        assertThat(changed).isNotEqualTo(text);
        var file = Files.writeString(folder.resolve("changed.json"), changed);
        return HostileReader.planText(file);
    }

    @Test
    void aNextNumberThatIsTooLowIsMendedAndTold() throws IOException {
        var text = new String(PlanJson.bytes(PlanJson.write(SailclothYard.plan())), StandardCharsets.UTF_8)
                .replaceFirst("\"nextNumber\" : \\d+", "\"nextNumber\" : 3");
        var read = (PlanJson.Read.Good) PlanJson.read(text.getBytes(StandardCharsets.UTF_8), "x");
        assertThat(read.plan()).isEqualTo(SailclothYard.plan());
        assertThat(read.mended()).singleElement().asString().contains("next number");
    }

    @Test
    void doubleHugeAndDanglingIdsAndFarPlacesAreSentences() throws IOException {
        var plan = SailclothYard.plan().storeys().getFirst();
        var one = plan.furnishings().get(0).id().text();
        var other = plan.furnishings().get(1).id().text();
        var wall = plan.walls().getFirst().id().text();
        assertThat(opened(t -> t.replace("\"" + other + "\"", "\"" + one + "\"")))
                .contains("two elements have the number");
        assertThat(opened(t -> t.replace("\"" + one + "\"", "\"f123456789\""))).contains("larger than any");
        assertThat(opened(t ->
                        t.replaceFirst("\"host\" : \"" + wall + "\"|\"host\" : \"w\\d+\"", "\"host\" : \"w9999\"")))
                .contains("hangs in no wall");
        assertThat(opened(t -> t.replaceFirst("\"at\" : \\[[^\\]]*\\]", "\"at\" : [ 9.2e12, 0 ]")))
                .contains("farther than any site");
        for (var part : new String[] {"name", "walls", "levels", "units", "sheet", "at", "from"}) {
            assertThat(opened(t -> t.replaceFirst(
                            "(?s)\"" + part + "\" : (\\[[^\\]]*\\]|\\{[^}]*\\}|\"[^\"]*\")",
                            "\"" + part + "\" : null")))
                    .as(part)
                    .doesNotStartWith("read");
        }
        assertThat(opened(t -> t.replaceFirst("\"walls\" : \\[", "\"walls\" : [ null,")))
                .doesNotStartWith("read");
    }

    @Test
    void aPictureThatIsNotWhatItsNameSaysIsLeftOut() throws IOException {
        var file = folder.resolve("swapped.honeylamp");
        var bytes = new byte[] {1, 2, 3};
        var document = PlanDocument.of(SailclothYard.plan()).withAsset(PictureImport.sha256(bytes), new byte[] {9, 9});
        PlanFile.save(document, new byte[0], file);
        assertThat(PlanFile.open(file)).isInstanceOfSatisfying(PlanFile.Opened.Good.class, g -> {
            assertThat(g.document().assets()).isEmpty();
            assertThat(g.mended()).singleElement().asString().contains("damaged picture");
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {",", ",,", ";"})
    void aSurveyFromASpreadsheetMayHaveACommaTooMany(String more) throws Exception {
        var file = Files.writeString(
                folder.resolve("s.csv"),
                more.equals(";")
                        ? HostileReader.SURVEY_TEXT.replace(",", ";").replace("\n", ";\n")
                        : HostileReader.SURVEY_TEXT.replace("\n", more + "\n"));
        assertThat(HostileReader.survey(file)).isEqualTo("read Shed");
    }

    /** The head of a PNG, and nothing else. */
    private static byte[] pngHead(int width, int height) {
        var png = ByteBuffer.allocate(33);
        png.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        png.putInt(13)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(width)
                .putInt(height);
        png.put(new byte[] {8, 2, 0, 0, 0});
        var crc = new CRC32();
        crc.update(png.array(), 12, 17);
        png.putInt((int) crc.getValue());
        return png.array();
    }

    /** Some bytes that say they are 132 megapixels: nothing is set aside for them. */
    @Test
    void aSmallFileThatClaimsAHugePictureIsRefused() throws Exception {
        var file = Files.write(folder.resolve("claims.png"), pngHead(11_500, 11_500));
        assertThat(HostileReader.picture(file)).contains("holds only 33 bytes");
        var bytes = ByteBuffer.allocate(438).order(ByteOrder.LITTLE_ENDIAN);
        bytes.put((byte) 'B').put((byte) 'M').putInt(438).putInt(0).putInt(54);
        bytes.putInt(40)
                .putInt(11_500)
                .putInt(11_500)
                .putShort((short) 1)
                .putShort((short) 24)
                .putInt(0);
        assertThat(HostileReader.picture(Files.write(folder.resolve("claims.bmp"), bytes.array())))
                .doesNotStartWith("read");
    }

    @Test
    void aTiffOfNegativeWidthIsRefused() throws Exception {
        var whole = ByteBuffer.wrap(HostileReader.image("tiff"));
        whole.order(whole.get(0) == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        var table = whole.getInt(4);
        for (var i = 0; i < whole.getShort(table); i++) {
            var entry = table + 2 + 12 * i;
            if (whole.getShort(entry) == 256) { // ImageWidth, as a long of -120
                whole.putShort(entry + 2, (short) 4);
                whole.putInt(entry + 8, -120);
            }
        }
        var file = Files.write(folder.resolve("negative.tif"), whole.array());
        assertThat(HostileReader.picture(file)).doesNotStartWith("read");
    }

    /** A PNG head of 30,000 by 30,000 px within a drawing. */
    @Test
    void aHugePictureWithinADrawingIsRefused() throws Exception {
        var svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" width=\"10\""
                + " height=\"10\"><image width=\"10\" height=\"10\" xlink:href=\"data:image/png;base64,"
                + Base64.getEncoder().encodeToString(pngHead(30_000, 30_000)) + "\"/></svg>";
        assertThat(HostileReader.picture(Files.writeString(folder.resolve("bomb.svg"), svg)))
                .contains("megapixels");
    }

    @Test
    void pagesThatAreNoPaperAreSentences() throws Exception {
        for (var box : Stream.of(new PDRectangle(0, 0), new PDRectangle(1e9f, 1e9f), new PDRectangle(1e9f, 1))
                .toList()) {
            var file = Files.write(folder.resolve("odd.pdf"), HostileReader.pdf(box));
            var pages = ((PictureImport.Result.Pages)
                            PictureImport.read(file, PictureImport.Notes.LEFT_OUT, Progress.NONE))
                    .pages();
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> pages.page(0, Progress.NONE))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("no paper");
        }
        // a count beyond the tree
        var text = new String(HostileReader.pdf(new PDRectangle(200, 200)), StandardCharsets.ISO_8859_1)
                .replace("/Count 2", "/Count 9");
        var file = Files.write(folder.resolve("count.pdf"), text.getBytes(StandardCharsets.ISO_8859_1));
        assertThat(HostileReader.picture(file)).doesNotStartWith("read 9");
    }
}
