package honeylamp.store;

import honeylamp.drawing.ink.Pixels;
import honeylamp.plan.SmallPicture;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Base64;

/** Makes small pictures of large ones. */
public final class SmallPictures {
    private static final float QUALITY = 0.82f;
    private static final float LOWER = 0.6f;

    private SmallPictures() {}

    /**
     * The small picture of one that was brought in, on white, nothing that a camera noted with it.
     *
     * @throws IOException if it cannot be read
     */
    public static SmallPicture of(byte[] bytes) throws IOException {
        var pixels = PagePictures.read(bytes);
        while (Math.min(pixels.width(), pixels.height()) > 2
                && Math.max(pixels.width(), pixels.height()) > 2 * SmallPicture.MOST_PX) {
            pixels = pixels.half();
        }
        var image = scaled(pixels);
        var text = jpeg(image, QUALITY);
        return new SmallPicture(
                image.getWidth(),
                image.getHeight(),
                text.length() <= SmallPicture.MOST_TEXT ? text : jpeg(image, LOWER));
    }

    private static BufferedImage scaled(Pixels pixels) {
        var scale = Math.min(1, (double) SmallPicture.MOST_PX / Math.max(pixels.width(), pixels.height()));
        var w = Math.clamp(Math.round(pixels.width() * scale), 1, SmallPicture.MOST_PX);
        var h = Math.clamp(Math.round(pixels.height() * scale), 1, SmallPicture.MOST_PX);
        var whole = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        whole.setRGB(0, 0, pixels.width(), pixels.height(), pixels.argb(), 0, pixels.width());
        var out = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        var g = out.createGraphics();
        try {
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, w, h);
            g.drawImage(whole, 0, 0, w, h, null);
        } finally {
            g.dispose();
        }
        return out;
    }

    private static String jpeg(BufferedImage image, float quality) throws IOException {
        return Base64.getEncoder().encodeToString(JpegBytes.of(image, quality));
    }
}
