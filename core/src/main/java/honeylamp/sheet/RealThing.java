package honeylamp.sheet;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.plan.SmallPicture;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A picture of a real thing on a page. */
final class RealThing {
    private static final Logger LOG = LoggerFactory.getLogger(RealThing.class);

    private RealThing() {}

    /** The picture as large as a box holds, in its middle; nothing if it is none. */
    static Optional<Mark> in(Box box, SmallPicture picture) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture.bytes()))) {
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            var reader = readers.next();
            try {
                reader.setInput(in);
                var w = reader.getWidth(0);
                var h = reader.getHeight(0);
                if (w > SmallPicture.MOST_PX || h > SmallPicture.MOST_PX) {
                    return Optional.empty();
                }
                var pixels = new Pixels(w, h, reader.read(0).getRGB(0, 0, w, h, null, 0, w));
                var scale = Math.min(box.width() / w, box.height() / h) / 2;
                var middle = box.centre();
                return Optional.of(new Mark.Image(
                        pixels,
                        new Box(
                                middle.x() - w * scale,
                                middle.y() - h * scale,
                                middle.x() + w * scale,
                                middle.y() + h * scale)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) { // readers trip over broken tables in every way there is
            LOG.warn("the picture of a piece cannot be read", e);
            return Optional.empty();
        }
    }
}
