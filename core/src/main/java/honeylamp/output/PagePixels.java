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
import java.awt.image.RenderedImage;
import java.util.Optional;

/** Pages as pixels. */
final class PagePixels {
    /** The most pixels a page may have at once: A3 at 600 dpi and a little. */
    static final long MOST_PIXELS = 80_000_000;

    /** The most a page may have that is painted band by band: A0 at 300 dpi and a little. */
    static final long MOST_IN_BANDS = 150_000_000;

    /** A page in fewer pixels is painted at once. */
    private static final long BANDS_FROM = 20_000_000;

    /** Paper darker than this, of 255, is drawn on with light ink. */
    private static final double DARK = 110;

    private final ComposedPage page;
    private final Backing backing;
    private final double perMm;
    private final int width;
    private final int height;
    private final BoundedDrawing drawing;

    private PagePixels(ComposedPage page, Png png, long most) {
        var dpi = png.dpi();
        this.page = page;
        this.backing = png.backing();
        this.perMm = dpi / Length.MM_PER_INCH;
        var wide = Math.round(page.widthMm() * perMm);
        var high = Math.round(page.heightMm() * perMm);
        if (wide * high > most) {
            throw new IllegalArgumentException(tooMany(page, dpi, most));
        }
        if (!(dpi > 0) || wide < 1 || high < 1) {
            throw new IllegalArgumentException("a page of " + page.widthMm() + " x " + page.heightMm() + " mm at " + dpi
                    + " dpi has no sensible number of pixels; choose from 30 to 600 dpi");
        }
        if (backing == Backing.WHITE && isDark(paper(page))) {
            throw new IllegalArgumentException(
                    "this look draws with light ink on dark paper, and on white nothing would be seen of it; keep its paper, or take another look");
        }
        this.width = (int) wide;
        this.height = (int) high;
        this.drawing = BoundedDrawing.of(
                switch (backing) {
                    case PAPER -> page.drawing();
                    case CLEAR -> page.drawing().only(k -> k != LayerKind.PAPER);
                    case WHITE -> page.drawing().only(k -> k != LayerKind.PAPER && k != LayerKind.TOOTH);
                });
    }

    /**
     * A page as pixels, all at once.
     *
     * @throws IllegalArgumentException if it would have more than 80 million pixels, or none, or light lines on white
     */
    static BufferedImage of(ComposedPage page, Png png) {
        return new PagePixels(page, png, MOST_PIXELS).whole();
    }

    /**
     * A page as pixels for a file that is written from top to bottom: a large one is painted band by band as the writer asks
     * for it, so that it never is in memory as a whole.
     *
     * @throws IllegalArgumentException if it would have more than 150 million pixels, or none, or light lines on white
     */
    static RenderedImage inBands(ComposedPage page, Png png) {
        var pixels = new PagePixels(page, png, MOST_IN_BANDS);
        return (long) pixels.width * pixels.height < BANDS_FROM
                ? unweighed(pixels.whole())
                : new BandedImage(pixels.width, pixels.height, pixels.type(), pixels::band);
    }

    private int type() {
        return backing == Backing.CLEAR ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
    }

    private BufferedImage whole() {
        return painted(0, height);
    }

    private BufferedImage band(int top, int high) {
        return unweighed(painted(top, high));
    }

    private BufferedImage painted(int top, int high) {
        var clear = backing == Backing.CLEAR;
        var image =
                new BufferedImage(width, high, clear ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB);
        if (!clear) {
            // everywhere, so that a last row of pixels that the page covers in part is no dark line
            var g = image.createGraphics();
            g.setColor(backing == Backing.WHITE ? Color.WHITE : paper(page).orElse(Color.WHITE));
            g.fillRect(0, 0, width, high);
            g.dispose();
        }
        RasterPainter.paint(drawing, image, Affine.scale(perMm, perMm).then(Affine.move(0, -top)));
        return image;
    }

    private static Optional<Color> paper(ComposedPage page) {
        return page.drawing().only(k -> k == LayerKind.PAPER).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Fill.class::isInstance)
                .map(m -> new Color(((Mark.Fill) m).ink().rgb()))
                .findFirst();
    }

    private static boolean isDark(Optional<Color> paper) {
        return paper.filter(c -> (c.getRed() + c.getGreen() + c.getBlue()) / 3.0 < DARK)
                .isPresent();
    }

    private static String tooMany(ComposedPage page, double dpi, long mostPixels) {
        var squareInches = page.widthMm() * page.heightMm() / Length.MM_PER_INCH / Length.MM_PER_INCH;
        var most = Math.floor(Math.sqrt(mostPixels / squareInches));
        var longest = Math.max(page.widthMm(), page.heightMm()) / Length.MM_PER_INCH;
        return "a page of " + Math.round(page.widthMm()) + " x " + Math.round(page.heightMm()) + " mm at "
                + Math.round(dpi) + " dpi has more than " + mostPixels / 1_000_000
                + " million pixels; choose at most " + Math.round(most) + " dpi, or "
                + Math.round(Math.floor(most * longest)) + " pixels along its longest side"
                + (mostPixels < MOST_IN_BANDS ? ", or write a PNG or TIFF" : "");
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
}
