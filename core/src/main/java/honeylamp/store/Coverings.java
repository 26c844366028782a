package honeylamp.store;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.raised.BodyColours;
import honeylamp.output.FlatPainting;
import java.io.IOException;
import java.util.Optional;

/** Pictures of what covers facets, to be laid on them. */
final class Coverings {
    /** No picture has a longer side. */
    private static final int MOST_PX = 1024;

    /** Finer than this nobody looks at a floor, in mm to a pixel. */
    private static final double FINEST_MM = 2.5;

    /** Smaller surfaces show their mean tone. */
    private static final double LEAST_MM2 = 40_000;

    private static final float QUALITY = 0.88f;

    private final FlatPainting painting;

    Coverings(BodyColours colours) {
        this.painting = new FlatPainting(colours, FINEST_MM, MOST_PX, LEAST_MM2);
    }

    /**
     * A picture over the box around a facet.
     *
     * @param box in the frame of the facet
     */
    record Covering(byte[] jpeg, Box box) {
        /** Where a point of the facet lies in the picture, from 0 to 1, down from its upper left corner. */
        Point at(Point p) {
            return new Point((p.x() - box.minX()) / box.width(), (box.maxY() - p.y()) / box.height());
        }
    }

    /** The picture of what covers a facet; empty if it is plain or small. */
    Optional<Covering> of(Body body, Facet facet) throws IOException {
        var image = painting.of(body, facet);
        return image.isEmpty()
                ? Optional.empty()
                : Optional.of(new Covering(
                        JpegBytes.of(image.get(), QUALITY), facet.outline().bounds()));
    }
}
