package honeylamp.underlay;

import java.awt.image.BufferedImage;

/** A picture to trace, ready to be shown and read. */
public final class TracedPicture {
    private final Pyramid pyramid;
    private final PaperTone paper;

    private TracedPicture(Pyramid pyramid) {
        this.pyramid = pyramid;
        this.paper = PaperTone.of(pyramid);
    }

    /** The picture of a pyramid. */
    public static TracedPicture of(Pyramid pyramid) {
        return new TracedPicture(pyramid);
    }

    /** The picture of an image in memory. */
    public static TracedPicture of(BufferedImage image) {
        return of(Pyramid.of(image));
    }

    /** Its sizes. */
    public Pyramid pyramid() {
        return pyramid;
    }

    PaperTone paper() {
        return paper;
    }
}
