package honeylamp.output;

import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.output.Export.Backing;
import honeylamp.output.Export.Png;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Length;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.imageio.metadata.IIOMetadataNode;

/** Writes a page as PNG at a resolution in dots per inch, which the file states. */
final class PngOutput {

    /** The most pixels a page may have: A3 at 600 dpi and a little. */
    static final long MOST_PIXELS = 80_000_000;

    private PngOutput() {}

    /**
     * The page as pixels.
     *
     * @throws IllegalArgumentException if it would have more than 80 million pixels, or none
     */
    public static BufferedImage image(ComposedPage page, Png png) {
        var dpi = png.dpi();
        var perMm = dpi / Length.MM_PER_INCH;
        var width = Math.round(page.widthMm() * perMm);
        var height = Math.round(page.heightMm() * perMm);
        if (width * height > MOST_PIXELS) {
            throw new IllegalArgumentException(tooMany(page, dpi));
        }
        if (!(dpi > 0) || width < 1 || height < 1) {
            throw new IllegalArgumentException("a page of " + page.widthMm() + " x " + page.heightMm() + " mm at " + dpi
                    + " dpi has no sensible number of pixels; choose from 30 to 600 dpi");
        }
        if (png.backing() == Backing.CLEAR) {
            var clear = new BufferedImage((int) width, (int) height, BufferedImage.TYPE_INT_ARGB_PRE);
            RasterPainter.paint(page.drawing().only(k -> k != LayerKind.PAPER), clear, Affine.scale(perMm, perMm));
            return clear;
        }
        var image = new BufferedImage((int) width, (int) height, BufferedImage.TYPE_INT_RGB);
        papered(page, image);
        RasterPainter.paint(page.drawing(), image, Affine.scale(perMm, perMm));
        return image;
    }

    private static String tooMany(ComposedPage page, double dpi) {
        var squareInches = page.widthMm() * page.heightMm() / Length.MM_PER_INCH / Length.MM_PER_INCH;
        var most = Math.floor(Math.sqrt(MOST_PIXELS / squareInches));
        var longest = Math.max(page.widthMm(), page.heightMm()) / Length.MM_PER_INCH;
        return "a page of " + Math.round(page.widthMm()) + " x " + Math.round(page.heightMm()) + " mm at "
                + Math.round(dpi) + " dpi has more than " + MOST_PIXELS / 1_000_000
                + " million pixels; choose at most " + Math.round(most) + " dpi, or "
                + Math.round(Math.floor(most * longest)) + " pixels along its longest side";
    }

    /** Files hold colours that are not weighed by what they cover. */
    static BufferedImage unweighed(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_INT_RGB) {
            return image;
        }
        var out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        image.coerceData(false);
        out.setData(image.getRaster());
        return out;
    }

    /** The paper's colour everywhere, so that a last row of pixels that the page covers in part is no dark line. */
    private static void papered(ComposedPage page, BufferedImage image) {
        page.drawing().only(k -> k == LayerKind.PAPER).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Fill.class::isInstance)
                .map(Mark.Fill.class::cast)
                .findFirst()
                .ifPresent(paper -> {
                    var g = image.createGraphics();
                    g.setColor(new Color(paper.ink().rgb()));
                    g.fillRect(0, 0, image.getWidth(), image.getHeight());
                    g.dispose();
                });
    }

    static void write(ComposedPage page, Png png, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        progress.at(0.1);
        var image = unweighed(image(page, png));
        progress.at(0.6);
        var file = ImageFile.of(ImageIO.getImageWritersByFormatName("png").next(), image);
        var metadata = file.metadata();
        var root = new IIOMetadataNode("javax_imageio_png_1.0");
        var physical = new IIOMetadataNode("pHYs");
        var perMetre = Long.toString(Math.round(png.dpi() / Length.MM_PER_INCH * 1000));
        physical.setAttribute("pixelsPerUnitXAxis", perMetre);
        physical.setAttribute("pixelsPerUnitYAxis", perMetre);
        physical.setAttribute("unitSpecifier", "meter");
        root.appendChild(physical);
        metadata.mergeTree("javax_imageio_png_1.0", root);
        file.write(metadata, out);
        progress.at(1);
    }
}
