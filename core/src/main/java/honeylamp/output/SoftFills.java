package honeylamp.output;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;

/**
 * Fills of one colour laid over each other within a clip, as soft shadows are. What they let through together is
 * gathered in a grey mask and the colour is laid on once: the same picture as filling one by one, without the
 * slow path the toolkit takes for every fill under a curved clip, and with a smooth edge at the clip.
 */
record SoftFills(Figure clip, List<Mark.Fill> fills) {
    /** The fills of a clip, if it holds nothing else and they are all of one colour. */
    static Optional<SoftFills> of(Mark.Clip clip) {
        var fills = clip.inside().stream()
                .flatMap(m -> m instanceof Mark.Fill f ? java.util.stream.Stream.of(f) : null)
                .toList();
        var alike = fills.size() > 1
                && fills.size() == clip.inside().size()
                && fills.stream()
                        .allMatch(f -> f.ink().rgb() == fills.getFirst().ink().rgb());
        return alike ? Optional.of(new SoftFills(clip.path(), fills)) : Optional.empty();
    }

    /** Paints them into an image of whole-int pixels. */
    void paint(BufferedImage image, Affine toPixels) {
        var seen = BoundedDrawing.part(image, toPixels);
        var shape = RasterPainter.transform(toPixels).createTransformedShape(AwtShapes.shape(clip));
        var box = shape.getBounds();
        box.grow(1, 1);
        box = box.intersection(new Rectangle(image.getWidth(), image.getHeight()));
        if (box.isEmpty()) {
            return;
        }
        var passes = mask(box, toPixels, Color.WHITE);
        for (var fill : fills) {
            passes.fill(fill.path().within(seen), new Color(0, 0, 0, (int)
                    Math.round(fill.ink().opacity() * 255)));
        }
        var covered = mask(box, toPixels, Color.BLACK);
        covered.fill(clip, Color.WHITE);
        lay(image, box, passes.levels(), covered.levels());
    }

    private record Mask(BufferedImage image, Graphics2D g) {
        void fill(Figure path, Color colour) {
            g.setColor(colour);
            g.fill(AwtShapes.shape(path));
        }

        byte[] levels() {
            g.dispose();
            return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        }
    }

    private static Mask mask(Rectangle box, Affine toPixels, Color ground) {
        var image = new BufferedImage(box.width, box.height, BufferedImage.TYPE_BYTE_GRAY);
        var g = image.createGraphics();
        g.setColor(ground);
        g.fillRect(0, 0, box.width, box.height);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.translate(-box.x, -box.y);
        g.transform(RasterPainter.transform(toPixels));
        return new Mask(image, g);
    }

    private void lay(BufferedImage image, Rectangle box, byte[] passes, byte[] covered) {
        var pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        var rgb = fills.getFirst().ink().rgb();
        var red = rgb >> 16 & 0xff;
        var green = rgb >> 8 & 0xff;
        var blue = rgb & 0xff;
        for (var y = 0; y < box.height; y++) {
            var to = (box.y + y) * image.getWidth() + box.x;
            var from = y * box.width;
            for (var x = 0; x < box.width; x++) {
                var share = (255 - (passes[from + x] & 0xff)) * (covered[from + x] & 0xff); // of 255 × 255
                if (share > 0) {
                    pixels[to + x] = mixed(pixels[to + x], red, green, blue, share);
                }
            }
        }
    }

    private static int mixed(int under, int red, int green, int blue, int share) {
        var rest = 65_025 - share;
        var r = ((under >> 16 & 0xff) * rest + red * share + 32_512) / 65_025;
        var g = ((under >> 8 & 0xff) * rest + green * share + 32_512) / 65_025;
        var b = ((under & 0xff) * rest + blue * share + 32_512) / 65_025;
        var a = ((under >>> 24) * rest + 255 * share + 32_512) / 65_025;
        return a << 24 | r << 16 | g << 8 | b;
    }
}
