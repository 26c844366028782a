package honeylamp.output;

import java.awt.Point;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.RenderedImage;
import java.awt.image.SampleModel;
import java.awt.image.WritableRaster;
import java.util.List;
import java.util.Optional;
import java.util.Vector;
import org.jspecify.annotations.Nullable;

/**
 * A picture that is painted band by band as somebody asks for its rows. Only the band asked for last is remembered, so rows
 * are asked for from top to bottom, by one thread.
 */
final class BandedImage implements RenderedImage {
    /** So many rows are painted at a time. */
    private static final int BAND_PX = 512;

    /** Paints rows. */
    interface Painter {
        /** So many rows from a row on, of the type of the whole. */
        BufferedImage rows(int top, int high);
    }

    private record Band(int index, BufferedImage pixels) {}

    private final int width;
    private final int height;
    private final Painter painter;
    private final ColorModel colours;
    private final SampleModel samples;
    private Optional<Band> last = Optional.empty();

    BandedImage(int width, int height, int type, Painter painter) {
        this.width = width;
        this.height = height;
        this.painter = painter;
        var small = new BufferedImage(1, 1, type);
        this.colours = small.getColorModel();
        this.samples = small.getSampleModel().createCompatibleSampleModel(width, BAND_PX);
    }

    private BufferedImage band(int index) {
        if (last.filter(b -> b.index == index).isEmpty()) {
            last = Optional.empty(); // let go of the one before, so that never two are held
            var top = index * BAND_PX;
            last = Optional.of(new Band(index, painter.rows(top, Math.min(BAND_PX, height - top))));
        }
        return last.orElseThrow().pixels;
    }

    @Override
    public Raster getData(Rectangle part) {
        var out = Raster.createWritableRaster(
                samples.createCompatibleSampleModel(part.width, part.height), new Point(part.x, part.y));
        return copyData(out);
    }

    @Override
    public WritableRaster copyData(@Nullable WritableRaster raster) {
        var into = raster == null
                ? Raster.createWritableRaster(samples.createCompatibleSampleModel(width, height), new Point(0, 0))
                : raster;
        var asked = into.getBounds().intersection(new Rectangle(0, 0, width, height));
        for (var index = asked.y / BAND_PX; index * BAND_PX < asked.y + asked.height; index++) {
            var top = index * BAND_PX;
            var rows = new Rectangle(0, top, width, Math.min(BAND_PX, height - top)).intersection(asked);
            var from = band(index)
                    .getRaster()
                    .createChild(rows.x, rows.y - top, rows.width, rows.height, rows.x, rows.y, null);
            into.setRect(from);
        }
        return into;
    }

    @Override
    public Raster getData() {
        return copyData(null);
    }

    @Override
    public Raster getTile(int across, int down) {
        return getData(new Rectangle(0, down * BAND_PX, width, Math.min(BAND_PX, height - down * BAND_PX)));
    }

    @Override
    public Vector<RenderedImage> getSources() {
        return new Vector<>(List.of());
    }

    @Override
    public Object getProperty(String name) {
        return java.awt.Image.UndefinedProperty;
    }

    @Override
    public String[] getPropertyNames() {
        return new String[0];
    }

    @Override
    public ColorModel getColorModel() {
        return colours;
    }

    @Override
    public SampleModel getSampleModel() {
        return samples;
    }

    @Override
    public int getWidth() {
        return width;
    }

    @Override
    public int getHeight() {
        return height;
    }

    @Override
    public int getMinX() {
        return 0;
    }

    @Override
    public int getMinY() {
        return 0;
    }

    @Override
    public int getNumXTiles() {
        return 1;
    }

    @Override
    public int getNumYTiles() {
        return Math.ceilDiv(height, BAND_PX);
    }

    @Override
    public int getMinTileX() {
        return 0;
    }

    @Override
    public int getMinTileY() {
        return 0;
    }

    @Override
    public int getTileWidth() {
        return width;
    }

    @Override
    public int getTileHeight() {
        return BAND_PX;
    }

    @Override
    public int getTileGridXOffset() {
        return 0;
    }

    @Override
    public int getTileGridYOffset() {
        return 0;
    }
}
