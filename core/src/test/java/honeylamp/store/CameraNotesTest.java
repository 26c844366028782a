package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.output.Progress;
import honeylamp.store.PictureImport.Notes;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a camera noted is not in a plan file unless that is wanted; the picture is the same. */
class CameraNotesTest {
    @TempDir
    private Path folder;

    /** A PNG with words and a time in it, and a WebP with Exif and XMP: gone, with the pixels and the up side kept. */
    @Test
    void wordsInPngAndWebpAreLeftOut() throws Exception {
        var whole = HostileReader.image("png");
        var words = "Place\0SECRET".getBytes(StandardCharsets.ISO_8859_1);
        var sum = new CRC32();
        sum.update("tEXt".getBytes(StandardCharsets.ISO_8859_1));
        sum.update(words);
        var afterHead = 8 + 12 + 13; // signature, frame of a chunk, IHDR
        var noted = ByteBuffer.allocate(whole.length + 12 + words.length)
                .put(whole, 0, afterHead)
                .putInt(words.length)
                .put("tEXt".getBytes(StandardCharsets.ISO_8859_1))
                .put(words)
                .putInt((int) sum.getValue())
                .put(whole, afterHead, whole.length - afterHead)
                .array();
        assertThat(CameraNotes.without(noted, 1)).isEqualTo(CameraNotes.without(whole, 1));
        assertThat(new String(CameraNotes.without(noted, 1), StandardCharsets.ISO_8859_1))
                .doesNotContain("SECRET");
        assertThat(PicturePixels.orientation(CameraNotes.without(noted, 6))).isEqualTo(6);
        assertThat(PictureImport.read(CameraNotes.without(noted, 6), "up.png", Notes.LEFT_OUT, Progress.NONE))
                .isInstanceOf(PictureImport.Result.Good.class);

        // VP8X with both flags, a picture chunk of one odd byte, Exif and XMP
        var webp = ByteBuffer.allocate(12 + 18 + 10 + 14 + 14).order(ByteOrder.LITTLE_ENDIAN);
        webp.put(ascii("RIFF")).putInt(webp.capacity() - 8).put(ascii("WEBP"));
        webp.put(ascii("VP8X")).putInt(10).put((byte) 0x0C).put(new byte[9]);
        webp.put(ascii("VP8 ")).putInt(1).put((byte) 7).put((byte) 0);
        webp.put(ascii("EXIF")).putInt(6).put(ascii("SECRET"));
        webp.put(ascii("XMP ")).putInt(6).put(ascii("SECRET"));
        var plain = CameraNotes.without(webp.array(), 1);
        assertThat(plain).hasSize(12 + 18 + 10);
        assertThat(ByteBuffer.wrap(plain).order(ByteOrder.LITTLE_ENDIAN).getInt(4))
                .isEqualTo(plain.length - 8);
        assertThat(plain[20]).isZero();
        assertThat(PicturePixels.orientation(CameraNotes.without(webp.array(), 8)))
                .isEqualTo(8);
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    /** A JPEG with a place and a maker noted: neither is in what a plan keeps, which side is up is. */
    @Test
    void whatACameraNotedIsLeftOut() throws Exception {
        var whole = HostileReader.image("jpeg");
        var secret = "Exif\0\0GPS 51.1234 SECRET MAKER".getBytes(StandardCharsets.ISO_8859_1);
        var noted = ByteBuffer.allocate(whole.length + 4 + secret.length)
                .put(whole, 0, 2)
                .put((byte) 0xFF)
                .put((byte) 0xE1)
                .putShort((short) (secret.length + 2))
                .put(secret)
                .put(whole, 2, whole.length - 2)
                .array();
        assertThat(new String(CameraNotes.without(noted, 6), StandardCharsets.ISO_8859_1))
                .doesNotContain("SECRET");
        assertThat(PicturePixels.orientation(CameraNotes.without(noted, 6))).isEqualTo(6);
        assertThat(CameraNotes.without(noted, 1)).isEqualTo(whole);
        var good = (PictureImport.Result.Good)
                PictureImport.read(Files.write(folder.resolve("photo.jpg"), noted), Notes.LEFT_OUT, Progress.NONE);
        assertThat(new String(good.bytes(), StandardCharsets.ISO_8859_1)).doesNotContain("SECRET");
        assertThat(good.sha256()).isEqualTo(PictureImport.sha256(good.bytes()));
    }

    /** Two pixels, black and white, with a maker, a time, a table of the camera and one of the place. */
    private static byte[] notedTiff(ByteOrder order) {
        var tiff = ByteBuffer.allocate(400).order(order);
        tiff.put(ascii(order == ByteOrder.LITTLE_ENDIAN ? "II" : "MM"))
                .putShort((short) 42)
                .putInt(16);
        tiff.putShort(8, (short) 0);
        tiff.position(12).put((byte) 0).put((byte) 0xFF); // the pixels
        tiff.position(16);
        tiff.putShort((short) 12);
        entry(tiff, 256, 3, 1, 2); // width
        entry(tiff, 257, 3, 1, 1); // height
        entry(tiff, 258, 3, 1, 8); // bits
        entry(tiff, 259, 3, 1, 1); // not packed
        entry(tiff, 262, 3, 1, 1); // black is 0
        entry(tiff, 271, 2, 13, 300); // maker
        entry(tiff, 273, 4, 1, 12); // where the pixels are
        entry(tiff, 274, 3, 1, 3); // half a turn
        entry(tiff, 278, 3, 1, 1); // rows
        entry(tiff, 279, 4, 1, 2); // bytes
        entry(tiff, 34665, 4, 1, 200); // camera
        entry(tiff, 34853, 4, 1, 240); // place
        tiff.putInt(0);
        tiff.position(200).putShort((short) 1);
        entry(tiff, 37510, 7, 14, 320); // comment
        tiff.position(240).putShort((short) 1);
        entry(tiff, 29, 2, 11, 340); // date of the place
        tiff.position(300).put(ascii("SECRET MAKER"));
        tiff.position(320).put(ascii("SECRET COMMENT"));
        tiff.position(340).put(ascii("SECRET DAY"));
        return tiff.array();
    }

    private static void entry(ByteBuffer tiff, int tag, int type, int count, int value) {
        tiff.putShort((short) tag).putShort((short) type).putInt(count);
        if (type == 3) {
            tiff.putShort((short) value).putShort((short) 0);
        } else {
            tiff.putInt(value);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"II", "MM"})
    void whatATiffNotesIsWiped(String order) throws Exception {
        var noted = notedTiff(order.equals("II") ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        var plain = CameraNotes.without(noted, 3);
        assertThat(new String(noted, StandardCharsets.ISO_8859_1)).contains("SECRET");
        assertThat(new String(plain, StandardCharsets.ISO_8859_1)).doesNotContain("SECRET", "MAKER", "DAY");
        assertThat(plain).hasSameSizeAs(noted);
        var before = ImageIO.read(new ByteArrayInputStream(noted));
        var after = ImageIO.read(new ByteArrayInputStream(plain));
        assertThat(after.getRGB(0, 0)).isEqualTo(before.getRGB(0, 0)).isEqualTo(0xFF000000);
        assertThat(after.getRGB(1, 0)).isEqualTo(before.getRGB(1, 0)).isEqualTo(0xFFFFFFFF);
        assertThat(PicturePixels.orientation(plain)).isEqualTo(3);
    }

    @Test
    void aTiffWhoseTablesGoRoundIsTakenApartOnce() {
        var round = notedTiff(ByteOrder.LITTLE_ENDIAN);
        ByteBuffer.wrap(round)
                .order(ByteOrder.LITTLE_ENDIAN)
                .putInt(16 + 2 + 12 * 12, 16); // the next table is this one
        assertThat(new String(CameraNotes.without(round, 1), StandardCharsets.ISO_8859_1))
                .doesNotContain("SECRET");
    }

    @Test
    void notesAreKeptWhenThatIsWanted() throws Exception {
        var noted = notedTiff(ByteOrder.LITTLE_ENDIAN);
        var file = Files.write(folder.resolve("photo.tif"), noted);
        var kept = (PictureImport.Result.Good) PictureImport.read(file, Notes.KEPT, Progress.NONE);
        assertThat(kept.bytes()).isEqualTo(noted);
        var left = (PictureImport.Result.Good) PictureImport.read(file, Notes.LEFT_OUT, Progress.NONE);
        assertThat(left.bytes()).isNotEqualTo(noted).hasSameSizeAs(noted);
        assertThat(left.picture().pyramid().width()).isEqualTo(2);
    }
}
