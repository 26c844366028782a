package honeylamp.drawing.ink;

import java.util.Optional;
import java.util.Spliterator;
import java.util.Spliterators;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Chooses what reads a picture file. */
public final class PictureReaders {
    /** Comes with the writer of WebP; its decoder is years behind the one we read with. */
    private static final String NOT_FROM = "com.luciad.";

    private PictureReaders() {}

    /** The reader of a file; empty if none knows it. */
    public static Optional<ImageReader> of(ImageInputStream in) {
        var all = Spliterators.spliteratorUnknownSize(ImageIO.getImageReaders(in), Spliterator.ORDERED);
        return StreamSupport.stream(all, false)
                .filter(r -> !r.getClass().getName().startsWith(NOT_FROM))
                .findFirst();
    }
}
