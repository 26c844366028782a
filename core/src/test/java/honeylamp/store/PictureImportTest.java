package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

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
import org.junit.jupiter.params.provider.ValueSource;

class PictureImportTest {
    @TempDir
    private Path folder;

    /** Left half red, right half white, 60 × 40. */
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

    private static String refused(PictureImport.Result result) {
        return ((PictureImport.Result.Refused) result).problem().sentence();
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "gif", "bmp"})
    void readsWhatPeopleHaveInHand(String format) throws IOException {
        var file = folder.resolve("scan." + format);
        Files.write(file, picture(format));
        assertThat(PictureImport.read(file)).isInstanceOfSatisfying(PictureImport.Result.Good.class, good -> {
            assertThat(good.widthPx()).isEqualTo(60);
            assertThat(good.heightPx()).isEqualTo(40);
            assertThat(good.sha256()).hasSize(64);
        });
        var pixels = PictureImport.pixels(Files.readAllBytes(file));
        assertThat(new Color(pixels.getRGB(5, 20)).getGreen()).isLessThan(60);
        assertThat(new Color(pixels.getRGB(55, 20)).getGreen()).isGreaterThan(200);
    }

    /** Exif orientation 6: the camera was turned, the picture is shown a quarter clockwise. */
    @Test
    void turnsPhotosUpright() throws IOException {
        var turned = withOrientation(picture("jpeg"), 6);
        assertThat(PictureImport.read(turned, "photo.jpg"))
                .isInstanceOfSatisfying(PictureImport.Result.Good.class, good -> {
                    assertThat(good.widthPx()).isEqualTo(40);
                    assertThat(good.heightPx()).isEqualTo(60);
                });
        var pixels = PictureImport.pixels(turned);
        assertThat(pixels.getWidth()).isEqualTo(40);
        // the red left half comes to lie on top
        assertThat(new Color(pixels.getRGB(20, 5)).getGreen()).isLessThan(60);
        assertThat(new Color(pixels.getRGB(20, 55)).getGreen()).isGreaterThan(200);
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
    void aTextFileNamedPngIsRefused() throws IOException {
        var file = Files.writeString(folder.resolve("notes.png"), "This is no picture.");
        assertThat(refused(PictureImport.read(file)))
                .contains("no picture")
                .contains("notes.png")
                .contains("Choose a PNG");
    }

    @Test
    void anEmptyAndAMissingFileAreRefused() throws IOException {
        var file = Files.createFile(folder.resolve("empty.png"));
        assertThat(refused(PictureImport.read(file))).contains("empty");
        assertThat(refused(PictureImport.read(folder.resolve("gone.png")))).contains("cannot be read");
    }

    @Test
    void aHugePictureIsRefusedUnread() throws IOException {
        var sentence = refused(PictureImport.read(pngHeader(60_000, 60_000), "wall.png"));
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
    void aPictureCutShortIsStillNamedOrRead() throws IOException {
        var whole = picture("png");
        var cut = Arrays.copyOf(whole, 12);
        assertThat(PictureImport.read(cut, "cut.png")).isInstanceOf(PictureImport.Result.Refused.class);
    }
}
