package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.output.Progress;
import honeylamp.underlay.TracedPicture;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PictureImportTest {
    @TempDir
    private Path folder;

    /** Left half red, right half white, 60 × 40; all but the first of its files made by other programs. */
    private static byte[] kept(String name) throws IOException {
        return Files.readAllBytes(Path.of("src/test/resources/pictures").resolve(name));
    }

    private static byte[] picture(String format) throws IOException {
        var image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 60, 40);
        g.setColor(Color.RED);
        g.fillRect(0, 0, 30, 40);
        g.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static PictureImport.Result read(byte[] bytes, String name) throws Progress.Cancelled {
        return PictureImport.read(bytes, name, PictureImport.Notes.LEFT_OUT, Progress.NONE);
    }

    private static PictureImport.Result.Good good(PictureImport.Result result) {
        assertThat(result).isInstanceOf(PictureImport.Result.Good.class);
        return (PictureImport.Result.Good) result;
    }

    private static String refused(PictureImport.Result result) {
        assertThat(result).isInstanceOf(PictureImport.Result.Refused.class);
        return ((PictureImport.Result.Refused) result).problem().sentence();
    }

    private static int green(TracedPicture picture, double shareX, double shareY) {
        var level = picture.pyramid().levels().getFirst();
        return level.pixels().get((int) (shareY * level.height()) * level.width() + (int) (shareX * level.width())) >> 8
                & 255;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "scan.png",
                "scan-16bit.png",
                "scan-alpha.png",
                "scan.jpg",
                "scan-cmyk.jpg",
                "scan.gif",
                "scan.bmp",
                "scan-lzw.tif",
                "scan-fax.tif",
                "scan-lossy.webp",
                "scan-lossless.webp"
            })
    void readsWhatPeopleHaveInHand(String name) throws Exception {
        var file = Files.write(folder.resolve(name), kept(name));
        var good = good(PictureImport.read(file, PictureImport.Notes.LEFT_OUT, Progress.NONE));
        assertThat(good.picture().pyramid().width()).isEqualTo(60);
        assertThat(good.picture().pyramid().height()).isEqualTo(40);
        assertThat(good.sha256()).hasSize(64);
        if (!name.contains("alpha")) {
            assertThat(green(good.picture(), 0.2, 0.5)).isLessThan(90);
        }
        assertThat(green(good.picture(), 0.9, 0.5)).isGreaterThan(200);
        assertThat(PictureImport.pixels(good.bytes(), Progress.NONE).pyramid().width())
                .isEqualTo(60);
    }

    @Test
    void anSvgDrawingComesInAsPixelsOnWhite() throws Exception {
        var good = good(read(kept("drawing.svg"), "drawing.svg"));
        assertThat(good.picture().pyramid().width()).isEqualTo(4000);
        assertThat(good.picture().pyramid().height()).isBetween(2827, 2829); // 4000 · 210 / 297 = 2828.3
        assertThat(green(good.picture(), 0.2, 0.5)).isBetween(0x1f, 0x21);
        assertThat(green(good.picture(), 0.9, 0.9)).isEqualTo(255);
    }

    @Test
    void anSvgThatPointsOutsideItselfIsNotFollowed() throws Exception {
        var secret = Files.write(folder.resolve("secret.png"), picture("png"));
        var pointing = """
                <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="100" height="100">
                <image xlink:href="%s" width="100" height="100"/><use xlink:href="%s#a"/></svg>
                """.formatted(secret.toUri(), secret.toUri());
        var good = good(read(pointing.getBytes(StandardCharsets.UTF_8), "pointing.svg"));
        assertThat(green(good.picture(), 0.2, 0.5)).isEqualTo(255); // nothing of the red picture
        var text = Files.writeString(folder.resolve("secret.txt"), "RED");
        var entity = """
                <!DOCTYPE svg [<!ENTITY x SYSTEM "%s">]>
                <svg xmlns="http://www.w3.org/2000/svg" width="100" height="100"><text y="50">&x;</text></svg>
                """.formatted(text.toUri());
        assertThat(read(entity.getBytes(StandardCharsets.UTF_8), "entity.svg"))
                .satisfiesAnyOf(
                        r -> assertThat(refused(r)).contains("entities"),
                        r -> assertThat(green(good(r).picture(), 0.05, 0.45)).isEqualTo(255));
    }

    @Test
    void anSvgThatMultipliesItselfIsRefusedOrDrawnInTime() throws Exception {
        var bomb = new StringBuilder("<!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaa\">");
        for (var c = 'b'; c < 'k'; c++) {
            bomb.append("<!ENTITY ").append(c).append(" \"");
            bomb.append(("&" + (char) (c - 1) + ";").repeat(10)).append("\">");
        }
        bomb.append("]><svg xmlns=\"http://www.w3.org/2000/svg\" width=\"9\" height=\"9\"><text>&j;</text></svg>");
        assertThat(read(bomb.toString().getBytes(StandardCharsets.UTF_8), "bomb.svg"))
                .isNotInstanceOf(PictureImport.Result.Pages.class);
        assertThat(refused(read(
                        "<svg xmlns=\"http://www.w3.org/2000/svg\"><g>".getBytes(StandardCharsets.UTF_8), "cut.svg")))
                .contains("cut.svg")
                .contains("damaged");
    }

    @Test
    void aPdfShowsItsPagesAndComesInAtItsTrueSize() throws Exception {
        var two = (PictureImport.Result.Pages) read(kept("two-pages.pdf"), "two-pages.pdf");
        assertThat(two.pages().count()).isEqualTo(2);
        var one = ((PictureImport.Result.Pages) read(kept("page.pdf"), "plan.pdf")).pages();
        var thumbnail = one.thumbnail(0, 200);
        assertThat(thumbnail.getWidth()).isEqualTo(200);
        assertThat(new Color(thumbnail.getRGB(20, 70)).getGreen()).isLessThan(90);
        var facts = one.facts(0);
        assertThat(facts.widthMm()).isCloseTo(297, within(0.2));
        assertThat(facts.heightMm()).isCloseTo(210, within(0.2));
        assertThat(facts.statedScale()).hasValue(50);
        var page = one.page(0, Progress.NONE);
        // 297 mm of paper at 1:50 are 14.85 m, whatever the resolution
        assertThat(page.picture().pyramid().width() * page.paperMmPerPixel() * 50)
                .isCloseTo(14_850, within(15.0));
    }

    @Test
    void aLockedPdfIsRefusedWithAWayOut() throws Exception {
        assertThat(refused(read(kept("locked.pdf"), "locked.pdf")))
                .contains("password")
                .contains("save it without");
        assertThat(refused(read(Arrays.copyOf(kept("page.pdf"), 300), "cut.pdf")))
                .contains("cut.pdf");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "scan.png",
                "scan.jpg",
                "scan.gif",
                "scan.bmp",
                "scan-lzw.tif",
                "scan-lossy.webp",
                "scan-lossless.webp"
            })
    void aFileCutInHalfIsRefused(String name) throws Exception {
        var whole = kept(name);
        var sentence = refused(read(Arrays.copyOf(whole, whole.length * 6 / 10), name));
        assertThat(sentence).contains(name);
    }

    @Test
    void aWrongNameDoesNotMatter() throws Exception {
        assertThat(good(read(kept("scan.jpg"), "scan.png")).picture().pyramid().width())
                .isEqualTo(60);
    }

    /** Exif orientation k: where the red left half of the stored picture comes to lie, by the standard's table. */
    @ParameterizedTest
    @CsvSource({"1,left", "2,right", "3,right", "4,left", "5,top", "6,top", "7,bottom", "8,bottom"})
    void turnsPhotosUpright(int orientation, String side) throws Exception {
        var picture = good(read(withOrientation(picture("jpeg"), orientation), "photo.jpg"))
                .picture();
        assertThat(picture.pyramid().width()).isEqualTo(orientation >= 5 ? 40 : 60);
        if (orientation >= 5) {
            assertThat(green(picture, 0.9, 0.1) < 90).isEqualTo(side.equals("top"));
            assertThat(green(picture, 0.1, 0.9) < 90).isEqualTo(side.equals("bottom"));
        } else {
            assertThat(green(picture, 0.1, 0.5) < 90).isEqualTo(side.equals("left"));
            assertThat(green(picture, 0.9, 0.5) < 90).isEqualTo(side.equals("right"));
        }
    }

    @Test
    void readingCanBeEnded() {
        Progress ended = _ -> {
            throw new Progress.Cancelled();
        };
        assertThatThrownBy(() -> PictureImport.read(kept("scan.png"), "scan.png", PictureImport.Notes.LEFT_OUT, ended))
                .isInstanceOf(Progress.Cancelled.class);
    }

    /** A JPEG with an APP1 segment that holds nothing but the orientation tag (Exif 2.3). */
    private static byte[] withOrientation(byte[] jpeg, int orientation) throws IOException {
        var tiff = new ByteArrayOutputStream();
        var t = new DataOutputStream(tiff);
        t.writeBytes("Exif\0\0MM\0*");
        t.writeInt(8); // the first directory begins here
        t.writeShort(1);
        t.writeShort(274);
        t.writeShort(3);
        t.writeInt(1);
        t.writeShort(orientation);
        t.writeShort(0);
        t.writeInt(0);
        var out = new ByteArrayOutputStream();
        var o = new DataOutputStream(out);
        o.write(jpeg, 0, 2);
        o.writeShort(0xFFE1);
        o.writeShort(tiff.size() + 2);
        o.write(tiff.toByteArray());
        o.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @Test
    void aTextFileNamedPngIsRefused() throws Exception {
        var file = Files.writeString(folder.resolve("notes.png"), "This is no picture.");
        assertThat(refused(PictureImport.read(file, PictureImport.Notes.LEFT_OUT, Progress.NONE)))
                .contains("no picture")
                .contains("notes.png")
                .contains("Choose a PNG");
    }

    @Test
    void anEmptyAndAMissingFileAreRefused() throws Exception {
        var file = Files.createFile(folder.resolve("empty.png"));
        assertThat(refused(PictureImport.read(file, PictureImport.Notes.LEFT_OUT, Progress.NONE)))
                .contains("empty");
        assertThat(refused(PictureImport.read(folder.resolve("gone.png"), PictureImport.Notes.LEFT_OUT, Progress.NONE)))
                .contains("cannot be read");
    }

    @Test
    void aHugePictureIsRefusedUnread() throws Exception {
        var sentence = refused(read(pngHeader(60_000, 60_000), "wall.png"));
        assertThat(sentence)
                .contains("60000 × 60000 px")
                .contains("3600 megapixels")
                .contains("lower resolution");
    }

    /** A PNG that claims a size but holds no pixels. */
    private static byte[] pngHeader(int width, int height) throws IOException {
        var out = new ByteArrayOutputStream();
        var o = new DataOutputStream(out);
        o.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        chunk(o, "IHDR", new byte[] {
            (byte) (width >> 24),
            (byte) (width >> 16),
            (byte) (width >> 8),
            (byte) width,
            (byte) (height >> 24),
            (byte) (height >> 16),
            (byte) (height >> 8),
            (byte) height,
            8,
            2,
            0,
            0,
            0
        });
        chunk(o, "IDAT", new byte[0]);
        chunk(o, "IEND", new byte[0]);
        return out.toByteArray();
    }

    private static void chunk(DataOutputStream o, String type, byte[] data) throws IOException {
        var name = type.getBytes(StandardCharsets.US_ASCII);
        var crc = new CRC32();
        crc.update(name);
        crc.update(data);
        o.writeInt(data.length);
        o.write(name);
        o.write(data);
        o.writeInt((int) crc.getValue());
    }

    @Test
    void aPictureCutShortIsStillNamedOrRead() throws Exception {
        var whole = picture("png");
        var cut = Arrays.copyOf(whole, 12);
        assertThat(read(cut, "cut.png")).isInstanceOf(PictureImport.Result.Refused.class);
    }
}
