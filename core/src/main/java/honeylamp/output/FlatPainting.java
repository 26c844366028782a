package honeylamp.output;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.raised.BodyColours;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * Paints what covers facets, flat, each over the box around it.
 *
 * @param finestMm no pixel is smaller, in mm
 * @param mostPx no picture has a longer side
 * @param leastMm2 smaller facets have no picture
 */
public record FlatPainting(BodyColours colours, double finestMm, int mostPx, double leastMm2) {
    /** The picture of what covers a facet, row by row from the top of its box; empty if it is plain or small. */
    public Optional<BufferedImage> of(Body body, Facet facet) {
        if (facet.outline().area() < leastMm2) {
            return Optional.empty();
        }
        return colours.covering(body, facet).map(drawing -> {
            var box = facet.outline().bounds();
            var perMm = Math.min(1 / finestMm, mostPx / Math.max(box.width(), box.height()));
            var image =
                    new BufferedImage(px(box.width() * perMm), px(box.height() * perMm), BufferedImage.TYPE_INT_RGB);
            var toPixels = BodyColours.FLAT
                    .toPaper()
                    .inverse()
                    .then(Affine.move(-box.minX(), -box.maxY()))
                    .then(Affine.scale(image.getWidth() / box.width(), -image.getHeight() / box.height()));
            RasterPainter.paint(drawing, image, toPixels);
            return image;
        });
    }

    private int px(double size) {
        return Math.clamp(Math.round(size), 1, mostPx);
    }
}
