package honeylamp.tracing;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** What a scanner or a telephone does to a clean drawing: blur, uneven light, noise, compression. */
public final class Spoiling {
    private final Random chance;

    public Spoiling(Random chance) {
        this.chance = chance;
    }

    private double between(double low, double high) {
        return low + chance.nextDouble() * (high - low);
    }

    /** The same picture, spoilt; the one given is drawn over. */
    public BufferedImage of(BufferedImage clean) {
        var w = clean.getWidth();
        var h = clean.getHeight();
        var light = new float[w * h];
        var raw = clean.getRGB(0, 0, w, h, null, 0, w);
        for (var i = 0; i < light.length; i++) {
            light[i] = raw[i] & 255;
        }
        blur(light, w, h, between(0.4, 1.3));
        var noise = between(1.5, 8);
        var side = between(-0.15, 0.15);
        var corner = between(0, 0.16);
        for (var y = 0; y < h; y++) {
            for (var x = 0; x < w; x++) {
                var u = 2.0 * x / w - 1;
                var v = 2.0 * y / h - 1;
                var lit = 1 + side * u - corner * (u * u + v * v) / 2;
                var value = light[y * w + x] * Math.min(1.02, lit) + chance.nextGaussian() * noise;
                var k = (int) Math.clamp(value, 0, 255);
                clean.setRGB(x, y, k << 16 | k << 8 | k);
            }
        }
        return pressed(clean, (float) between(0.5, 0.92));
    }

    private static void blur(float[] light, int w, int h, double sigma) {
        var reach = (int) Math.ceil(3 * sigma);
        var weights = new float[2 * reach + 1];
        var sum = 0f;
        for (var i = -reach; i <= reach; i++) {
            weights[i + reach] = (float) Math.exp(-i * i / (2 * sigma * sigma));
            sum += weights[i + reach];
        }
        var row = new float[Math.max(w, h)];
        for (var y = 0; y < h; y++) {
            line(light, y * w, 1, w, weights, reach, sum, row);
        }
        for (var x = 0; x < w; x++) {
            line(light, x, w, h, weights, reach, sum, row);
        }
    }

    private static void line(
            float[] light, int from, int step, int n, float[] weights, int reach, float sum, float[] row) {
        for (var i = 0; i < n; i++) {
            var value = 0f;
            for (var k = -reach; k <= reach; k++) {
                value += weights[k + reach] * light[from + step * Math.clamp(i + k, 0, n - 1)];
            }
            row[i] = value / sum;
        }
        for (var i = 0; i < n; i++) {
            light[from + step * i] = row[i];
        }
    }

    private static BufferedImage pressed(BufferedImage image, float quality) {
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        var bytes = new ByteArrayOutputStream();
        try (var out = new MemoryCacheImageOutputStream(bytes)) {
            var settings = writer.getDefaultWriteParam();
            settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            settings.setCompressionQuality(quality);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), settings);
            out.flush();
            return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
    }
}
