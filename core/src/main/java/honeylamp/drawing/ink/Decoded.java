package honeylamp.drawing.ink;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Unpacks small pictures. */
public final class Decoded {
    private static final Logger LOG = LoggerFactory.getLogger(Decoded.class);

    private Decoded() {}

    /**
     * The pixels of a picture file.
     *
     * @param mostPx no side may have more
     * @return empty if it is no picture, or larger
     */
    public static Optional<Pixels> of(byte[] bytes, int mostPx) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var known = PictureReaders.of(in);
            if (known.isEmpty()) {
                return Optional.empty();
            }
            var reader = known.get();
            try {
                reader.setInput(in);
                var w = reader.getWidth(0);
                var h = reader.getHeight(0);
                return w > mostPx || h > mostPx
                        ? Optional.empty()
                        : Optional.of(new Pixels(w, h, reader.read(0).getRGB(0, 0, w, h, null, 0, w)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) { // readers trip over broken tables in every way there is
            LOG.warn("a small picture cannot be read", e);
            return Optional.empty();
        }
    }
}
